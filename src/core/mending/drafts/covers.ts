import type { Assessed } from "../../findings";
import type { Command } from "../../habitat";

/** A top with mesh or open: it can be covered, and uncovered. A pane cannot. */
export const hasOpenTop = ({ habitat }: Pick<Assessed, "habitat">): boolean => habitat.shell.top.lid !== "glass";

/** So much of an open top covered, as panes are cut: over a lamp mesh has to be left. Ours. */
const COVERS_PCT = [0, 25, 50, 75, 90];

export type Cover = { coveredPct: number; commands: readonly Command[] };
const cover = (coveredPct: number): Cover => ({ coveredPct, commands: [{ name: "setTop", args: { coveredPct } }] });

/** Ever more of the top covered, from what is. */
export const moreCover = (assessed: Pick<Assessed, "habitat">): Cover[] =>
  hasOpenTop(assessed)
    ? COVERS_PCT.filter((pct) => pct > assessed.habitat.shell.top.coveredPct).map((pct) => cover(pct))
    : [];

/** Ever less of it. */
export const lessCover = (assessed: Pick<Assessed, "habitat">): Cover[] =>
  hasOpenTop(assessed)
    ? COVERS_PCT.toReversed()
        .filter((pct) => pct < assessed.habitat.shell.top.coveredPct)
        .map((pct) => cover(pct))
    : [];

/** A pane taken for mesh, no more open than it must be. */
export const meshInstead = (assessed: Pick<Assessed, "habitat">): Cover[] =>
  hasOpenTop(assessed)
    ? []
    : COVERS_PCT.toReversed().map((coveredPct) => ({
        coveredPct,
        commands: [{ name: "setTop", args: { lid: "mesh", coveredPct } }],
      }));
