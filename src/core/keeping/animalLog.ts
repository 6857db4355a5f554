import type { Individual } from "../habitat";
import type { LogState } from "../log";

type Weighed = { on: string; massG: number };

/** What the log tells of one animal, or of all that are not told apart. */
export type AnimalLog = {
  /** Undefined: of all in the box. */
  individual: Individual | undefined;
  masses: readonly Weighed[];
  sheds: number;
  meals: number;
  refused: number;
};

/**
 * Masses, sheds and meals of each animal that is told apart, and of all in the box where anything was told so.
 *
 * @example animalLogs(individuals, state)[0]?.masses.at(-1)?.massG // 41.2
 */
export function animalLogs(individuals: readonly Individual[], state: LogState): AnimalLog[] {
  const of = (id: string | undefined) => {
    const isTheirs = (event: { individualId?: string | undefined }) => event.individualId === id;
    const fed = state.fed.filter(isTheirs);
    return {
      masses: state.weighed.filter(isTheirs).map(({ on, massG }) => ({ on, massG })),
      sheds: state.sheds.filter(isTheirs).length,
      meals: fed.filter(({ taken }) => taken !== "refused").length,
      refused: fed.filter(({ taken }) => taken === "refused").length,
    };
  };
  const all = of(undefined);
  const isTold = all.masses.length + all.sheds + all.meals + all.refused > 0;
  return [
    ...individuals.map((individual): AnimalLog => ({ individual, ...of(individual.id) })),
    ...(isTold || individuals.length === 0 ? [{ individual: undefined, ...all }] : []),
  ];
}
