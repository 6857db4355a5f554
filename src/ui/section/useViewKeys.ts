"use client";

import { useEffect } from "react";
import { VIEWS, type View } from "./frame";

/** `[` and `]` step through the views of the section. */
export function useViewKeys(view: View, onView: (view: View) => void): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const typing = event.target instanceof HTMLElement && ["INPUT", "TEXTAREA"].includes(event.target.tagName);
      const by = event.key === "]" ? 1 : event.key === "[" ? -1 : 0;
      const next = VIEWS[(VIEWS.indexOf(view) + by + VIEWS.length) % VIEWS.length];
      if (!typing && by !== 0 && next) onView(next);
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [view, onView]);
}
