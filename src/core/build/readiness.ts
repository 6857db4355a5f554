import { feeds, fitted, isHeld } from "../gear";
import type { LogState } from "../log";
import type { Scene } from "../scene";
import type { Plan } from "./schedule";

export const GATES = [
  "waitsOver",
  "noSmell",
  "readingsInBand",
  "mouldPast",
  "plantsRooted",
  "crewBreeding",
  "gapsClosed",
  "failSafe",
  "probePlaced",
  "quarantineOver",
  "vetChecked",
] as const;
type GateCode = (typeof GATES)[number];

/** One thing that has to be so before the animal comes, and who knows it: plan, readings, or the keeper who looked. */
export type Gate = {
  code: GateCode;
  by: "plan" | "readings" | "keeper";
  isOpen: boolean;
  checkedOn: string | undefined;
  /** Of the readings: for how many days they have been in band so far. */
  daysInBand?: number;
};

/** Readings in band for a week: common practice. */
export const DAYS_IN_BAND = 7;

/** Which of them this habitat has at all. */
function wanted({ habitat, library, ground }: Scene): GateCode[] {
  const all = fitted(habitat.gear, library);
  const heats = all.some(({ kind }) => kind.purpose === "dayHeat" || kind.purpose === "nightHeat");
  const holds = all.some(({ piece }) => isHeld(piece.run) && piece.feedId !== null);
  const smells = habitat.shell.treatments.length > 0;
  const isWet = ground.levels.some(({ kind }) => kind === "soil");
  const has: Record<GateCode, boolean> = {
    waitsOver: true,
    noSmell: smells,
    readingsInBand: true,
    mouldPast: isWet,
    plantsRooted: habitat.plants.length > 0,
    crewBreeding: habitat.crew.length > 0,
    gapsClosed: true,
    failSafe: heats,
    probePlaced: holds,
    quarantineOver: true,
    vetChecked: true,
  };
  return GATES.filter((code) => has[code]);
}

/** Controllers that hold something and have no probe. */
const isProbed = ({ habitat, library }: Pick<Scene, "habitat" | "library">): boolean =>
  fitted(habitat.gear, library).every(({ piece }) => {
    const holds = habitat.gear.some(({ feedId, run }) => feedId === piece.id && isHeld(run));
    return !feeds(piece) || !holds || piece.probe !== null;
  });

/**
 * What must be so before the animal comes: what plan, wiring and readings tell is told by them, the rest by the keeper's look.
 *
 * @param daysInBand days up to today on which all readings were in band
 * @example readiness(scene, plan, state).filter(({ isOpen }) => !isOpen).length // gates that are shut
 */
export function readiness(
  scene: Scene,
  { steps }: Plan,
  { checkedOn }: Pick<LogState, "checkedOn">,
  daysInBand = 0,
): Gate[] {
  const undone = steps.filter(({ job, state }) => job !== "moveIn" && state !== "done");
  const quarantine = steps.find(({ job }) => job === "quarantineAnimal");
  const byPlan: Partial<Record<GateCode, boolean>> = {
    waitsOver: undone.length === 0,
    probePlaced: isProbed(scene),
    ...(quarantine ? { quarantineOver: quarantine.state === "done" } : {}),
  };
  return wanted(scene).map((code): Gate => {
    const known = byPlan[code];
    const on = checkedOn[code];
    if (code === "readingsInBand" && daysInBand > 0 && on === undefined)
      return { code, by: "readings", isOpen: daysInBand >= DAYS_IN_BAND, checkedOn: undefined, daysInBand };
    return known === undefined
      ? { code, by: "keeper", isOpen: on !== undefined, checkedOn: on }
      : { code, by: "plan", isOpen: known, checkedOn: undefined };
  });
}
