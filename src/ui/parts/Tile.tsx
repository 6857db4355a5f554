import type { ReactNode } from "react";
import css from "./Tile.module.css";

/** Key figures: two in a row in a ledger, as many as there are under the section. */
export const Tiles = ({ children, strip = false }: { children: ReactNode; strip?: boolean }) => (
  <dl className={css.tiles} data-strip={strip}>
    {children}
  </dl>
);

/** One key figure: what it is, the figure large, its unit and what it is held against. */
export function Tile({
  label,
  figure,
  unit,
  note,
  tone,
}: {
  label: string;
  figure: string;
  unit?: string | undefined;
  note?: string | undefined;
  tone?: "harm" | "look" | undefined;
}) {
  return (
    <div className={css.tile} data-tone={tone}>
      <dt>{label}</dt>
      <dd className="measure">
        <b>{figure}</b> {unit ? <span className={css.unit}>{unit}</span> : null}
        {note ? <span className={css.note}>{note}</span> : null}
      </dd>
    </div>
  );
}
