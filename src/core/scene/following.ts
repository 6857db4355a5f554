import { weakMapMemoize } from "reselect";
import type { Animal, SchoolView } from "../catalog";
import type { Design } from "../habitat";

/** An animal with the figures one school puts in the place of its entry's. */
function withView(animal: Animal, view: SchoolView): Animal {
  const { uv, soil, box, temperatureC } = animal;
  return {
    ...animal,
    drainage: view.drainage ?? animal.drainage,
    uv: { ...uv, need: view.uvNeed ?? uv.need, indexAtBack: view.uvIndexAtBack ?? uv.indexAtBack },
    soil: {
      ...soil,
      leastDepthCm: view.leastSoilCm ?? soil.leastDepthCm,
      goodDepthCm: Math.max(soil.goodDepthCm, view.leastSoilCm ?? 0),
    },
    box: { ...box, company: view.company ?? box.company, mostTogether: view.mostTogether ?? box.mostTogether },
    temperatureC: { ...temperatureC, heating: view.heating ?? temperatureC.heating },
  };
}

/**
 * An animal as the schools a builder follows tell it; what they say nothing of stays as its entry has it. The same
 * animal and choices give the same animal again.
 *
 * @example following(library.get("animals", "crestedGecko"), { group: 1 }).box.mostTogether // 3
 */
export const following: (animal: Animal, schools: Design["brief"]["schools"]) => Animal = weakMapMemoize(
  (animal: Animal, schools: Design["brief"]["schools"]): Animal =>
    animal.schools.reduce((told, { about, views }) => {
      const chosen = schools[about];
      return chosen === undefined ? told : withView(told, views[chosen]);
    }, animal),
);
