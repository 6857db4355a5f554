import { BUYABLE, type Buyable } from "./bins";
import { covers } from "./covers";
import { standsIn } from "./interchange";
import type { Need } from "./needs";

/** One thing wanted, in its own unit: litres, pieces, centimetres, or sheets cut to size. */
export type Want = { need: Need; shelf: Buyable; amount: number; accepts: readonly string[] };

const isBuyable = (shelf: string): shelf is Buyable => BUYABLE.some((known) => known === shelf);

/**
 * Needs as wants that the pack choice can be asked for.
 *
 * @param swaps whether what stands in for a thing may be taken for it
 */
export const wantsOf = (needs: readonly Need[], swaps: boolean): Want[] =>
  needs.flatMap((need): Want[] => {
    if (!isBuyable(need.shelf)) return [];
    const amount = need.amount.kind === "sheet" ? 1 : covers(need.amount, need.amount);
    return [{ need, shelf: need.shelf, amount, accepts: swaps ? standsIn(need.shelf, need.id) : [need.id] }];
  });

/** Whether a want would take a thing. */
export const takes = (want: Want, thing: { shelf: Buyable; itemId: string }): boolean =>
  want.shelf === thing.shelf && want.accepts.includes(thing.itemId);
