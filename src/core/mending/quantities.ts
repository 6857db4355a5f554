/** Which of its sentences a mend is told with. */
type Variant<V extends string> = { variant: V };
type Size = { widthCm: number; depthCm: number; heightCm: number };
/** The room kept warmer or cooler than it is. */
type InRoom = { roomC: number };
type CrewChange = { crewId: string; swapCrewId?: string } & Variant<"swap" | "remove">;
/** Gentler ways before a plant is taken out. */
type PlantChange<V extends string> = { keptCm?: number; needCm?: number } & Variant<V | "remove">;

/** What the buttons of each finding that can be mended are told with. */
export type MendQuantities = {
  boxTooSmall: Partial<Size> & { mostCount?: number } & Variant<"larger" | "fewer">;
  boxTooLarge: { widthCm: number; depthCm: number } & Variant<"smaller" | "grown">;
  tooMany: { mostCount: number };
  matesMisfit: { mateId: string };
  overSill: { byCm?: number; frontCm?: number; backCm?: number; depthCm?: number } & Variant<
    "lower" | "slope" | "thinner"
  >;
  aboveRim: { byCm: number };
  waterOverSafeLine: { lineCm?: number; depthCm?: number; drawWaterL?: number } & Variant<
    "lower" | "siphon" | "deepen"
  >;
  drainageMissing: { depthCm: number; materialId: string };
  drainageInArid: object;
  barrierMissing: { materialId: string };
  soilMissing: { needCm: number };
  soilTooShallow: { needCm?: number; frontCm?: number; backCm?: number; depthCm?: number } & Variant<
    "deepen" | "slope" | "thinner"
  >;
  mixHurts: { ingredientId: string };
  mixLimed: object;
  mixSeals: object;
  mixOff: { ingredientId?: string; sharePct?: number; recipeId?: string } & Variant<"add" | "leaveOut" | "recipe">;
  soilInWater: object;
  zoneOutside: { zone: string };
  zoneUnheld: { kindId: string; heightCm: number };
  staleAir: object;
  uvBlocked: object;
  farToFall: { heightCm: number };
  roomTooHot: InRoom;
  tooCold: { kindId?: string; loadW?: number; count?: number; coveredPct?: number } & Partial<InRoom> &
    Variant<"set" | "stronger" | "cover" | "heater" | "heaters" | "covered" | "room" | "roomHeater" | "roomHeaters">;
  tooHot: { kindId?: string; loadW?: number } & Partial<InRoom> &
    Variant<"weaker" | "held" | "uncover" | "nightOff" | "room">;
  tooDry: { coveredPct?: number; kindId?: string } & Variant<
    "cover" | "mist" | "coverMist" | "coverAdd" | "set" | "add"
  >;
  tooDamp: { coveredPct?: number } & Variant<"mist" | "uncover" | "mesh" | "set">;
  baskingOff: { kindId?: string; loadW?: number; upCm?: number } & Partial<InRoom> &
    Variant<"hang" | "power" | "raise" | "room" | "roomHang">;
  uvOff: { kindId?: string; upCm?: number } & Partial<InRoom> &
    Variant<"hang" | "lower" | "raise" | "swap" | "move" | "room" | "roomHang">;
  uvNoShade: { kindId: string };
  heaterLoose: { kindId: string };
  setPointBeyond: { loadW: number };
  matUnder: object;
  lampNear: { upCm: number } & Variant<"higher" | "aside" | "over">;
  miswired: { otherKindId: string };
  socketUnguarded: object;
  noDripLoop: object;
  lightByNight: object;
  probeOff: object;
  gearBuried: object;
  gearTooLong: { spanCm?: number } & Variant<"move" | "shorter">;
  pumpNoFlow: { headCm: number };
  boxLeaks: object;
  ventBuried: { upCm: number };
  stoneOnSoil: object;
  pieceTooLarge: { heightCm?: number } & Variant<"move" | "turn" | "shorten" | "remove">;
  pieceBuried: object;
  pieceUnheld: { treatmentId?: string; upCm?: number } & Variant<"build" | "floor" | "raise">;
  pieceOverlaps: Variant<"move" | "remove">;
  hideMissing: { kindId: string };
  refugeMissing: { kindId?: string; plantId?: string } & Variant<"setUp" | "plant">;
  humidHideMissing: { kindId: string };
  bowlMissing: { kindId: string };
  climbMissing: { kindId: string };
  baskingMissing: { kindId: string };
  paneOverloaded: object;
  foamUnfinished: { finishId: string };
  plantOutgrows: PlantChange<"trim" | "move">;
  plantWantsWetter: PlantChange<"move">;
  plantWantsDrier: PlantChange<"move" | "pot">;
  plantRootsShallow: PlantChange<"move" | "deepen">;
  plantTrampled: PlantChange<"move">;
  plantHarmful: PlantChange<"move">;
  plantTooDim: PlantChange<"move">;
  plantWrongWarmth: PlantChange<"move">;
  plantTooBright: PlantChange<"move">;
  plantPricks: PlantChange<"move">;
  plantMisplaced: PlantChange<"move">;
  plantInside: PlantChange<"move">;
  plantNoWood: { kindId?: string } & Variant<"mount" | "move" | "remove">;
  plantsCrowd: PlantChange<"move" | "trim">;
  plantShaded: PlantChange<"move">;
  viewBlocked: PlantChange<"move" | "trim">;
  plantDiesHere: object;
  plantsMissing: { plantId?: string } & Variant<"plant" | "plain">;
  crewMissing: { crewId?: string } & Variant<"seed" | "byHand">;
  crewTooDry: CrewChange;
  crewTooWet: CrewChange;
  crewWrongWarmth: CrewChange;
  crewWrongAir: CrewChange;
  crewHunted: CrewChange;
  crewHarms: CrewChange;
  crewNowhere: CrewChange;
};
export type MendableCode = keyof MendQuantities;
