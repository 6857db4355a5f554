import type { SheetPart, SheetPlan } from "@/core/files";
import css from "./Sheets.module.css";

/** A part of a sheet: rows with what is said of them in small, and their figures. */
export const SheetRows = ({ part: { title, rows, plan } }: { part: SheetPart }) => (
  <section>
    <h3>{title}</h3>
    {plan ? <Floor plan={plan} /> : null}
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

const FLOOR_PX = 300;

/** The floor from above, front below, with what stands on it by its number. */
function Floor({ plan: { outline, marks } }: { plan: SheetPlan }) {
  const wide = Math.max(...outline.map(([x]) => x));
  const deep = Math.max(...outline.map(([, y]) => y));
  const scale = FLOOR_PX / wide;
  const x = (cm: number) => cm * scale + 2;
  const y = (cm: number) => (deep - cm) * scale + 2;
  return (
    <svg className={css.floor} width={wide * scale + 4} height={deep * scale + 4} aria-hidden>
      <polygon points={outline.map(([a, b]) => `${x(a)},${y(b)}`).join(" ")} />
      {marks.map(({ xCm, yCm, radiusCm, label }) => (
        <g key={label}>
          <circle cx={x(xCm)} cy={y(yCm)} r={Math.max(8, radiusCm * scale)} />
          <text x={x(xCm)} y={y(yCm) + 4}>
            {label}
          </text>
        </g>
      ))}
    </svg>
  );
}
