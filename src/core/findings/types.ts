import type { Animal } from "../catalog";
import type { Command, Habitat } from "../habitat";
import type { BandCheck } from "../keeping";
import type { BoxReason, Fit, Furnishing, Trouble } from "../living";
import type { Load } from "../load";
import type { Ground } from "../strata";

/** The steps of the work, in order: also the places a finding belongs to. */
export const STEPS = ["brief", "shell", "strata", "mix", "planting", "crew", "climate", "build", "keeping"] as const;
export type Step = (typeof STEPS)[number];

export const FINDING_CODES = [
  "boxTooSmall",
  "tooMany",
  "boxShape",
  "aboveRim",
  "overSill",
  "waterOverSafeLine",
  "drainageMissing",
  "drainageInArid",
  "barrierMissing",
  "soilMissing",
  "soilTooShallow",
  "emptyMix",
  "mixHurts",
  "plantOutgrows",
  "plantWantsWetter",
  "plantWantsDrier",
  "plantRootsShallow",
  "plantTrampled",
  "plantHarmful",
  "plantTooDim",
  "plantMisplaced",
  "plantsCrowd",
  "plantShaded",
  "viewBlocked",
  "plantDiesHere",
  "matesMisfit",
  "crewTooDry",
  "crewTooWet",
  "crewMissing",
  "outOfBand",
  "staleAir",
  "boxLeaks",
  "ventBuried",
  "slopeTooSteep",
  "zoneOutside",
  "zoneUnheld",
  "soilInWater",
  "stoneOnSoil",
  "pieceTooLarge",
  "pieceBuried",
  "hideMissing",
  "humidHideMissing",
  "climbMissing",
  "baskingMissing",
  "standOverloaded",
  "paneOverloaded",
  "foamUnfinished",
] as const;
export type FindingCode = (typeof FINDING_CODES)[number];

/** An edit that mends a finding: commands that make one step of undo, and the quantities its button names. */
export type Mend = { commands: Command[]; quantities: Record<string, number | string> };

/** Something about a habitat worth saying: what, why, and where one edit mends it, that edit. */
export type Finding = {
  code: FindingCode;
  /** Tells two findings of the same code apart. */
  about: string;
  /** `harm`: this hurts an animal or breaks the build; `look`: worth a look. */
  severity: "harm" | "look";
  step: Step;
  quantities: Record<string, number | string>;
  mend?: Mend;
};

/** A habitat and all that was worked out from it: what a rule may look at. */
export type Assessed = {
  habitat: Habitat;
  animal: Animal;
  ground: Ground;
  load: Load;
  furnishing: Furnishing[];
  boxReasons: BoxReason[];
  /** One fit for each plant that stands, by the stand's id. */
  plantFits: ReadonlyMap<string, Fit>;
  /** One fit for each seeded crew species, by its id. */
  crewFits: ReadonlyMap<string, Fit>;
  /** One fit for each species that shares the box, by its id. */
  mateFits: ReadonlyMap<string, Fit>;
  /** What the plants will do to one another in a year. */
  troubles: readonly Trouble[];
  bands: BandCheck[];
};

export type Rule = (assessed: Assessed) => Finding[];
