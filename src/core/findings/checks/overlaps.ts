import { throughShare } from "../../placing";
import type { Solid } from "../../strata";
import type { Check, Found } from "../types";

const isColumn = ({ kind }: Solid): boolean => kind.roles.includes("column");

/** Pieces that stand through one another, or in the column the water is drawn from. The later one is named. */
export const checkOverlaps: Check = ({ ground }) => {
  const pieces = ground.solids.filter(({ piece }) => piece !== undefined);
  return pieces.flatMap((one, at): Found[] => {
    const others = pieces.slice(0, at);
    const other = others.find((before) => throughShare(one, before) > 0);
    if (!other) return [];
    // A column stays where the pump is: what stands in it goes.
    const [moves, stays] = isColumn(one) ? [other, one] : [one, other];
    const quantities = {
      kindId: moves.kind.id,
      otherKindId: stays.kind.id,
      sharePct: throughShare(one, other) * 100,
      variant: isColumn(stays) ? "column" : "through",
    } as const;
    return [{ code: "pieceOverlaps", about: moves.id, weight: "look", step: "shell", quantities }];
  });
};
