import { CLIMATE_CLASSES, type ClimateClass, type Crew, type Plant, type Range } from "../catalog";
import { suitsBand } from "./envelope";

/** Humidity of a box of each climate class, and what its ground can be: usual for such boxes, from memory. */
const USUAL: Record<ClimateClass, { humidityRh: Range; feet: readonly Plant["feet"][] }> = {
  humidForest: { humidityRh: [60, 90], feet: ["moist", "dry"] },
  temperateMoist: { humidityRh: [45, 75], feet: ["moist", "dry"] },
  streamBank: { humidityRh: [70, 95], feet: ["wet", "moist", "dry"] },
  semiArid: { humidityRh: [35, 60], feet: ["dry"] },
  arid: { humidityRh: [20, 45], feet: ["dry"] },
};
const AT_HOME = 0.7;

/**
 * The climate classes a plant or a crew species is at home in.
 *
 * @example climatesOf(entry("plants", "zebraHaworthia")) // ["semiArid", "arid"]
 */
export const climatesOf = (
  species: Pick<Plant, "humidityRh" | "feet" | "place"> | Pick<Crew, "humidityRh">,
): ClimateClass[] =>
  CLIMATE_CLASSES.filter((climate) => {
    const { humidityRh, feet } = USUAL[climate];
    const floats = "place" in species && species.place === "water";
    return (
      (floats || suitsBand(species.humidityRh, humidityRh) >= AT_HOME) &&
      (!("feet" in species) || feet.includes(species.feet))
    );
  });
