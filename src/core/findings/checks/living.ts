import type { FitReason } from "../../living";
import type { FindingQuantities } from "../quantities";
import type { Check, Found } from "../types";

/** Crew too dry or too wet; no crew at all. */
export const checkCrew: Check = ({ habitat, animal, crewFits }) => {
  if (habitat.crew.length === 0) {
    const quantities = { animalId: animal.id };
    return [{ code: "crewMissing", about: "crew", severity: "look", step: "crew", quantities }];
  }
  return habitat.crew.flatMap(({ crewId }): Found[] => {
    const reasons = crewFits.get(crewId)?.reasons ?? [];
    const reason = reasons.find(({ code }) => code === "humidity.tooDry" || code === "humidity.tooWet");
    if (!reason) return [];
    const code = reason.code === "humidity.tooDry" ? "crewTooDry" : "crewTooWet";
    const severity = reason.verdict === "misfit" ? "harm" : "look";
    return [{ code, about: crewId, severity, step: "crew", quantities: { crewId, ...humidityOf(reason) } }];
  });
};

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
    return [{ code: "matesMisfit", about: animalId, severity: "harm", step: "brief", quantities }];
  });
