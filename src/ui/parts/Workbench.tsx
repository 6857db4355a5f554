import type { ReactNode } from "react";
import css from "./Workbench.module.css";

type Props = {
  middle: ReactNode;
  ledger: ReactNode;
  label: string;
  /** On a phone the ledger stands above: where there is more to do than to look at. */
  ledgerFirst?: boolean;
};

/** The two halves of a step: what is worked on in the middle, its figures on the right. */
export function Workbench({ middle, ledger, label, ledgerFirst = false }: Props) {
  const right = (
    <aside className={css.ledger} data-first={ledgerFirst} aria-label={label} tabIndex={0}>
      {ledger}
    </aside>
  );
  return (
    <>
      {ledgerFirst ? right : null}
      <main id="work" tabIndex={-1} className={css.middle}>
        {middle}
      </main>
      {ledgerFirst ? null : right}
    </>
  );
}

/** Heading of a ledger: what it is, and one line on how to read it. */
export function LedgerHead({ title, sub, children }: { title: string; sub: string; children?: ReactNode }) {
  return (
    <div className={css.head}>
      <div>
        <h1>{title}</h1>
        <p>{sub}</p>
      </div>
      {children}
    </div>
  );
}

export const LedgerPart = ({ title, children }: { title: string; children: ReactNode }) => (
  <section className={css.part}>
    <h2>{title}</h2>
    {children}
  </section>
);
