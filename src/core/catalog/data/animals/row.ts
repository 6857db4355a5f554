import { BAINES_2016, memory, type Provenance } from "../../provenance";
import type { Animal, AnimalKind, Caution, Range } from "../../schema";

const careFromMemory = { ...memory, note: "usual keeping range, recalled; check against a care work for the species" };
const uvRecalled = { ...memory, note: `zone as recalled from the assignments in ${BAINES_2016}; check its table` };

/** One animal in a row: the columns say what they are; what follows from its kind is filled in. */
export type AnimalRow = [
  id: string, scientificName: string, kind: AnimalKind, region: Animal["region"], climate: Animal["climate"],
  size: [lengthCm: number, massG: number], habit: Animal["habit"], activity: Animal["activity"],
  temperature: [basking: Range | null, warm: Range, cool: Range, night: Range],
  humidity: [dayLow: number, dayHigh: number, nightLow: number, nightHigh: number], uvZone: number,
  box: [widthCm: number, depthCm: number, heightCm: number, forCount: number, eachMoreFloorShare: number, mostTogether: number],
  soilDepthCm: number, drainage: Animal["drainage"], eatsCrew: Animal["eatsCrew"], roughOnPlants: Animal["roughOnPlants"], mistPerWeek: number, growInDays: number,
  company: Animal["company"], water: Animal["water"], diet: Animal["diet"], difficulty: Animal["difficulty"],
  more?: { schools?: Animal["schools"]; cautions?: Caution[]; synonyms?: string[]; roomTemperature?: true; fieldFrom?: Record<string, Provenance> },
];

const AMPHIBIANS: readonly AnimalKind[] = ["poisonFrog", "groundFrog", "treeFrog", "toad", "newt"];
const INVERTEBRATES: readonly AnimalKind[] = ["tarantula", "scorpion", "mantis", "millipede", "crab"];

/** Which class a kind belongs to. @example groupOf("toad") // "amphibian" */
const groupOf = (kind: AnimalKind): Animal["group"] => (AMPHIBIANS.includes(kind) ? "amphibian" : INVERTEBRATES.includes(kind) ? "invertebrate" : "reptile");

/** Days a newcomer is kept apart: from memory, as commonly advised. */
const QUARANTINE_DAYS: Record<Animal["group"], number> = { amphibian: 60, reptile: 60, invertebrate: 30 };

const KIND_CAUTIONS: Partial<Record<AnimalKind, Caution[]>> = {
  poisonFrog: ["toxicSkin"], toad: ["toxicSkin"], newt: ["toxicSkin", "lid"], tarantula: ["sting", "lid"], scorpion: ["sting", "lid"], crab: ["lid"], millipede: ["toxicSkin"],
  boa: ["escape"], python: ["escape"], colubrid: ["escape"],
};

/** Makes an entry of a row. */
export function animal([
  id, scientificName, kind, region, climate, [adultLengthCm, adultMassG], habit, activity, [basking, warm, cool, night], humidity, uvZone, box, soilDepthCm, drainage, eatsCrew,
  roughOnPlants, mistPerWeek, growInDays, company, water, diet, difficulty, more = {},
]: AnimalRow): Animal {
  const group = groupOf(kind);
  const cautions: Caution[] = ["handWashing", ...(group === "invertebrate" ? [] : (["quarantineVet"] as const)), ...(KIND_CAUTIONS[kind] ?? []), ...(basking ? (["heat"] as const) : []), ...(more.cautions ?? [])];
  return {
    id, scientificName, synonyms: more.synonyms ?? [], kind, group, region, climate, adultLengthCm, adultMassG, habit, activity,
    temperatureC: { ...(basking ? { basking } : {}), warm, cool, night },
    humidityRh: [humidity[0], humidity[1]], nightHumidityRh: [humidity[2], humidity[3]], uvZone,
    box: { widthCm: box[0], depthCm: box[1], heightCm: box[2], forCount: box[3], eachMoreFloorShare: box[4], mostTogether: box[5] },
    soilDepthCm, drainage, eatsCrew, roughOnPlants, mistPerWeek, growInDays, company, water, diet, difficulty, schools: more.schools ?? [], roomTemperature: more.roomTemperature ?? false,
    quarantineDays: QUARANTINE_DAYS[group], cautions: [...new Set(cautions)], from: careFromMemory, fieldFrom: { uvZone: uvRecalled, ...more.fieldFrom },
  };
}
