import * as z from "zod";
import { DateSchema, IdSchema, NameSchema } from "../habitat";
import { SeriesIdSchema } from "../log";

const MOST_TRIALS = 200;
const QUESTION_LENGTH = 200;

/** Two habitats held against one another over some time: a question, and the one thing it is measured by. */
const TrialSchema = z
  .strictObject({
    id: IdSchema,
    question: NameSchema.max(QUESTION_LENGTH),
    aId: IdSchema,
    bId: IdSchema,
    /** What the question is measured by. */
    series: SeriesIdSchema,
    startOn: DateSchema,
    /** Null: it goes on. */
    endOn: DateSchema.nullable(),
  })
  .refine(({ aId, bId }) => aId !== bId, { message: "twice", path: ["bId"] })
  .refine(({ startOn, endOn }) => endOn === null || endOn > startOn, { message: "out of range", path: ["endOn"] });
export type Trial = z.infer<typeof TrialSchema>;

/** All trials on a device. */
export const TrialsSchema = z.strictObject({
  format: z.literal("rincon-trials"),
  formatVersion: z.literal(1),
  trials: z.array(TrialSchema).max(MOST_TRIALS),
});
export type Trials = z.infer<typeof TrialsSchema>;

export const NO_TRIALS: Trials = { format: "rincon-trials", formatVersion: 1, trials: [] };

/** Trials with one put in, or in the place of the one with its id. */
export const withTrial = (all: Trials, trial: Trial): Trials => ({
  ...all,
  trials: [...all.trials.filter(({ id }) => id !== trial.id), TrialSchema.parse(trial)],
});

export const withoutTrial = (all: Trials, id: string): Trials => ({
  ...all,
  trials: all.trials.filter((trial) => trial.id !== id),
});

/** The trial of two habitats, whichever stands first; the latest where there were several. */
export const trialOf = ({ trials }: Trials, aId: string, bId: string): Trial | undefined =>
  trials
    .filter((one) => (one.aId === aId && one.bId === bId) || (one.aId === bId && one.bId === aId))
    .toSorted((one, other) => other.startOn.localeCompare(one.startOn))[0];

/** Two lists of trials as one: what the first lacks comes from the second. */
export function trialsJoined(mine: Trials, theirs: Trials): Trials {
  const known = new Set(mine.trials.map(({ id }) => id));
  return { ...mine, trials: [...mine.trials, ...theirs.trials.filter(({ id }) => !known.has(id))] };
}
