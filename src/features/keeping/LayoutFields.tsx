"use client";

import type { ColumnUse, Layout } from "@/core/files/readingTable";
import { measurableOf, type SeriesId } from "@/core/log";
import { useSay } from "@/words";
import css from "./FromFile.module.css";
import { SeriesOptions } from "./SeriesOptions";

type Props = { layout: Layout; rows: readonly string[][]; onLayout: (layout: Layout) => void };

const DELIMITERS = [",", ";", "\t", "|"] as const;
const ORDERS = ["ymd", "dmy", "mdy"] as const;
/** Minutes ahead of UTC, every full hour there is. */
const ZONES = Array.from({ length: 27 }, (_, at) => (at - 12) * 60);

const nameOfUse = (use: ColumnUse): string => (use === null ? "" : use.as === "value" ? use.series : use.as);

/** How a table is read: its marks and days above, what each column holds over the first rows. */
export function LayoutFields({ layout, rows, onLayout }: Props) {
  const say = useSay();
  const setColumn = (at: number, use: ColumnUse) =>
    onLayout({ ...layout, columns: layout.columns.map((one, n) => (n === at ? use : one)) });
  const choose = (at: number, value: string) => {
    if (value === "") return setColumn(at, null);
    if (value === "time" || value === "date" || value === "clock") return setColumn(at, { as: value });
    const before = layout.columns[at];
    return setColumn(at, {
      as: "value",
      series: value as SeriesId,
      isFahrenheit: before?.as === "value" && before.isFahrenheit,
    });
  };
  return (
    <>
      <div className={css.marks}>
        <label>
          <span>{say("journal:file.delimiter")}</span>
          <select value={layout.delimiter} onChange={({ target }) => onLayout({ ...layout, delimiter: target.value })}>
            {DELIMITERS.map((mark) => (
              <option key={mark} value={mark}>
                {mark === "\t" ? say("journal:file.tab") : mark}
              </option>
            ))}
          </select>
        </label>
        <label>
          <span>{say("journal:file.decimal")}</span>
          <select
            value={layout.decimal}
            onChange={({ target }) => onLayout({ ...layout, decimal: target.value === "," ? "," : "." })}
          >
            <option value=".">21.5</option>
            <option value=",">21,5</option>
          </select>
        </label>
        <label>
          <span>{say("journal:file.dateOrder")}</span>
          <select
            value={layout.dateOrder}
            onChange={({ target }) => onLayout({ ...layout, dateOrder: target.value as Layout["dateOrder"] })}
          >
            {ORDERS.map((order) => (
              <option key={order} value={order}>
                {say(`journal:file.orders.${order}`)}
              </option>
            ))}
          </select>
        </label>
        <label>
          <span>{say("journal:file.zone")}</span>
          <select
            value={String(layout.zone)}
            onChange={({ target }) =>
              onLayout({ ...layout, zone: target.value === "here" ? "here" : Number(target.value) })
            }
          >
            <option value="here">{say("journal:file.here")}</option>
            {ZONES.map((minutes) => (
              <option key={minutes} value={minutes}>
                {`UTC${minutes < 0 ? "−" : "+"}${Math.abs(minutes) / 60}`}
              </option>
            ))}
          </select>
        </label>
      </div>
      <div className={css.scroll}>
        <table>
          <thead>
            <tr>
              {layout.columns.map((use, at) => (
                <th key={at} scope="col">
                  <select
                    aria-label={say("journal:file.column", { column: rows[layout.headRows - 1]?.[at] ?? `${at + 1}` })}
                    value={nameOfUse(use)}
                    onChange={({ target }) => choose(at, target.value)}
                  >
                    <option value="">{say("journal:file.leave")}</option>
                    {(["time", "date", "clock"] as const).map((as) => (
                      <option key={as} value={as}>
                        {say(`journal:file.as.${as}`)}
                      </option>
                    ))}
                    <SeriesOptions />
                  </select>
                  {use?.as === "value" && measurableOf(use.series) === "temperatureC" ? (
                    <label className={css.unit}>
                      <input
                        type="checkbox"
                        checked={use.isFahrenheit}
                        onChange={({ target }) => setColumn(at, { ...use, isFahrenheit: target.checked })}
                      />
                      {say("journal:file.fahrenheit")}
                    </label>
                  ) : null}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map((cells, row) => (
              <tr key={row} data-head={row < layout.headRows}>
                {layout.columns.map((_, at) => (
                  <td key={at} className="measure">
                    {cells[at] ?? ""}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </>
  );
}
