import type { FurnishingCode, RefugeCode } from "../hardscape";
import type { Spot, Wall } from "../habitat";
import type { OffCode } from "../mix";
import { GEAR_CODES, type GearQuantities } from "./gearQuantities";

type Band<N extends "C" | "Rh"> = Record<`low${N}` | `high${N}`, number>;
/** Which of its sentences a finding is told with. */
type Variant<V extends string> = { variant: V };
type Animal = { animalId: string };
type Plant = { plantId: string };
type Warmth = Band<"C"> & { wantLowC: number; wantHighC: number };
type TwoPlants = Plant & { otherId: string };
type Wanting = Plant & Animal & Band<"Rh"> & { wantLowRh: number; wantHighRh: number } & Variant<"air" | "roots">;
type CrewOff = Animal & { crewId: string; lowPct: number; highPct: number; wantLowPct: number; wantHighPct: number };
type Missing = Animal & { needCount: number; haveCount: number };
/** How long one is that holds the animal whole. */
type Hide = { holdsGrownCm: number };

/** What each finding is told with, in base units; names end in their unit. A code that is not here is no finding. */
export type FindingQuantities = GearQuantities & {
  boxTooSmall: Animal & { widthCm: number; depthCm: number; clearCm: number; count: number } & {
    haveWidthCm: number;
    haveDepthCm: number;
    haveClearCm: number;
    /** How much of the width and of the depth what is built on the walls takes. */
    takenWidthCm: number;
    takenDepthCm: number;
  };
  tooMany: Animal & { count: number; mostCount: number } & Variant<"tooMany" | "oneToABox">;
  farToFall: Animal & { mostCm: number; haveCm: number };
  boxTooLarge: Animal & { widthCm: number; depthCm: number; heightCm: number };
  boxShape: Animal & { widthCm: number; heightCm: number } & Variant<"tooFlat" | "tooUpright">;
  matesMisfit: Animal & {
    mateId: string;
    loneId?: string;
    hunterId?: string;
    preyId?: string;
    toxicId?: string;
  } & Variant<"alone" | "eaten" | "toxic" | "otherWarmth" | "otherDamp">;
  aboveRim: { overCm: number; topCm: number; heightCm: number; soilCm: number };
  overSill: { overCm: number; fillCm: number; sillCm: number; drainageCm: number; soilCm: number; dressCm: number };
  waterOverSafeLine: {
    lineCm: number;
    safeCm: number;
    barrierCm: number;
    riseCm: number;
    drawWaterL: number;
  } & Variant<"design" | "reading">;
  drainageMissing: Band<"Rh">;
  drainageInArid: Animal & { depthCm: number };
  barrierMissing: { topCm: number };
  soilMissing: { needCm: number };
  soilTooShallow: Animal & { needCm: number; haveCm: number };
  emptyMix: { nth: number };
  mixHurts: Animal & { ingredientId: string } & Variant<"skin" | "digging">;
  mixLimed: Animal & { ingredientId: string; freeLimePct: number; pH: string; mostPh: string };
  mixSeals: { ingredientId: string; swellingPct: number };
  mixOff: Animal & {
    nth: number;
    havePct?: number;
    wantLowPct?: number;
    wantHighPct?: number;
  } & Variant<OffCode>;
  soilInWater: { lineCm: number; lowCm: number };
  slopeTooSteep: { slopeDeg: number; standsDeg: number; xCm: number; yCm: number };
  zoneOutside: { zone: string };
  /** The step the ground makes, how high over the glass its higher side stands, and how high what holds it is. */
  zoneUnheld: { zone: string; stepCm: number; highCm: number; heldCm: number };
  /** The room, against the most that is wanted at the cool end by day, or of the whole box by night. */
  roomTooHot: Animal & { roomC: number; mostC: number } & Variant<"day" | "night">;
  uvBlocked: Animal;
  staleAir: object;
  boxLeaks: { buildId: string; lineCm: number };
  ventBuried: { haveCm: number; fillCm: number } & Variant<"vent" | "port">;
  stoneOnSoil: Animal & { kindId: string; stoneKg: number; baseCm: number };
  pieceTooLarge: { kindId: string; overCm: number } & Variant<"box" | "rim" | "wall">;
  pieceBuried: { kindId: string; underCm: number };
  pieceUnheld: { kindId: string; wall: Wall; edgeCm: number } & Variant<"bare" | "below">;
  pieceOverlaps: { kindId: string; otherKindId: string; sharePct: number } & Variant<"through" | "column">;
  hideMissing: Missing & Hide & Variant<Extract<FurnishingCode, "hideWarm" | "hideCool" | "hideAny">>;
  refugeMissing: Missing & Variant<RefugeCode>;
  humidHideMissing: Missing & Hide;
  climbMissing: Missing;
  baskingMissing: Missing & Variant<"places" | "heights">;
  bowlMissing: Missing;
  standOverloaded: { ratedKg: number; wetKg: number; floodedKg: number; groundKg: number; piecesKg: number };
  paneOverloaded: { stressMPa: string; allowedMPa: string; wallMm: number; kindId?: string } & Variant<
    "even" | "piece"
  >;
  foamUnfinished: { wall: Wall };
  plantOutgrows: Plant & { grownCm: number; roomCm: number; footCm: number };
  plantWantsWetter: Wanting;
  plantWantsDrier: Wanting;
  plantRootsShallow: Plant & { rootCm: number; soilCm: number };
  plantTrampled: Plant & Animal;
  plantHarmful: Plant & Animal & Variant<"grazed" | "nibbled" | "unknown">;
  plantTooDim: Plant & { ppfd: number; wantLow: number; wantHigh: number };
  plantWrongWarmth: Plant & Warmth & Variant<"tooWarm" | "tooCool">;
  plantTooBright: Plant & { ppfd: number; wantLow: number; wantHigh: number };
  plantPricks: Plant & Animal;
  plantMisplaced: Plant & { spot: Spot };
  plantInside: Plant & { kindId?: string } & Variant<"wall" | "piece">;
  plantNoWood: Plant;
  plantsCrowd: TwoPlants & { sharePct: number };
  plantShaded: TwoPlants;
  viewBlocked: Plant & { grownCm: number };
  plantDiesHere: Plant & Animal & { count: number };
  crewTooDry: CrewOff;
  crewTooWet: CrewOff;
  crewWrongWarmth: Animal & { crewId: string } & Warmth & Variant<"tooWarm" | "tooCool">;
  crewWrongAir: Animal & { crewId: string } & Band<"Rh"> & { wantLowRh: number; wantHighRh: number } & Variant<
      "tooDry" | "tooWet"
    >;
  crewHunted: Animal & { crewId: string };
  crewHarms: Animal & { crewId: string } & Variant<"bitesResting" | "eatsEggs" | "noxiousFluid">;
  crewNowhere: Animal & { crewId: string } & Variant<"noWater" | "noLand">;
  crewMissing: Animal;
  plantsMissing: Animal;
  outOfBand: { place: string; valueC?: number; lowC?: number; highC?: number; valueRh?: number } & Partial<Band<"Rh">> &
    Variant<"temperatureC" | "humidityRh">;
};
export type FindingCode = keyof FindingQuantities;

/** Every code there is; the compiler holds the list to be whole. */
const CODES: Record<FindingCode, true> = {
  ...GEAR_CODES,
  boxTooSmall: true,
  tooMany: true,
  farToFall: true,
  boxTooLarge: true,
  boxShape: true,
  matesMisfit: true,
  aboveRim: true,
  overSill: true,
  waterOverSafeLine: true,
  drainageMissing: true,
  drainageInArid: true,
  barrierMissing: true,
  soilMissing: true,
  soilTooShallow: true,
  emptyMix: true,
  mixHurts: true,
  mixLimed: true,
  mixSeals: true,
  mixOff: true,
  soilInWater: true,
  slopeTooSteep: true,
  zoneOutside: true,
  zoneUnheld: true,
  roomTooHot: true,
  uvBlocked: true,
  staleAir: true,
  boxLeaks: true,
  ventBuried: true,
  stoneOnSoil: true,
  pieceTooLarge: true,
  pieceBuried: true,
  pieceUnheld: true,
  pieceOverlaps: true,
  hideMissing: true,
  refugeMissing: true,
  humidHideMissing: true,
  climbMissing: true,
  baskingMissing: true,
  bowlMissing: true,
  standOverloaded: true,
  paneOverloaded: true,
  foamUnfinished: true,
  plantOutgrows: true,
  plantWantsWetter: true,
  plantWantsDrier: true,
  plantRootsShallow: true,
  plantTrampled: true,
  plantHarmful: true,
  plantTooDim: true,
  plantWrongWarmth: true,
  plantTooBright: true,
  plantPricks: true,
  plantMisplaced: true,
  plantInside: true,
  plantNoWood: true,
  plantsCrowd: true,
  plantShaded: true,
  viewBlocked: true,
  plantDiesHere: true,
  crewTooDry: true,
  crewTooWet: true,
  crewWrongWarmth: true,
  crewWrongAir: true,
  crewHunted: true,
  crewHarms: true,
  crewNowhere: true,
  crewMissing: true,
  plantsMissing: true,
  outOfBand: true,
};
export const FINDING_CODES = Object.keys(CODES) as FindingCode[];
