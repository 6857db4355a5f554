type Variant<V extends string> = { variant: V };
type Uvi = { lowUvi: number; highUvi: number };
type Animal = { animalId: string };
type Kind = { kindId: string };
type Wanted = { lowC: number; highC: number; wantLowC: number; wantHighC: number };

type Damp = Record<"lowRh" | "highRh" | "wantLowRh" | "wantHighRh", number> & Variant<"day" | "night" | "always">;

/** What each finding about gear is told with, in base units. */
export type GearQuantities = {
  /** What the box comes to, what is wanted, and the heat that would hold it, watts. */
  tooCold: Animal & Wanted & { roomC: number; needW: number } & Variant<"day" | "coolEnd" | "night">;
  /** What the cool end comes to by day, or the box by night, against the most that is wanted there. */
  tooHot: Animal & Omit<Wanted, "wantLowC"> & Variant<"day" | "warmEnd" | "night" | "noEscape">;
  /** What the air comes to, against what is wanted: by day, by night, or both, told by the day's figures. */
  tooDry: Animal & Damp;
  tooDamp: Animal & Damp;
  baskingOff: Animal & Wanted & Variant<"noLamp" | "tooCool" | "tooHot">;
  /** UV index that comes and that is wanted, as it is told. */
  uvOff: Animal & Uvi & { wantLowUvi: number; wantHighUvi: number } & Variant<"missing" | "tooWeak" | "tooStrong">;
  uvNoShade: Animal & Uvi;
  heaterLoose: Kind;
  setPointBeyond: Kind & { setC: number; reachC: number };
  matUnder: Kind & { soilCm: number } & Variant<"deepSoil" | "digger">;
  lampNear: Kind & { nearCm: number; needCm: number } & Variant<"mesh" | "leaf" | "stand" | "beside">;
  miswired: Kind & { otherKindId: string };
  socketUnguarded: { count: number };
  noDripLoop: { count: number };
  stripOverloaded: Kind & { loadW: number; mostW: number };
  lightByNight: Kind;
  probeOff: Kind & Variant<"missing" | "outside" | "buried">;
  gearBuried: Kind & { atCm: number; groundCm: number };
  /** How long it is, and how far it would reach through the glass. */
  gearTooLong: Kind & { spanCm: number; overCm: number };
  pumpNoFlow: Kind & { headCm: number; liftCm: number };
};

export type GearCode = keyof GearQuantities;

export const GEAR_CODES: Record<GearCode, true> = {
  tooCold: true,
  tooHot: true,
  tooDry: true,
  tooDamp: true,
  baskingOff: true,
  uvOff: true,
  uvNoShade: true,
  heaterLoose: true,
  setPointBeyond: true,
  matUnder: true,
  lampNear: true,
  miswired: true,
  socketUnguarded: true,
  noDripLoop: true,
  stripOverloaded: true,
  lightByNight: true,
  probeOff: true,
  gearBuried: true,
  gearTooLong: true,
  pumpNoFlow: true,
};
