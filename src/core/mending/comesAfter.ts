import type { Assessed } from "../findings";
import { attempt, type Command } from "../habitat";
import { meetsOf, outlookOf, type Meets, type MeetsId } from "../outlook";
import { sceneOf } from "../scene";

/**
 * What the animal would meet after some edits, by what it is called: the air alone, so that many can be tried. What it
 * meets now where the edits would be refused.
 */
export function comesAfter(assessed: Assessed, commands: readonly Command[]): Partial<Record<MeetsId, Meets>> {
  const { habitat, library, log, outlook } = assessed;
  const tried = attempt(habitat, commands, library);
  const scene = sceneOf(tried.ok ? tried.design : habitat, library, outlook.on);
  const met = meetsOf(outlookOf(scene, log.state, outlook.on), assessed.animal);
  return Object.fromEntries(met.map((one) => [one.id, one]));
}

/** Whether a figure would not be worth a word: in its band, or only maybe out of it. */
export const isFine = (met: Meets | undefined): boolean => met?.stand !== "low" && met?.stand !== "high";
