"use client";

import Button from "@mui/material/Button";
import Link from "next/link";
import type { ReactNode } from "react";
import { useSay } from "@/words";
import css from "./Shelf.module.css";

/** An empty shelf says what to do first, and offers what was set aside. */
export function Emptiness({ aside }: { aside: ReactNode }) {
  const say = useSay();
  return (
    <main id="work" className={css.empty}>
      <svg width="340" height="150" viewBox="0 0 340 150" aria-hidden>
        <g fill="none" stroke="var(--soft)" strokeWidth="2" strokeDasharray="6 6">
          <rect x="30" y="22" width="120" height="100" />
          <rect x="190" y="52" width="120" height="70" />
        </g>
        <rect x="0" y="124" width="340" height="10" fill="var(--plank)" />
        <rect x="0" y="134" width="340" height="3" fill="var(--plank-edge)" />
      </svg>
      <h1>{say("shelf:emptyTitle")}</h1>
      <p>{say("shelf:emptyHelp")}</p>
      <Button size="large" component={Link} href="/start">
        {say("shelf:start")}
      </Button>
      <p className={css.demo}>
        <Link href="/demo">{say("shelf:demo")}</Link>
        <span>{say("shelf:demoHelp")}</span>
      </p>
      <p className={css.demo}>
        <Link href="/backup">{say("shelf:backup.restore")}</Link>
      </p>
      {aside}
    </main>
  );
}
