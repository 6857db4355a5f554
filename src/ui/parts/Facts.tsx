import type { ReactNode } from "react";
import css from "./Facts.module.css";

/** Plain facts in rows: label left, figure right. */
export const Facts = ({ children }: { children: ReactNode }) => <dl className={css.facts}>{children}</dl>;

export function Fact({ label, children }: { label: string; children: ReactNode }) {
  return (
    <div className={css.fact}>
      <dt>{label}</dt>
      <dd className="measure">{children}</dd>
    </div>
  );
}
