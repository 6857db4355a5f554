import * as z from "zod";
import { DateSchema, IdSchema, SeedingSchema, StandSchema, StarterSchema, type Stand } from "../schema";
import { edit, mustBeFree, mustFind } from "./define";

const clamp = (value: number, most: number): number => Math.min(Math.max(value, 0), most);

/** Edits of the plants and the cleanup crew. */
export const livingEdits = {
  addPlant: edit(
    StandSchema.extend({
      spot: StandSchema.shape.spot.optional(),
      upCm: StandSchema.shape.upCm.optional(),
      plantedOn: StandSchema.shape.plantedOn.optional(),
      keptCm: StandSchema.shape.keptCm.optional(),
      inId: StandSchema.shape.inId.optional(),
    }),
    (habitat, { spot = null, upCm = null, plantedOn = null, keptCm = null, inId = null, ...where }) => {
      const stand: Stand = { ...where, spot, upCm, plantedOn, keptCm, inId };
      mustBeFree(habitat.plants, stand.id);
      const { widthCm, depthCm } = habitat.shell;
      return {
        ...habitat,
        plants: [...habitat.plants, { ...stand, xCm: clamp(stand.xCm, widthCm), yCm: clamp(stand.yCm, depthCm) }],
      };
    },
  ),

  /** Moves a plant, puts it in another kind of place, or writes down when it was planted; what is not told stays. */
  movePlant: edit(
    StandSchema.omit({ plantId: true }).partial().required({ id: true }),
    (habitat, { id, ...change }) => {
      mustFind(habitat.plants, (stand) => stand.id === id, "id", id);
      const { widthCm, depthCm, heightCm } = habitat.shell;
      const told = Object.fromEntries(Object.entries(change).filter(([, value]) => value !== undefined));
      return {
        ...habitat,
        plants: habitat.plants.map((stand) => {
          if (stand.id !== id) return stand;
          // What is moved by hand has left what it stood in.
          const movesOut =
            told.inId === undefined && (told.xCm !== undefined || told.yCm !== undefined || told.spot !== undefined);
          const next = { ...stand, ...told, ...(movesOut ? { inId: null } : {}) };
          return {
            ...next,
            xCm: clamp(next.xCm, widthCm),
            yCm: clamp(next.yCm, depthCm),
            upCm: next.upCm === null ? null : clamp(next.upCm, heightCm),
          };
        }),
      };
    },
  ),

  /** Stands a plant in a planter or a filled tube, or with null back on the ground before it. */
  plantIn: edit(z.strictObject({ id: IdSchema, inId: StandSchema.shape.inId }), (habitat, { id, inId }) => {
    mustFind(habitat.plants, (stand) => stand.id === id, "id", id);
    const piece = inId === null ? undefined : mustFind(habitat.pieces, (one) => one.id === inId, "inId", inId);
    const place = piece ? { xCm: piece.xCm, yCm: piece.yCm, spot: "pot" as const, upCm: null } : { spot: null };
    return {
      ...habitat,
      plants: habitat.plants.map((stand) => (stand.id === id ? { ...stand, ...place, inId } : stand)),
    };
  }),

  /** Writes down that every plant that has no day yet was planted, or all of one species. */
  plantedOn: edit(
    z.strictObject({ on: DateSchema, plantId: StandSchema.shape.plantId.optional() }),
    (habitat, { on, plantId }) => ({
      ...habitat,
      plants: habitat.plants.map((stand) =>
        plantId === undefined || stand.plantId === plantId ? { ...stand, plantedOn: stand.plantedOn ?? on } : stand,
      ),
    }),
  ),

  removePlants: edit(z.strictObject({ ids: z.array(IdSchema).min(1) }), (habitat, { ids }) => {
    for (const id of ids) mustFind(habitat.plants, (stand) => stand.id === id, "ids", id);
    return { ...habitat, plants: habitat.plants.filter((stand) => !ids.includes(stand.id)) };
  }),

  /** Sets how many of a crew species are seeded, adding it when it is not in the crew yet. */
  setCrew: edit(SeedingSchema, (habitat, seeding) => {
    return {
      ...habitat,
      crew: habitat.crew.some((other) => other.crewId === seeding.crewId)
        ? habitat.crew.map((other) => (other.crewId === seeding.crewId ? seeding : other))
        : [...habitat.crew, seeding],
    };
  }),

  removeCrew: edit(z.strictObject({ crewId: z.string() }), (habitat, { crewId }) => {
    mustFind(habitat.crew, (seeding) => seeding.crewId === crewId, "crewId", crewId);
    return { ...habitat, crew: habitat.crew.filter((seeding) => seeding.crewId !== crewId) };
  }),

  /** Sets how much of a starter goes in, adding it when it is not there yet. */
  setStarter: edit(StarterSchema, (habitat, starter) => {
    const others = habitat.starters.filter(({ supplyId }) => supplyId !== starter.supplyId);
    return { ...habitat, starters: [...others, starter] };
  }),

  removeStarter: edit(StarterSchema.pick({ supplyId: true }), (habitat, { supplyId }) => {
    mustFind(habitat.starters, (starter) => starter.supplyId === supplyId, "supplyId", supplyId);
    return { ...habitat, starters: habitat.starters.filter((starter) => starter.supplyId !== supplyId) };
  }),

  /** Puts one crew species in the place of another. */
  swapCrew: edit(z.strictObject({ crewId: z.string(), ...{ to: SeedingSchema } }), (habitat, { crewId, to }) => {
    mustFind(habitat.crew, (seeding) => seeding.crewId === crewId, "crewId", crewId);
    const others = habitat.crew.filter((seeding) => seeding.crewId === crewId || seeding.crewId !== to.crewId);
    return { ...habitat, crew: others.map((seeding) => (seeding.crewId === crewId ? to : seeding)) };
  }),
};
