/** The design of a habitat: what it holds, how it starts, what must hold of it, and every edit of it. */
export { fillFor, fillProblems } from "./fill";
export { LIMITS } from "./limits";
export {
  DateSchema,
  DesignSchema,
  IdSchema,
  InstantSchema,
  LAID,
  LIDS,
  LIVING,
  NameSchema,
  ReasonSchema,
  RUNS,
  SPOTS,
  TaskIdSchema,
  UNDERS,
  WAITING_SCHOOLS,
  WALLS,
} from "./schema";
export type {
  Answer,
  Build,
  Corners,
  Design,
  Floor,
  GearPiece,
  GearSize,
  Layer,
  LayerKind,
  Mix,
  Mound,
  Opening,
  Over,
  OwnTask,
  Piece,
  Run,
  Shell,
  SoilLayer,
  Spot,
  Stand,
  TaskChange,
  Tilt,
  Treatment,
  Waiting,
  Wall,
  Zone,
} from "./schema";
export { DutyIdSchema, SEXES, SUPPLEMENTS } from "./care";
export type { Comes, Individual } from "./care";
export { jobOf, namesInLog, USUAL_MINUTES } from "./buildPlan";
export { copyOf } from "./copy";
export { STARTING_TOPS, startHabitat } from "./start";
export type { Start, StartingTop } from "./start";
export { applyAll, applyCommand, attempt, COMMAND_ARGS } from "./commands";
export type { Command, CommandName } from "./commands";
export { carriesFor } from "./carry";
export { changesOf, patched } from "./patches";
export { touchSame } from "./follow";
export type { Change, Patches } from "./patches";
export { checkHabitat, problemsIn } from "./checkHabitat";
export { FIRST_DAY, INSTANTS_MS, isInstant, LAST_DAY } from "./fields";
export { EditRefused, problemOf } from "./problem";
export type { Problem, ProblemCode } from "./problem";
export { holdsSoil, usualSlabs } from "./poses";
export { builtCm, mostThicknessCm, sideLengthCm } from "./walls";
export { floorOutline, innerFromOuter } from "./floor";
export { lampLumens } from "./lamps";
export { firstRun } from "./firstRun";
export { betweenPanes, isBetweenPanes } from "./betweenPanes";
export type { Span } from "./betweenPanes";
export { fittingSizes, sizeAsSold, usualGear } from "./usualGear";
