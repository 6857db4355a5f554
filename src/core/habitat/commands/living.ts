import { z } from "zod";
import { crewOf, plantOf } from "../pantry";
import {
  DateSchema,
  HabitatSchema,
  IdSchema,
  LostPlantSchema,
  SeedingSchema,
  StandSchema,
  type Stand,
} from "../schema";
import { edit, mustFind } from "./define";

const clamp = (value: number, most: number): number => Math.min(Math.max(value, 0), most);

/** Edits of the plants and the cleanup crew. */
export const livingEdits = {
  addPlant: edit(
    StandSchema.extend({
      spot: StandSchema.shape.spot.optional(),
      upCm: StandSchema.shape.upCm.optional(),
      plantedOn: StandSchema.shape.plantedOn.optional(),
    }),
    (habitat, { spot = null, upCm = null, plantedOn = null, ...where }) => {
      const stand: Stand = { ...where, spot, upCm, plantedOn };
      plantOf(habitat, stand.plantId);
      if (habitat.plants.some((other) => other.id === stand.id)) throw new RangeError(`id: "${stand.id}" is taken`);
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
          const next = { ...stand, ...told };
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

  /** Writes down that every plant that has no day yet was planted. */
  plantedOn: edit(z.strictObject({ on: DateSchema }), (habitat, { on }) => ({
    ...habitat,
    plants: habitat.plants.map((stand) => ({ ...stand, plantedOn: stand.plantedOn ?? on })),
  })),

  /** Takes out a plant that died or gives way to another, and remembers it. */
  losePlant: edit(
    LostPlantSchema.omit({ plantId: true }).extend({ standId: IdSchema }),
    (habitat, { standId, ...loss }) => {
      const { plantId } = mustFind(habitat.plants, (stand) => stand.id === standId, "standId", standId);
      if (habitat.keeping.lostPlants.some((other) => other.id === loss.id))
        throw new RangeError(`id: "${loss.id}" is taken`);
      return {
        ...habitat,
        plants: habitat.plants.filter((stand) => stand.id !== standId),
        keeping: {
          ...habitat.keeping,
          lostPlants: [...habitat.keeping.lostPlants, { ...loss, plantId }].toSorted((a, b) =>
            a.on.localeCompare(b.on),
          ),
        },
      };
    },
  ),

  forgetLoss: edit(z.strictObject({ id: IdSchema }), (habitat, { id }) => {
    mustFind(habitat.keeping.lostPlants, (lost) => lost.id === id, "id", id);
    return {
      ...habitat,
      keeping: { ...habitat.keeping, lostPlants: habitat.keeping.lostPlants.filter((lost) => lost.id !== id) },
    };
  }),

  setLamp: edit(HabitatSchema.shape.planting, (habitat, planting) => ({ ...habitat, planting })),

  removePlants: edit(z.strictObject({ ids: z.array(IdSchema).min(1) }), (habitat, { ids }) => {
    for (const id of ids) mustFind(habitat.plants, (stand) => stand.id === id, "ids", id);
    return { ...habitat, plants: habitat.plants.filter((stand) => !ids.includes(stand.id)) };
  }),

  /** Sets how many of a crew species are seeded, adding it when it is not in the crew yet. */
  setCrew: edit(SeedingSchema, (habitat, seeding) => {
    crewOf(habitat, seeding.crewId);
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
    crewOf(habitat, to.crewId);
    mustFind(habitat.crew, (seeding) => seeding.crewId === crewId, "crewId", crewId);
    const others = habitat.crew.filter((seeding) => seeding.crewId === crewId || seeding.crewId !== to.crewId);
    return { ...habitat, crew: others.map((seeding) => (seeding.crewId === crewId ? to : seeding)) };
  }),
};
