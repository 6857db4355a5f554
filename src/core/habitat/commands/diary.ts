import { z } from "zod";
import { DateSchema, HabitatSchema, IdSchema, ReadingSchema, TopUpSchema } from "../schema";
import { edit, mustFind } from "./define";

const tick = HabitatSchema.shape.keeping.shape.ticks.element;

/** Edits of what happened and when: build steps done, duties ticked, readings written. */
export const diaryEdits = {
  setStart: edit(z.strictObject({ startOn: DateSchema }), (habitat, { startOn }) => ({
    ...habitat,
    build: { ...habitat.build, startOn },
  })),

  markTask: edit(
    z.strictObject({ taskId: z.string().min(1), on: DateSchema.nullable() }),
    (habitat, { taskId, on }) => {
      const { [taskId]: _before, ...others } = habitat.build.doneOn;
      return { ...habitat, build: { ...habitat.build, doneOn: on === null ? others : { ...others, [taskId]: on } } };
    },
  ),

  startKeeping: edit(z.strictObject({ on: DateSchema.nullable() }), (habitat, { on }) => ({
    ...habitat,
    keeping: { ...habitat.keeping, sinceOn: on },
  })),

  tickDuty: edit(tick, (habitat, { dutyId, on }) => ({
    ...habitat,
    keeping: { ...habitat.keeping, ticks: [...habitat.keeping.ticks, { dutyId, on }] },
  })),

  /** Writes down that old soil was topped up. */
  topUp: edit(TopUpSchema, (habitat, topUp) => {
    mustFind(habitat.mixes, (mix) => mix.id === topUp.mixId, "mixId", topUp.mixId);
    if (habitat.keeping.topUps.some((other) => other.id === topUp.id))
      throw new RangeError(`id: "${topUp.id}" is taken`);
    return {
      ...habitat,
      keeping: {
        ...habitat.keeping,
        topUps: [...habitat.keeping.topUps, topUp].toSorted((a, b) => a.on.localeCompare(b.on)),
      },
    };
  }),

  removeTopUp: edit(z.strictObject({ id: IdSchema }), (habitat, { id }) => {
    mustFind(habitat.keeping.topUps, (topUp) => topUp.id === id, "id", id);
    return {
      ...habitat,
      keeping: { ...habitat.keeping, topUps: habitat.keeping.topUps.filter((topUp) => topUp.id !== id) },
    };
  }),

  addReading: edit(ReadingSchema, (habitat, reading) => {
    if (habitat.keeping.readings.some((other) => other.id === reading.id))
      throw new RangeError(`id: "${reading.id}" is taken`);
    const readings = [...habitat.keeping.readings, reading].sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : 0));
    return { ...habitat, keeping: { ...habitat.keeping, readings } };
  }),

  removeReading: edit(z.strictObject({ id: IdSchema }), (habitat, { id }) => {
    mustFind(habitat.keeping.readings, (reading) => reading.id === id, "id", id);
    return {
      ...habitat,
      keeping: { ...habitat.keeping, readings: habitat.keeping.readings.filter((reading) => reading.id !== id) },
    };
  }),
};
