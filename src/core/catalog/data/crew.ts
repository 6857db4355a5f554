import { memory, practice, type Provenance } from "../provenance";
import type { Crew } from "../schema";

const cultureFromMemory = { ...memory, note: "usual culture range, recalled" };

/** Four ends of what it bears and likes: tolerated low, preferred low, preferred high, tolerated high. */
type Ends = [number, number, number, number];
type Row = [
  id: string, scientificName: string, group: Crew["group"], temperature: Ends, humidity: Ends, lengthMm: number, survivesHunting: Crew["survivesHunting"],
  seedPer1000Cm2: number, breedsInDays: number, eats: Crew["eats"], more?: { synonyms?: string[]; cautions?: Crew["cautions"]; fieldFrom?: Record<string, Provenance> },
];

/** Seeding is animals for each 1000 cm² of floor. */
const ROWS: readonly Row[] = [
  ["temperateSpringtail", "Folsomia candida", "springtail", [8, 16, 24, 27], [70, 85, 100, 100], 2, "hidden", 200, 28, ["mould", "dung"]],
  ["tropicalSpringtail", "Sinella curviseta", "springtail", [18, 21, 28, 31], [60, 75, 100, 100], 2, "hidden", 200, 21, ["mould", "dung"]],
  ["slenderSpringtail", "Coecobrya tenebricosa", "springtail", [15, 20, 27, 30], [60, 75, 100, 100], 2, "hidden", 200, 24, ["mould", "dung"]],
  ["orangeSpringtail", "Yuukianura aphoruroides", "springtail", [15, 19, 26, 29], [75, 85, 100, 100], 3, "some", 80, 45, ["mould", "litter"]],
  ["dwarfWhiteIsopod", "Trichorhina tomentosa", "isopod", [18, 21, 28, 30], [60, 75, 95, 100], 4, "hidden", 20, 35, ["dung", "litter", "mould"], { fieldFrom: { survivesHunting: { ...practice, note: "stays in the soil and hardly gets eaten" } } }],
  ["powderIsopod", "Porcellionides pruinosus", "isopod", [16, 21, 30, 33], [35, 50, 80, 95], 10, "some", 15, 35, ["dung", "litter", "shed"], { fieldFrom: { humidityRh: { ...practice, note: "fast, and bears dryness" } } }],
  ["roughIsopod", "Porcellio scaber", "isopod", [8, 16, 25, 29], [45, 55, 80, 90], 15, "some", 12, 45, ["dung", "litter", "shed", "feeders"]],
  ["pillIsopod", "Armadillidium vulgare", "isopod", [8, 18, 25, 29], [40, 50, 75, 85], 15, "some", 12, 60, ["litter", "dung"]],
  ["littleSeaIsopod", "Cubaris murina", "isopod", [19, 22, 27, 30], [60, 70, 90, 95], 9, "some", 15, 50, ["litter", "dung"]],
  ["shinyIsopod", "Oniscus asellus", "isopod", [5, 12, 21, 25], [60, 70, 90, 97], 15, "some", 12, 60, ["litter", "dung"]],
  ["pygmyIsopod", "Trichoniscus pusillus", "isopod", [4, 10, 20, 24], [75, 85, 100, 100], 4, "hidden", 20, 50, ["litter", "mould"]],
  ["rosyIsopod", "Androniscus dentiger", "isopod", [5, 12, 20, 24], [75, 85, 100, 100], 6, "hidden", 18, 60, ["litter", "mould"]],
  ["giantCanyonIsopod", "Porcellio dilatatus", "isopod", [10, 18, 26, 30], [45, 55, 80, 90], 19, "some", 10, 50, ["dung", "litter", "feeders", "shed"]],
  ["dairyIsopod", "Porcellio laevis", "isopod", [12, 20, 28, 32], [45, 55, 80, 90], 19, "some", 12, 35, ["dung", "feeders", "shed", "litter"], { fieldFrom: { eats: { ...practice, note: "large ones like protein" } } }],
  ["titanIsopod", "Porcellio hoffmannseggii", "isopod", [12, 18, 26, 30], [35, 45, 65, 80], 30, "some", 4, 120, ["litter", "feeders", "shed"]],
  ["nosyPillIsopod", "Armadillidium nasatum", "isopod", [8, 18, 26, 30], [40, 50, 75, 88], 15, "some", 12, 55, ["litter", "dung"]],
  ["zebraIsopod", "Armadillidium maculatum", "isopod", [10, 18, 25, 29], [45, 55, 75, 88], 17, "some", 10, 60, ["litter", "dung"]],
  ["swiftForestIsopod", "Atlantoscia floridana", "isopod", [15, 20, 27, 30], [60, 75, 95, 100], 7, "some", 15, 40, ["litter", "dung"]],
  ["mealwormBeetle", "Tenebrio molitor", "beetle", [8, 18, 28, 32], [15, 25, 55, 65], 16, "cropped", 6, 90, ["dung", "shed", "feeders"], { fieldFrom: { humidityRh: { ...practice, note: "bears drought; wants a slice of root or fruit a few times a week" } } }],
  ["superwormBeetle", "Zophobas morio", "beetle", [20, 24, 30, 33], [25, 40, 60, 70], 25, "cropped", 4, 120, ["dung", "shed", "feeders"], { fieldFrom: { temperatureC: { ...practice, note: "dies when chilled" } } }],
  ["lesserMealworm", "Alphitobius diaperinus", "beetle", [18, 24, 32, 36], [20, 35, 60, 70], 6, "some", 15, 60, ["dung", "shed", "feeders"], { cautions: ["escape"] }],
  ["blueDeathFeigningBeetle", "Asbolus verrucosus", "beetle", [10, 22, 33, 40], [10, 20, 45, 55], 20, "some", 2, 240, ["shed", "feeders"], { synonyms: ["Cryptoglossa verrucosa"] }],
  ["sunBeetle", "Pachnoda marginata", "beetle", [18, 23, 29, 32], [40, 50, 75, 85], 25, "cropped", 3, 120, ["litter"]],
  ["ringleggedEarwig", "Euborellia annulipes", "earwig", [16, 21, 28, 31], [45, 55, 80, 90], 14, "cropped", 5, 75, ["dung", "feeders", "shed"], { cautions: ["escape"] }],
  ["greenhouseMillipede", "Oxidus gracilis", "millipede", [12, 18, 27, 30], [60, 70, 95, 100], 20, "some", 6, 90, ["litter", "dung"]],
  ["miniatureAwlsnail", "Subulina octona", "snail", [16, 20, 28, 31], [65, 75, 100, 100], 15, "some", 8, 45, ["mould", "litter"]],
  ["decollateSnail", "Rumina decollata", "snail", [6, 15, 26, 31], [45, 55, 85, 95], 30, "some", 2, 120, ["litter", "feeders"], { cautions: ["protectedSpecies"] }],
  ["surinamRoach", "Pycnoscelus surinamensis", "roach", [18, 23, 30, 33], [50, 60, 85, 95], 22, "some", 6, 120, ["litter", "dung", "feeders"], { cautions: ["escape"] }],
  ["hoodedDwarfRoach", "Compsodes schwarzi", "roach", [16, 22, 29, 33], [40, 50, 75, 88], 5, "hidden", 20, 90, ["litter", "dung", "shed"]],
  ["compostWorm", "Eisenia fetida", "earthworm", [6, 15, 25, 29], [65, 75, 100, 100], 80, "hidden", 6, 60, ["dung", "litter"]],
  ["nightcrawlerSmall", "Dendrobaena hortensis", "earthworm", [5, 12, 22, 26], [65, 75, 100, 100], 70, "hidden", 6, 80, ["dung", "litter"], { synonyms: ["Eisenia hortensis", "Dendrobaena veneta"] }],
];

/** The cleanup crew. */
export const crew: readonly Crew[] = ROWS.map(([id, scientificName, group, t, h, lengthMm, survivesHunting, seedPer1000Cm2, breedsInDays, eats, more = {}]) => ({
  id, scientificName, synonyms: more.synonyms ?? [], group,
  temperatureC: { tolerated: [t[0], t[3]], preferred: [t[1], t[2]] }, humidityRh: { tolerated: [h[0], h[3]], preferred: [h[1], h[2]] },
  lengthMm, survivesHunting, seedPer1000Cm2, breedsInDays, eats, cautions: ["neverRelease", ...(more.cautions ?? [])],
  from: cultureFromMemory, ...(more.fieldFrom ? { fieldFrom: more.fieldFrom } : {}),
}));
