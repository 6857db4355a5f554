"use client";

import type { ReactNode } from "react";
import type { UnitSystem } from "@/core/units";
import { AppHeader } from "./AppHeader";

/** A page that has only something to say, and ways on. */
export function PlainPage({ onUnits, children }: { onUnits: (system: UnitSystem) => void; children: ReactNode }) {
  return (
    <>
      <AppHeader onUnits={onUnits} />
      <main id="work" style={{ padding: 32, display: "grid", gap: 16, justifyItems: "start", maxWidth: 560 }}>
        {children}
      </main>
    </>
  );
}
