import type { FitCode, FitReason } from "../../living";
import type { FindingQuantities } from "../quantities";
import type { Check, Found } from "../types";

const weightOf = ({ verdict }: FitReason): Found["weight"] => (verdict === "misfit" ? "harm" : "look");
const numberOf = (reason: FitReason, name: string): number => Number(reason[name]);

/** Soil too dry or too wet for a species, in shares of what soil can hold. */
const soilOff =
  (code: "crewTooDry" | "crewTooWet") =>
  (crewId: string, reason: FitReason, animalId: string): Found => {
    const [lowPct, highPct] = [numberOf(reason, "lowPct"), numberOf(reason, "highPct")];
    const [wantLowPct, wantHighPct] = [numberOf(reason, "wantLowPct"), numberOf(reason, "wantHighPct")];
    const quantities = { crewId, animalId, lowPct, highPct, wantLowPct, wantHighPct };
    return { code, about: crewId, weight: weightOf(reason), step: "crew", quantities };
  };

/** Crew of the water without any, or of the land where all is water. */
const nowhere =
  (variant: FindingQuantities["crewNowhere"]["variant"]) =>
  (crewId: string, reason: FitReason): Found => {
    const quantities = { crewId, animalId: String(reason.animalId), variant };
    return { code: "crewNowhere", about: crewId, weight: "harm", step: "crew", quantities };
  };

type Teller = (crewId: string, reason: FitReason, animalId: string) => Found | undefined;
/** What is fair only is not told: crew lives where it can. */
const ifMisfit =
  (tell: Teller): Teller =>
  (crewId, reason, animalId) =>
    reason.verdict === "misfit" ? tell(crewId, reason, animalId) : undefined;

const wrongWarmth = (variant: "tooWarm" | "tooCool"): Teller =>
  ifMisfit((crewId, reason, animalId) => ({
    ...{ code: "crewWrongWarmth", about: crewId, weight: "look", step: "crew" },
    quantities: { crewId, animalId, ...warmthOf(reason), variant },
  }));
const wrongAir = (variant: "tooDry" | "tooWet"): Teller =>
  ifMisfit((crewId, reason, animalId) => ({
    ...{ code: "crewWrongAir", about: crewId, weight: "look", step: "crew" },
    quantities: { crewId, animalId, ...humidityOf(reason), variant },
  }));

const TELLERS: Partial<Record<FitCode, Teller>> = {
  "temperature.tooWarm": wrongWarmth("tooWarm"),
  "temperature.tooCool": wrongWarmth("tooCool"),
  "humidity.tooDry": wrongAir("tooDry"),
  "humidity.tooWet": wrongAir("tooWet"),
  "hunting.eaten": ifMisfit((crewId, _reason, animalId) => ({
    ...{ code: "crewHunted", about: crewId, weight: "opinion", step: "crew" },
    quantities: { crewId, animalId },
  })),
  "soil.tooDry": soilOff("crewTooDry"),
  "soil.tooWet": soilOff("crewTooWet"),
  "crew.harms": (crewId, reason) => {
    const quantities = { crewId, animalId: String(reason.animalId), variant: reason.hazard as CrewHarm };
    return { code: "crewHarms", about: crewId, weight: weightOf(reason), step: "crew", quantities };
  },
  "place.noWater": nowhere("noWater"),
  "place.noLand": nowhere("noLand"),
};
type CrewHarm = FindingQuantities["crewHarms"]["variant"];

/** Crew in soil too dry or too wet for it, or in the wrong element; crew that harms; no crew at all. */
export const checkCrew: Check = ({ habitat, animal, crewFits }) => {
  if (habitat.crew.length === 0) {
    if (habitat.brief.living !== "bioactive") return [];
    const quantities = { animalId: animal.id };
    return [{ code: "crewMissing", about: "crew", weight: "opinion", step: "crew", quantities }];
  }
  return habitat.crew.flatMap(({ crewId }): Found[] => {
    // One that harms in two ways is told once, by the worse.
    const told = new Map<FitCode, FitReason>();
    for (const reason of crewFits.get(crewId)?.reasons ?? []) if (!told.has(reason.code)) told.set(reason.code, reason);
    return [...told.values()].flatMap((reason) => TELLERS[reason.code]?.(crewId, reason, animal.id) ?? []);
  });
};

/** The warmth a fit was judged by, as it tells it. */
export const warmthOf = (reason: FitReason) => ({
  lowC: Number(reason.lowC),
  highC: Number(reason.highC),
  wantLowC: Number(reason.wantLowC),
  wantHighC: Number(reason.wantHighC),
});

/** The humidity a fit was judged by, as it tells it. */
export const humidityOf = (reason: FitReason) => ({
  lowRh: Number(reason.lowRh),
  highRh: Number(reason.highRh),
  wantLowRh: Number(reason.wantLowRh),
  wantHighRh: Number(reason.wantHighRh),
});

type Cause = FindingQuantities["matesMisfit"]["variant"];
const CAUSES: readonly Cause[] = ["alone", "eaten", "toxic", "otherWarmth", "otherDamp"];
const idOf = (reason: FitReason, name: string): Record<string, string> =>
  typeof reason[name] === "string" ? { [name]: reason[name] } : {};

/** Species that cannot share a box. */
export const checkMates: Check = ({ habitat, animal, mateFits }) =>
  habitat.brief.mates.flatMap(({ animalId }): Found[] => {
    const fit = mateFits.get(animalId);
    const [worst] = fit?.reasons ?? [];
    const variant = CAUSES.find((cause) => worst?.code === `mates.${cause}`);
    if (!worst || !variant || fit?.verdict !== "misfit") return [];
    const told = ["loneId", "hunterId", "preyId", "toxicId"].flatMap((name) => Object.entries(idOf(worst, name)));
    const quantities = { animalId: animal.id, mateId: animalId, variant, ...Object.fromEntries(told) };
    return [{ code: "matesMisfit", about: animalId, weight: "harm", step: "brief", quantities }];
  });
