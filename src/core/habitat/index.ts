/** The habitat document: what it holds, how it starts, and every edit of it. */
export { LIMITS } from "./limits";
export type { LimitId } from "./limits";
export { FLOOR_SHAPES, FORMAT, FORMAT_VERSION, HabitatSchema, LIDS, NameSchema, READING_PLACES, WALLS } from "./schema";
export type { Floor, Habitat, Layer, LayerKind, Mix, Opening, Reading, Seeding, Shell, SoilLayer, Stand, Wall } from "./schema";
export { STARTING_TOPS, StartSchema, recipeFor, startHabitat } from "./start";
export type { Start, StartingTop } from "./start";
export { applyAll, applyCommand } from "./commands";
export type { Command, CommandName } from "./commands";
export { floorOutline, innerFromOuter } from "./floor";
export { inconsistencies } from "./consistency";
export type { Inconsistency } from "./consistency";
export { MIGRATIONS, NewerVersionError, migrate } from "./migrations";
export type { Migration } from "./migrations";
