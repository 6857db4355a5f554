import { isUnsure, provenanceOf, type CatalogKind } from "../catalog";
import { WISHED_BY, type Climate } from "../climate";
import type { Library } from "../library";
import type { FindingCode, FindingQuantities } from "./quantities";
import type { Finding } from "./types";

/** A figure or a choice of an entry that a finding was decided by: where it stands. */
export type Decider = { kind: CatalogKind; id: string; path: string };
/** One that wants checking before the others: it rests on memory, and it decided something. */
export type CheckFirst = Decider & { unsure: boolean };

/** Figures of the animal's entry that told the air and the ground a finding was judged in. */
type DecidedBy = Climate["decidedBy"];
type Deciding<C extends FindingCode> = (
  told: FindingQuantities[C],
  animalId: string,
  by: DecidedBy,
) => readonly Decider[];

const at =
  (kind: CatalogKind) =>
  (id: string, ...paths: readonly string[]): Decider[] =>
    paths.map((path) => ({ kind, id, path }));
const animal = at("animals");
const plant = at("plants");
const crew = at("crew");
const ingredient = at("ingredients");
const gear = at("gear");

/** Geometry, physics or the builder's own figures decided it. */
const nothing = () => [];
const ofAnimal =
  (...paths: readonly string[]) =>
  (_told: unknown, animalId: string) =>
    animal(animalId, ...paths);

const ofAir = ({ air }: DecidedBy, figure: string): string[] => air.filter((path) => path.startsWith(figure));

const wanting: Deciding<"plantWantsWetter" | "plantWantsDrier"> = ({ plantId, variant }, animalId, by) => [
  ...plant(plantId, variant === "air" ? "humidityRh" : "roots"),
  ...animal(animalId, ...(variant === "air" ? ofAir(by, "humidityRh") : by.ground)),
];
const crewOff: Deciding<"crewTooDry" | "crewTooWet"> = ({ crewId }, animalId, { ground }) => [
  ...crew(crewId, "soilMoisture"),
  ...animal(animalId, ...ground),
];

const dampOff: Deciding<"tooDry" | "tooDamp"> = ({ variant }, animalId) =>
  animal(animalId, variant === "night" ? "humidityRh.night" : "humidityRh.day");

const MATES: Record<FindingQuantities["matesMisfit"]["variant"], Deciding<"matesMisfit">> = {
  alone: ({ loneId = "" }) => animal(loneId, "box.company"),
  eaten: ({ hunterId = "", preyId = "" }) => [...animal(hunterId, "food.foods", "length"), ...animal(preyId, "length")],
  toxic: ({ toxicId = "" }) => animal(toxicId, "cautions"),
  otherWarmth: ({ mateId }, animalId) =>
    [animalId, mateId].flatMap((id) => animal(id, "temperatureC.warm", "temperatureC.cool")),
  otherDamp: ({ mateId }, animalId) => [animalId, mateId].flatMap((id) => animal(id, "humidityRh.day")),
};

const BAND_OF: Readonly<Record<string, string>> = { warmEnd: "temperatureC.warm", coolEnd: "temperatureC.cool" };

/** For each kind of finding, the entries' figures it turns on. The compiler holds the list to be whole. */
const DECIDING: { readonly [C in FindingCode]: Deciding<C> } = {
  boxTooSmall: ofAnimal("box.widthCm", "box.depthCm", "box.clearHeightCm", "box.forCount", "box.eachMoreFloorShare"),
  tooMany: ofAnimal("box.mostTogether", "box.company"),
  farToFall: ofAnimal("box.greatestFallCm"),
  boxTooLarge: ofAnimal("young.largestBox"),
  boxShape: ofAnimal("lives"),
  matesMisfit: (told, animalId, by) => MATES[told.variant](told, animalId, by),
  aboveRim: nothing,
  overSill: nothing,
  waterOverSafeLine: nothing,
  drainageMissing: ofAnimal("drainage"),
  drainageInArid: ofAnimal("drainage"),
  barrierMissing: nothing,
  soilMissing: ofAnimal("soil.type"),
  soilTooShallow: ofAnimal("soil.leastDepthCm"),
  emptyMix: nothing,
  mixHurts: ({ ingredientId, variant }) => ingredient(ingredientId, variant === "skin" ? "amphibianSkin" : "safeToDig"),
  mixLimed: ofAnimal("soil.type"),
  mixSeals: nothing,
  mixOff: ofAnimal("climate", "soil.type"),
  soilInWater: nothing,
  slopeTooSteep: nothing,
  zoneOutside: nothing,
  zoneUnheld: nothing,
  roomTooHot: ({ variant }, animalId) => animal(animalId, `temperatureC.${variant === "night" ? "night" : "cool"}`),
  uvBlocked: ofAnimal("uv.need"),
  tooCold: ({ variant }, animalId) =>
    animal(
      animalId,
      `temperatureC.${{ day: "warm", coolEnd: "cool", night: "night" }[variant]}`,
      "temperatureC.heating",
    ),
  tooHot: ({ variant }, animalId) =>
    animal(
      animalId,
      `temperatureC.${{ day: "cool", warmEnd: "warm", night: "night", noEscape: "highestForDays" }[variant]}`,
    ),
  tooDry: dampOff,
  tooDamp: dampOff,
  baskingOff: ofAnimal("temperatureC.baskingSurface"),
  uvOff: ofAnimal("uv.need", "uv.indexAtBack"),
  uvNoShade: ofAnimal("uv.indexAtBack"),
  heaterLoose: nothing,
  setPointBeyond: nothing,
  matUnder: nothing,
  lampNear: nothing,
  miswired: ({ kindId, otherKindId }) => [...gear(kindId, "neverWith"), ...gear(otherKindId, "neverWith")],
  socketUnguarded: nothing,
  noDripLoop: nothing,
  stripOverloaded: nothing,
  lightByNight: nothing,
  probeOff: nothing,
  gearBuried: nothing,
  gearTooLong: nothing,
  pumpNoFlow: nothing,
  staleAir: nothing,
  boxLeaks: nothing,
  ventBuried: nothing,
  stoneOnSoil: ofAnimal("lives", "plants.roughness"),
  pieceTooLarge: nothing,
  pieceBuried: nothing,
  pieceUnheld: nothing,
  pieceOverlaps: nothing,
  hideMissing: ofAnimal("refuges"),
  refugeMissing: ofAnimal("refuges"),
  humidHideMissing: ofAnimal("refuges"),
  climbMissing: ofAnimal("perches.spans"),
  baskingMissing: ofAnimal("perches.baskingPlaces"),
  bowlMissing: ofAnimal("water.kind"),
  standOverloaded: nothing,
  paneOverloaded: nothing,
  foamUnfinished: nothing,
  plantOutgrows: ({ plantId }) => plant(plantId, "grown.heightCm"),
  plantWantsWetter: wanting,
  plantWantsDrier: wanting,
  plantRootsShallow: ({ plantId }) => plant(plantId, "rootDepth"),
  plantTrampled: ({ plantId }, animalId) => [...plant(plantId, "sturdy"), ...animal(animalId, "plants.roughness")],
  plantHarmful: ({ plantId, variant }, animalId) => [
    ...(variant === "grazed" ? [] : plant(plantId, "toxicity.leafEatingReptiles")),
    ...(variant === "nibbled" ? [] : plant(plantId, "toxicity.grazers")),
    ...animal(animalId, "plants.eatsLiving"),
  ],
  plantTooDim: ({ plantId }) => plant(plantId, "ppfd"),
  plantMisplaced: ({ plantId }) => plant(plantId, "places"),
  plantWrongWarmth: ({ plantId }, animalId, by) => [
    ...plant(plantId, "temperatureC"),
    ...animal(animalId, ...ofAir(by, "temperatureC")),
  ],
  plantTooBright: ({ plantId }) => plant(plantId, "ppfd"),
  plantPricks: ({ plantId }) => plant(plantId, "hazards"),
  plantInside: nothing,
  plantNoWood: ({ plantId }) => plant(plantId, "places"),
  plantsCrowd: ({ plantId, otherId }) => [plantId, otherId].flatMap((id) => plant(id, "grown.spreadCm")),
  plantShaded: ({ plantId, otherId }) => [...plant(plantId, "light"), ...plant(otherId, "grown.spreadCm")],
  viewBlocked: ({ plantId }) => plant(plantId, "grown.heightCm"),
  plantDiesHere: nothing,
  crewTooDry: crewOff,
  crewTooWet: crewOff,
  crewWrongWarmth: ({ crewId }, animalId, by) => [
    ...crew(crewId, "temperatureC"),
    ...animal(animalId, ...ofAir(by, "temperatureC")),
  ],
  crewWrongAir: ({ crewId }, animalId, by) => [
    ...crew(crewId, "airRh"),
    ...animal(animalId, ...ofAir(by, "humidityRh")),
  ],
  crewHunted: ({ crewId }, animalId) => [...crew(crewId, "survivesHunting"), ...animal(animalId, "eatsCrew")],
  crewHarms: ({ crewId }) => crew(crewId, "hazards"),
  crewNowhere: ({ crewId }, animalId) => [...crew(crewId, "livesAt"), ...animal(animalId, "water.kind")],
  crewMissing: nothing,
  plantsMissing: nothing,
  outOfBand: ({ place, variant }, animalId) =>
    animal(animalId, variant === "humidityRh" ? "humidityRh.day" : (BAND_OF[place] ?? "temperatureC")),
};

/**
 * The figures and choices of entries that a finding turns on. Where the builder follows a school, its answer decided in
 * the entry's place, and that choice is theirs.
 *
 * @example decidersOf(shallow, "leopardGecko") // [{ kind: "animals", id: "leopardGecko", path: "soil.leastDepthCm" }]
 */
export function decidersOf(finding: Finding, animalId: string, by: DecidedBy = WISHED_BY): readonly Decider[] {
  if (finding.follows !== undefined) return [];
  return (DECIDING[finding.code] as Deciding<FindingCode>)(finding.quantities, animalId, by);
}

/**
 * Those of a finding's figures that rest on memory alone, and so deserve to be checked before others; what its teller
 * was unsure of is marked. What a builder entered themselves is theirs to know.
 */
export function checkFirst(finding: Finding, animalId: string, library: Library, by?: DecidedBy): CheckFirst[] {
  return decidersOf(finding, animalId, by).flatMap((decider): CheckFirst[] => {
    const { kind, id, path } = decider;
    const entry = library.ownName(kind, id) === undefined ? library.find(kind, id) : undefined;
    if (!entry || provenanceOf(entry, path).kind !== "memory") return [];
    return [{ ...decider, unsure: "unsure" in entry && isUnsure(entry, path) }];
  });
}
