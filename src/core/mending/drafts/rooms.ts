import type { Assessed } from "../../findings";
import type { Command } from "../../habitat";
import { alone, type Mender, type Menders } from "../mender";
import type { MendableCode, MendQuantities } from "../quantities";
import { isTold, triedOut } from "../trial";

type Way = "warmer" | "cooler";

/** A room is kept so many degrees warmer or cooler, the least first; more than that is another house. */
const STEPS_C = [1, 2, 3, 4, 6, 8, 10] as const;

const kept = (temperatureC: number): Command => ({ name: "setRoom", args: { temperatureC } });

/** The room in whole degrees, a step on its way. */
function stepped({ habitat }: Assessed, way: Way, stepC: number): number {
  const { temperatureC } = habitat.brief.room;
  return way === "warmer" ? Math.floor(temperatureC) + stepC : Math.ceil(temperatureC) - stepC;
}

type Further<C extends MendableCode> = {
  /** What else is done in that room, where it is not enough by itself. */
  mender: Mender<C>;
  /** How the two together are told; nothing where they are no mend to offer. */
  told: (quantities: MendQuantities[C], roomC: number) => MendQuantities[C] | undefined;
};

/**
 * Where nothing in the box mends a finding, the room it stands in might: a round for each degree, so that the least is
 * offered. What the room alone does not mend is mended in that room.
 *
 * @param byItself how the room alone is told
 */
export function inOtherRoom<C extends MendableCode>(
  way: Way,
  byItself: (roomC: number) => MendQuantities[C],
  further?: Further<C>,
): Mender<C>[] {
  return STEPS_C.map((stepC): Mender<C> => (finding, assessed) => {
    const roomC = stepped(assessed, way, stepC);
    const after = triedOut(assessed, [kept(roomC)]);
    if (!after) return [];
    if (!isTold(finding, after)) return alone(byItself(roomC), kept(roomC));
    if (!further) return [];
    return further.mender(finding, after).flatMap(({ commands, quantities }) => {
      const both = further.told(quantities, roomC);
      return both ? alone(both, kept(roomC), ...commands) : [];
    });
  });
}

export const roomMenders = {
  roomTooHot: inOtherRoom<"roomTooHot">("cooler", (roomC) => ({ roomC })),
} satisfies Pick<Menders, "roomTooHot">;
