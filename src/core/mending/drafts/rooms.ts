import type { Assessed } from "../../findings";
import type { Command } from "../../habitat";
import { alone, type Mender } from "../mender";
import type { MendableCode, MendQuantities } from "../quantities";
import { isTold, triedOut } from "../trial";
import { baskingMended, uvMended } from "./lamps";
import { warmed } from "./warming";

type Way = "warmer" | "cooler";

/** A room is kept up to so many degrees warmer or cooler; more than that is another house. */
const MOST_C = 10;
/** Where the room alone is not enough, these are tried with what else it takes, and so many ways in each. */
const TOGETHER_C = [3, 6] as const;
const WAYS_IN_EACH = 2;

const kept = (temperatureC: number): Command => ({ name: "setRoom", args: { temperatureC } });

/** The room in whole degrees, so many on its way. */
function stepped({ habitat }: Assessed, way: Way, byC: number): number {
  const { temperatureC } = habitat.brief.room;
  return way === "warmer" ? Math.floor(temperatureC) + byC : Math.ceil(temperatureC) - byC;
}

type Told<C extends MendableCode> = {
  byItself: (roomC: number) => MendQuantities[C];
  /** What else is done in that room, where it is not enough by itself. */
  further?: {
    mender: Mender<C>;
    /** How the two together are told; nothing where they are no mend to offer. */
    told: (quantities: MendQuantities[C], roomC: number) => MendQuantities[C] | undefined;
  };
};

/**
 * Where nothing in the box mends a finding, the room it stands in might: by itself, the least that is enough; else
 * together with what mends the finding in that room.
 */
function inOtherRoom<C extends MendableCode>(way: Way, { byItself, further }: Told<C>): Mender<C>[] {
  const byRoom: Mender<C> = (finding, assessed) => {
    for (let byC = 1; byC <= MOST_C; byC += 1) {
      const roomC = stepped(assessed, way, byC);
      const after = triedOut(assessed, [kept(roomC)]);
      if (after && !isTold(finding, after)) return alone(byItself(roomC), kept(roomC));
    }
    return [];
  };
  const together = TOGETHER_C.map((byC): Mender<C> => (finding, assessed) => {
    const roomC = stepped(assessed, way, byC);
    const after = further && triedOut(assessed, [kept(roomC)]);
    if (!after) return [];
    const ways = further.mender(finding, after).flatMap(({ commands, quantities }) => {
      const both = further.told(quantities, roomC);
      return both ? alone(both, kept(roomC), ...commands) : [];
    });
    return ways.slice(0, WAYS_IN_EACH);
  });
  return [byRoom, ...together];
}

const roomIs = (roomC: number) => ({ roomC, variant: "room" as const });
const hungThere = (quantities: MendQuantities["uvOff"] | MendQuantities["baskingOff"], roomC: number) =>
  quantities.variant === "hang" ? { ...quantities, roomC, variant: "roomHang" as const } : undefined;

/** Asked last, and never added to the mend of something else. */
export const roomMenders = {
  roomTooHot: inOtherRoom<"roomTooHot">("cooler", { byItself: (roomC) => ({ roomC }) }),
  tooHot: inOtherRoom<"tooHot">("cooler", { byItself: roomIs }),
  tooCold: inOtherRoom<"tooCold">("warmer", {
    byItself: roomIs,
    further: {
      mender: warmed,
      told: (quantities, roomC) => {
        if (quantities.variant === "heater") return { ...quantities, roomC, variant: "roomHeater" };
        return quantities.variant === "heaters" ? { ...quantities, roomC, variant: "roomHeaters" } : undefined;
      },
    },
  }),
  // A lamp warms: where a box is at its limit, one more may hang in a cooler room.
  baskingOff: inOtherRoom<"baskingOff">("cooler", {
    byItself: roomIs,
    further: { mender: baskingMended, told: hungThere },
  }),
  uvOff: inOtherRoom<"uvOff">("cooler", { byItself: roomIs, further: { mender: uvMended, told: hungThere } }),
};
