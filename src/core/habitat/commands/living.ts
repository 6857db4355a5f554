import { z } from "zod";
import { entry } from "../../catalog";
import { IdSchema, SeedingSchema, StandSchema } from "../schema";
import { edit, mustFind } from "./define";

const clamp = (value: number, most: number): number => Math.min(Math.max(value, 0), most);

/** Edits of the plants and the cleanup crew. */
export const livingEdits = {
  addPlant: edit(StandSchema, (habitat, stand) => {
    entry("plants", stand.plantId);
    if (habitat.plants.some((other) => other.id === stand.id)) throw new RangeError(`id: "${stand.id}" is taken`);
    const { widthCm, depthCm } = habitat.shell;
    return { ...habitat, plants: [...habitat.plants, { ...stand, xCm: clamp(stand.xCm, widthCm), yCm: clamp(stand.yCm, depthCm) }] };
  }),

  movePlant: edit(StandSchema.omit({ plantId: true }), (habitat, { id, xCm, yCm }) => {
    mustFind(habitat.plants, (stand) => stand.id === id, "id", id);
    const { widthCm, depthCm } = habitat.shell;
    return {
      ...habitat,
      plants: habitat.plants.map((stand) => (stand.id === id ? { ...stand, xCm: clamp(xCm, widthCm), yCm: clamp(yCm, depthCm) } : stand)),
    };
  }),

  removePlants: edit(z.strictObject({ ids: z.array(IdSchema).min(1) }), (habitat, { ids }) => {
    for (const id of ids) mustFind(habitat.plants, (stand) => stand.id === id, "ids", id);
    return { ...habitat, plants: habitat.plants.filter((stand) => !ids.includes(stand.id)) };
  }),

  /** Sets how many of a crew species are seeded, adding it when it is not in the crew yet. */
  setCrew: edit(SeedingSchema, (habitat, seeding) => {
    entry("crew", seeding.crewId);
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

  /** Puts one crew species in the place of another. */
  swapCrew: edit(z.strictObject({ crewId: z.string(), ...{ to: SeedingSchema } }), (habitat, { crewId, to }) => {
    entry("crew", to.crewId);
    mustFind(habitat.crew, (seeding) => seeding.crewId === crewId, "crewId", crewId);
    const others = habitat.crew.filter((seeding) => seeding.crewId === crewId || seeding.crewId !== to.crewId);
    return { ...habitat, crew: others.map((seeding) => (seeding.crewId === crewId ? to : seeding)) };
  }),
};
