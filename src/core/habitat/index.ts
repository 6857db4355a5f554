/** The habitat document: what it holds, how it starts, and every edit of it. */
export { LIMITS } from "./limits";
export type { LimitId } from "./limits";
export { FORMAT, FORMAT_VERSION, HabitatSchema, NameSchema, READING_PLACES, TOPS } from "./schema";
export type { Habitat, Layer, LayerKind, Mix, Reading, Seeding, Shell, SoilLayer, Stand, Top } from "./schema";
export { StartSchema, recipeFor, startHabitat } from "./start";
export type { Start } from "./start";
export { applyAll, applyCommand } from "./commands";
export type { Command, CommandName } from "./commands";
export { inconsistencies } from "./consistency";
export type { Inconsistency } from "./consistency";
export { MIGRATIONS, NewerVersionError, migrate } from "./migrations";
export type { Migration } from "./migrations";
