/** The habitat document: what it holds, how it starts, and every edit of it. */
export { animalNamed, animalOf, crewOf, ingredientsOf, isKnown, plantOf } from "./pantry";
export { LIMITS } from "./limits";
export type { LimitId } from "./limits";
export {
  FLOOR_SHAPES,
  FORMAT,
  FORMAT_VERSION,
  HabitatSchema,
  LAID,
  LIDS,
  NameSchema,
  OVER_ALL,
  OVER_REST,
  LOSSES,
  READING_PLACES,
  SPOTS,
  UNDERS,
  WALLS,
} from "./schema";
export type {
  Corners,
  Floor,
  Habitat,
  Layer,
  LayerKind,
  LostPlant,
  Mate,
  Mix,
  Mound,
  Opening,
  Piece,
  Reading,
  Seeding,
  Shell,
  SoilLayer,
  Spot,
  Stand,
  TopUp,
  Treatment,
  Wall,
  Zone,
} from "./schema";
export { STARTING_TOPS, StartSchema, recipeFor, startHabitat } from "./start";
export type { Start, StartingTop } from "./start";
export { applyAll, applyCommand } from "./commands";
export type { Command, CommandName } from "./commands";
export { mostThicknessCm } from "./commands/shell";
export { floorOutline, innerFromOuter } from "./floor";
export { levelCorners, slopedCorners } from "./corners";
export { inconsistencies } from "./consistency";
export type { Inconsistency } from "./consistency";
export { MIGRATIONS, NewerVersionError, migrate } from "./migrations";
export type { Migration } from "./migrations";
