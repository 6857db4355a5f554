import type { Design, GearPiece } from "../habitat";
import { wattsOf } from "./sizes";
import type { Fitted } from "./fitted";

const THERMOSTATS: readonly string[] = ["onOffThermostat", "dimmingThermostat", "pulseThermostat"];
export const isThermostat = ({ kindId }: Pick<GearPiece, "kindId">): boolean => THERMOSTATS.includes(kindId);
export const isResidualGuard = ({ kindId }: Pick<GearPiece, "kindId">): boolean => kindId === "residualCurrentDevice";

const PLUGGED_INTO: readonly string[] = [
  ...THERMOSTATS,
  "humidistat",
  "timerPlug",
  "secondsTimer",
  "handDimmer",
  "overTemperatureCutOut",
  "ballast",
  "floatSwitch",
  "surgeStrip",
  "residualCurrentDevice",
  "backupPower",
];
/** Whether other gear is plugged into it. */
export const feeds = ({ kindId }: Pick<GearPiece, "kindId">): boolean => PLUGGED_INTO.includes(kindId);

/**
 * What a piece is plugged into, from the nearest to the wall.
 *
 * @example chainOf(lamp, gear).map(({ kindId }) => kindId) // ["dimmingThermostat", "surgeStrip"]
 */
export function chainOf(piece: Pick<GearPiece, "id" | "feedId">, gear: Design["gear"]): GearPiece[] {
  const byId = new Map(gear.map((one) => [one.id, one]));
  const chain: GearPiece[] = [];
  for (let id = piece.feedId; id !== null;) {
    const next = byId.get(id);
    if (!next || chain.includes(next) || next.id === piece.id) break;
    chain.push(next);
    id = next.feedId;
  }
  return chain;
}

/** All that hangs on a controller or a strip, near or far. */
export const hangingOn = (id: string, all: readonly Fitted[]): Fitted[] => {
  const gear = all.map(({ piece }) => piece);
  return all.filter(({ piece }) => chainOf(piece, gear).some((one) => one.id === id));
};

/** Watts that hang on a controller or a strip, were all of it on. @example wattsOn("strip", fitted(gear, library)) */
export const wattsOn = (id: string, all: readonly Fitted[]): number =>
  hangingOn(id, all).reduce((sum, one) => sum + wattsOf(one), 0);
