import { memory, practice } from "../provenance";
import type { Crew } from "../schema";

const cultureFromMemory = { ...memory, note: "usual culture range, recalled" };

/** The cleanup crew. Seeding is animals for each 1000 cm² of floor. */
export const crew: readonly Crew[] = [
  {
    id: "temperateSpringtail", scientificName: "Folsomia candida", group: "springtail",
    temperatureC: { tolerated: [8, 27], preferred: [16, 24] }, humidityRh: { tolerated: [70, 100], preferred: [85, 100] },
    lengthMm: 2, survivesHunting: "hidden", seedPer1000Cm2: 200, breedsInDays: 28, cautions: ["neverRelease"], from: cultureFromMemory,
  },
  {
    id: "tropicalSpringtail", scientificName: "Sinella curviseta", group: "springtail",
    temperatureC: { tolerated: [18, 31], preferred: [21, 28] }, humidityRh: { tolerated: [60, 100], preferred: [75, 100] },
    lengthMm: 2, survivesHunting: "hidden", seedPer1000Cm2: 200, breedsInDays: 21, cautions: ["neverRelease"], from: cultureFromMemory,
  },
  {
    id: "dwarfWhiteIsopod", scientificName: "Trichorhina tomentosa", group: "isopod",
    temperatureC: { tolerated: [18, 30], preferred: [21, 28] }, humidityRh: { tolerated: [60, 100], preferred: [75, 95] },
    lengthMm: 4, survivesHunting: "hidden", seedPer1000Cm2: 20, breedsInDays: 35, cautions: ["neverRelease"],
    from: cultureFromMemory, fieldFrom: { survivesHunting: { ...practice, note: "stays in the soil and hardly gets eaten" } },
  },
  {
    id: "powderIsopod", scientificName: "Porcellionides pruinosus", group: "isopod",
    temperatureC: { tolerated: [16, 33], preferred: [21, 30] }, humidityRh: { tolerated: [35, 95], preferred: [50, 80] },
    lengthMm: 10, survivesHunting: "some", seedPer1000Cm2: 15, breedsInDays: 35, cautions: ["neverRelease"],
    from: cultureFromMemory, fieldFrom: { humidityRh: { ...practice, note: "fast, and bears dryness" } },
  },
  {
    id: "roughIsopod", scientificName: "Porcellio scaber", group: "isopod",
    temperatureC: { tolerated: [8, 29], preferred: [16, 25] }, humidityRh: { tolerated: [45, 90], preferred: [55, 80] },
    lengthMm: 15, survivesHunting: "some", seedPer1000Cm2: 12, breedsInDays: 45, cautions: ["neverRelease"], from: cultureFromMemory,
  },
  {
    id: "pillIsopod", scientificName: "Armadillidium vulgare", group: "isopod",
    temperatureC: { tolerated: [8, 29], preferred: [18, 25] }, humidityRh: { tolerated: [40, 85], preferred: [50, 75] },
    lengthMm: 15, survivesHunting: "some", seedPer1000Cm2: 12, breedsInDays: 60, cautions: ["neverRelease"], from: cultureFromMemory,
  },
  {
    id: "littleSeaIsopod", scientificName: "Cubaris murina", group: "isopod",
    temperatureC: { tolerated: [19, 30], preferred: [22, 27] }, humidityRh: { tolerated: [60, 95], preferred: [70, 90] },
    lengthMm: 9, survivesHunting: "some", seedPer1000Cm2: 15, breedsInDays: 50, cautions: ["neverRelease"], from: cultureFromMemory,
  },
  {
    id: "mealwormBeetle", scientificName: "Tenebrio molitor", group: "beetle",
    temperatureC: { tolerated: [8, 32], preferred: [18, 28] }, humidityRh: { tolerated: [15, 65], preferred: [25, 55] },
    lengthMm: 16, survivesHunting: "cropped", seedPer1000Cm2: 6, breedsInDays: 90, cautions: ["neverRelease"],
    from: cultureFromMemory, fieldFrom: { humidityRh: { ...practice, note: "bears drought; wants a slice of root or fruit a few times a week" } },
  },
  {
    id: "superwormBeetle", scientificName: "Zophobas morio", group: "beetle",
    temperatureC: { tolerated: [20, 33], preferred: [24, 30] }, humidityRh: { tolerated: [25, 70], preferred: [40, 60] },
    lengthMm: 25, survivesHunting: "cropped", seedPer1000Cm2: 4, breedsInDays: 120, cautions: ["neverRelease"],
    from: cultureFromMemory, fieldFrom: { temperatureC: { ...practice, note: "dies when chilled" } },
  },
  {
    id: "ringleggedEarwig", scientificName: "Euborellia annulipes", group: "earwig",
    temperatureC: { tolerated: [16, 31], preferred: [21, 28] }, humidityRh: { tolerated: [45, 90], preferred: [55, 80] },
    lengthMm: 14, survivesHunting: "cropped", seedPer1000Cm2: 5, breedsInDays: 75, cautions: ["neverRelease", "escape"], from: cultureFromMemory,
  },
];
