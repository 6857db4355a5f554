import {
  CLIMATE_CLASSES,
  type ClimateClass,
  type Crew,
  type Moisture,
  type Plant,
  type Range,
  type Roots,
} from "../catalog";
import { SOIL_MOISTURE } from "../climate";
import { suitsBand } from "./envelope";

type Usual = { humidityRh: Range; roots: readonly Roots[]; soil: readonly Moisture[] };

const DAMP: readonly Roots[] = ["moist", "dryBetween", "epiphyte"];
const AFLOAT: readonly Roots[] = ["submerged", "floating"];

/** Humidity of a box of each climate class, what roots and crew find in it: usual for such boxes, from memory. */
const USUAL: Record<ClimateClass, Usual> = {
  humidForest: { humidityRh: [60, 90], roots: DAMP, soil: ["moist"] },
  temperateMoist: { humidityRh: [45, 75], roots: DAMP, soil: ["slightlyMoist", "moist"] },
  streamBank: { humidityRh: [70, 95], roots: [...DAMP, "wet", ...AFLOAT], soil: ["moist", "wet"] },
  seasonalWoodland: {
    humidityRh: [45, 75],
    roots: ["moist", "dryBetween", "epiphyte"],
    soil: ["slightlyMoist", "moist"],
  },
  semiArid: { humidityRh: [35, 60], roots: ["dryBetween", "desert"], soil: ["dry", "slightlyMoist"] },
  arid: { humidityRh: [20, 45], roots: ["desert", "dryBetween"], soil: ["dry", "slightlyMoist"] },
  coast: { humidityRh: [65, 85], roots: ["moist", "dryBetween"], soil: ["slightlyMoist", "moist"] },
};
const AT_HOME = 0.7;
/** What stands with its feet in water finds the air there damper than the box's. */
const AT_THE_WATER = 0.4;

/** The climate classes a plant is at home in. @example plantClimates(library.get("plants", "zebraHaworthia")) // ["semiArid", "arid"] */
export const plantClimates = ({ humidityRh, roots }: Pick<Plant, "humidityRh" | "roots">): ClimateClass[] =>
  CLIMATE_CLASSES.filter((climate) => {
    const usual = USUAL[climate];
    // What is under water does not feel the air.
    if (!usual.roots.includes(roots) || AFLOAT.includes(roots)) return usual.roots.includes(roots);
    return suitsBand(humidityRh, usual.humidityRh) >= (roots === "wet" ? AT_THE_WATER : AT_HOME);
  });

/** The climate classes whose soil suits a crew species. @example crewClimates(library.get("crew", "powderIsopod")) */
export const crewClimates = ({ soilMoisture, livesAt }: Pick<Crew, "soilMoisture" | "livesAt">): ClimateClass[] =>
  livesAt === "water"
    ? ["streamBank"]
    : CLIMATE_CLASSES.filter((climate) =>
        USUAL[climate].soil.some((damp) => suitsBand(soilMoisture, SOIL_MOISTURE[damp]) >= AT_HOME),
      );
