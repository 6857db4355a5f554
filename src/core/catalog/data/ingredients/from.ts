import { memory, practised, published, type Provenance } from "../../provenance";

/** Where the figures of ingredients come from. */
export const recalled = {
  ...memory,
  note: "order of size of pot-media figures, recalled; check against porometer literature",
};

/** Particle densities of organic and of mineral matter, kg/L. */
const EN_13041 = "EN 13041, Soil improvers and growing media: physical properties";
export const reckonedOrganic = published(EN_13041, "from its mass as it lies and 1.55 kg/L of organic matter");
export const reckonedMineral = published(EN_13041, "from its mass as it lies and 2.65 kg/L of mineral matter");

/** What is told alike for every ingredient. */
export const usual: Record<string, Provenance> = {
  settlesPct: practised("buy 10 to 25 % more than the geometry says, by material"),
  reposeDeg: { ...memory, note: "by the shape of its pieces, moist and lightly pressed; recalled order of size" },
  sizes: { ...memory, note: "usual size of its pieces and their spread, recalled; sieve to check" },
  betweenPct: { ...memory, note: "usual gaps of poured pieces, recalled; fill with water to check" },
  springiness: { ...memory, note: "an opinion: how much less than rigid grains it loses in mixing" },
  "laid.wiltingPct": { ...memory, note: "order of size, recalled; pot media are seldom measured so dry" },
  bufferMmolPerL: { ...memory, note: "order of size from exchange capacities, recalled" },
  cohesionKPa: { ...memory, note: "moist and pressed by hand, order of size; dig a test tunnel to check" },
  nutrients: { ...memory, note: "from nothing, 0, to very rich, 5" },
  crewFood: { ...memory, note: "from nothing, 0, to what they live on, 5" },
  dust: { ...memory, note: "from none, 0, to a mask whenever it is poured, 5" },
  halvesInMonths: {
    ...memory,
    note: "in a warm moist box with a crew, order of size; it goes faster wet and slower dry",
  },
};
