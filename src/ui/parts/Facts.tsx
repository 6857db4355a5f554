import type { ReactNode } from "react";
import css from "./Facts.module.css";

/** Plain facts in rows: label left, figure right. */
export const Facts = ({ children }: { children: ReactNode }) => <dl className={css.facts}>{children}</dl>;

/** One fact; `plain` for words rather than figures. */
export function Fact({ label, children, plain = false }: { label: string; children: ReactNode; plain?: boolean }) {
  return (
    <div className={css.fact}>
      <dt>{label}</dt>
      <dd className={plain ? undefined : "measure"}>{children}</dd>
    </div>
  );
}
