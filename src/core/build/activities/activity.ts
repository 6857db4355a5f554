import type { CatalogKind, Caution, Range } from "../../catalog";
import type { Wall } from "../../habitat";
import type { Wait } from "../chances";

/** Every kind of work a build can need, roughly in the order it is done. */
export const JOBS = [
  "quarantineAnimal",
  "sealBoards",
  "sealPorts",
  "leakTest",
  "buildWalls",
  "setInWall",
  "finishWalls",
  "drillPlanters",
  "airOut",
  "mouldPieces",
  "setOnGlass",
  "buildFalseBottom",
  "layDrainage",
  "cutBarrier",
  "mixSoil",
  "laySoil",
  "setPieces",
  "fillPieces",
  "quarantinePlants",
  "plantOut",
  "dress",
  "soak",
  "addStarters",
  "seedCrew",
  "mountGear",
  "wireGear",
  "tryGear",
  "runGear",
  "trimVents",
  "growIn",
  "moveIn",
  "moveOut",
  "liftPlants",
  "digOut",
  "moveBack",
] as const;
type Job = (typeof JOBS)[number];

/** What a step is about, where there are several of its job. */
export type About =
  { kind: "wall"; wall: Wall } | { kind: "entry"; shelf: CatalogKind; id: string } | { kind: "mix"; mixId: string };

/** One step of the build. */
export type Activity = {
  /** Its job, and what it is about. @example "laySoil:soil-1" */
  id: string;
  job: Job | "own";
  about: About | undefined;
  /** Which way it is done, where there are several. @example "foam", "glued" */
  way: string | undefined;
  /** What its builder calls a step of their own. */
  name: string | undefined;
  /** Ids of the steps that must be over before it, their waits too. */
  after: readonly string[];
  /** Minutes of work by hand. */
  handsMin: Range;
  /** Days of waiting once the work is done. */
  wait: Wait;
  /** Done as late as can be: wet soil moulds, plants and cultures die in their pots. */
  spoils: boolean;
  /** The layer of the section it lays. */
  layerId: string | undefined;
  /** Litres it is planned to take, where one may take more or less. */
  plannedL: number | undefined;
  quantities: Readonly<Record<string, number>>;
  cautions: readonly Caution[];
};

/** A step as it is put down: what it waits for by id, or by job for all of that job. */
export type Draft = Pick<Activity, "after" | "handsMin" | "quantities" | "cautions"> & { job: Job } & Partial<
    Pick<Activity, "about" | "way" | "wait" | "spoils" | "layerId" | "plannedL">
  > & { ref?: string };

const NO_WAIT: Wait = [0, 0, 0];

/** A draft, whole. What it waits for is not yet looked up. */
export const whole = ({ ref, ...draft }: Draft): Activity => ({
  id: ref === undefined ? draft.job : `${draft.job}:${ref}`,
  about: undefined,
  way: undefined,
  name: undefined,
  wait: NO_WAIT,
  spoils: false,
  layerId: undefined,
  plannedL: undefined,
  ...draft,
});

/** Looks up what each waits for: a job stands for all of its steps; what is not there is left out. */
export function resolved(all: readonly Activity[]): Activity[] {
  const ids = (ref: string, own: string): string[] =>
    all.flatMap(({ id, job }) => (id !== own && (id === ref || job === ref) ? [id] : []));
  return all.map((one) => ({ ...one, after: [...new Set(one.after.flatMap((ref) => ids(ref, one.id)))] }));
}
