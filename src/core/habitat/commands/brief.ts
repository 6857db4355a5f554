import * as z from "zod";
import { SCHOOL_QUESTIONS } from "../../catalog";
import { withOwn } from "../../library";
import { EditRefused } from "../problem";
import { TimeZoneSchema } from "../fields";
import { DesignSchema, MateSchema, NameSchema, RoomSchema } from "../schema";
import { edit, mustFind } from "./define";

const brief = DesignSchema.shape.brief.shape;

/** Edits of the brief: who lives here, in what room. */
export const briefEdits = {
  rename: edit(z.strictObject({ name: NameSchema }), (habitat, { name }) => ({ ...habitat, name })),

  /** Says by whose clock the habitat is kept. */
  setTimeZone: edit(z.strictObject({ timeZone: TimeZoneSchema }), (habitat, told) => ({ ...habitat, ...told })),

  setAnimal: edit(z.strictObject({ animalId: brief.animalId }), (habitat, { animalId }, library) => {
    const { stage, schools, ...others } = habitat.brief;
    // Schools and being young speak of one animal.
    const its = animalId === others.animalId ? { schools, ...(stage ? { stage } : {}) } : { schools: {} };
    const mates = others.mates.filter((mate) => mate.animalId !== animalId);
    return { ...habitat, brief: { ...others, ...its, mates, animalId: library.get("animals", animalId).id } };
  }),

  /** Follows one of two answers keepers give about the animal; null follows its entry again. */
  followSchool: edit(
    z.strictObject({ about: z.enum(SCHOOL_QUESTIONS), view: z.union([z.literal(0), z.literal(1)]).nullable() }),
    (habitat, { about, view }, library) => {
      const { schools } = withOwn(library, habitat.own).get("animals", habitat.brief.animalId);
      mustFind(schools, (school) => school.about === about, "about", about);
      const { [about]: _before, ...others } = habitat.brief.schools;
      return {
        ...habitat,
        brief: { ...habitat.brief, schools: view === null ? others : { ...others, [about]: view } },
      };
    },
  ),

  /** Sets how many of another species share the box, adding it when it does not yet. */
  setMate: edit(MateSchema, (habitat, mate) => {
    if (mate.animalId === habitat.brief.animalId)
      throw new EditRefused({ path: "animalId", code: "twice", id: mate.animalId });
    const others = habitat.brief.mates.filter((other) => other.animalId !== mate.animalId);
    return { ...habitat, brief: { ...habitat.brief, mates: [...others, mate] } };
  }),

  removeMate: edit(z.strictObject({ animalId: z.string() }), (habitat, { animalId }) => {
    mustFind(habitat.brief.mates, (mate) => mate.animalId === animalId, "animalId", animalId);
    return {
      ...habitat,
      brief: { ...habitat.brief, mates: habitat.brief.mates.filter((mate) => mate.animalId !== animalId) },
    };
  }),

  /** Sets how much of the box lives. */
  setLiving: edit(z.strictObject({ living: brief.living }), (habitat, { living }) => ({
    ...habitat,
    brief: { ...habitat.brief, living },
  })),

  /** Says whether those who move in are young; null: they are grown. */
  setStage: edit(z.strictObject({ stage: z.literal("young").nullable() }), (habitat, { stage }) => {
    const { stage: _before, ...brief } = habitat.brief;
    return { ...habitat, brief: stage === null ? brief : { ...brief, stage } };
  }),

  setCount: edit(z.strictObject({ count: brief.count }), (habitat, { count }) => ({
    ...habitat,
    brief: { ...habitat.brief, count },
  })),

  setRoom: edit(RoomSchema.partial(), (habitat, room) => ({
    ...habitat,
    brief: { ...habitat.brief, room: RoomSchema.parse({ ...habitat.brief.room, ...room }) },
  })),
};
