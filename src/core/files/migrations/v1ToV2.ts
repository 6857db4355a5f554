import { under } from "../../under";
import type { Migration } from "./migration";

const TOPS: Record<string, { lid: string; coveredPct: number }> = {
  mesh: { lid: "mesh", coveredPct: 0 },
  halfCovered: { lid: "mesh", coveredPct: 50 },
  glass: { lid: "glass", coveredPct: 0 },
};

/**
 * Version 2 tells what the box is built of, its floor, its openings, and its top by lid and cover; version 1 knew plain
 * glass boxes only.
 */
export const v1ToV2: Migration = (document) => {
  const shell =
    typeof document.shell === "object" && document.shell !== null ? (document.shell as Record<string, unknown>) : {};
  const top = under(TOPS, shell.top);
  return {
    ...document,
    shell: {
      ...shell,
      buildId: "glass",
      wallMm: 5,
      floor: { shape: "rectangle" },
      top: top ?? shell.top,
      openings: [],
    },
  };
};
