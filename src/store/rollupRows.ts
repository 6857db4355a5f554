import type { TimeZone } from "@/core/units";
import { ROLLUP_STEPS, rollup, type Rollup, type SampleBlock } from "@/core/log";

/** A roll-up with the habitat it belongs to, as it is stored. */
export type RollupRow = Rollup & { habitatId: string };

/** The roll-ups of a block, as they are stored beside it. */
export const rollupsOf = (habitatId: string, block: SampleBlock, zone: TimeZone): RollupRow[] =>
  ROLLUP_STEPS.map((step) => ({ ...rollup(block, step, zone), habitatId }));
