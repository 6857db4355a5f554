import type { SheetPart } from "@/core/files";
import css from "./Sheets.module.css";

/** A part of a sheet: rows with what is said of them in small, and their figures. */
export const SheetRows = ({ part: { title, rows } }: { part: SheetPart }) => (
  <section>
    <h3>{title}</h3>
    <table className={css.table}>
      <tbody>
        {rows.map(({ text, bold, small, figures = [] }, at) => (
          <tr key={at}>
            <th scope="row">
              {bold ? <b>{text}</b> : text}
              {small ? <small>{small}</small> : null}
            </th>
            {figures.map((figure, nth) => (
              <td key={nth} className="measure">
                {figure}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  </section>
);
