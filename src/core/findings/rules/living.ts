import { catalog, entry } from "../../catalog";
import { crewFit, ranked, seedCount, type FitCode, type FitReason } from "../../living";
import type { Finding, FindingCode, Rule } from "../types";

const PLANT_FINDINGS: Partial<Record<FitCode, FindingCode>> = {
  "height.outgrows": "plantOutgrows",
  "humidity.tooDry": "plantWantsWetter",
  "feet.tooDry": "plantWantsWetter",
  "humidity.tooWet": "plantWantsDrier",
  "feet.tooWet": "plantWantsDrier",
  "roots.tooShallow": "plantRootsShallow",
};

const quantitiesOf = ({ code: _code, score: _score, verdict: _verdict, ...quantities }: FitReason) => quantities;

/** Plants that outgrow the box, want wetter or drier, or find the soil too shallow. One finding for each plant and cause. */
export const plantRules: Rule = ({ habitat, animal, plantFits }) =>
  habitat.plants.flatMap((stand) => {
    const found = new Map<FindingCode, Finding>();
    for (const reason of plantFits.get(stand.id)?.reasons ?? []) {
      const code = PLANT_FINDINGS[reason.code];
      if (!code || found.has(code)) continue;
      const band = { wantLowRh: entry("plants", stand.plantId).humidityRh.preferred[0], wantHighRh: entry("plants", stand.plantId).humidityRh.preferred[1], lowRh: animal.humidityRh[0], highRh: animal.humidityRh[1] };
      found.set(code, {
        code, about: stand.id, severity: reason.verdict === "misfit" ? "harm" : "look", step: "planting",
        quantities: { ...band, ...quantitiesOf(reason), plantId: stand.plantId },
        mend: { commands: [{ name: "removePlants", args: { ids: [stand.id] } }], quantities: { plantId: stand.plantId } },
      });
    }
    return [...found.values()];
  });

/** Crew too dry or too wet, with the best species that would do instead; no crew at all. */
export const crewRules: Rule = ({ habitat, animal, crewFits }) => {
  if (habitat.crew.length === 0) {
    return [{ code: "crewMissing", about: "crew", severity: "look", step: "crew", quantities: { animalId: animal.id } }];
  }
  return habitat.crew.flatMap(({ crewId }): Finding[] => {
    const reason = crewFits.get(crewId)?.reasons.find((side) => side.code === "humidity.tooDry" || side.code === "humidity.tooWet");
    if (!reason) return [];
    const taken = habitat.crew.map((seeding) => seeding.crewId);
    const better = ranked(catalog.crew.filter((species) => !taken.includes(species.id)).map((species) => crewFit(species, habitat)))[0];
    const remedy: Finding["mend"] =
      better?.verdict === "good"
        ? {
            commands: [{ name: "swapCrew", args: { crewId, to: { crewId: better.id, count: seedCount(entry("crew", better.id), habitat) } } }],
            quantities: { swapCrewId: better.id, crewId, edit: "swap" },
          }
        : { commands: [{ name: "removeCrew", args: { crewId } }], quantities: { crewId, edit: "remove" } };
    return [{
      code: reason.code === "humidity.tooDry" ? "crewTooDry" : "crewTooWet", about: crewId,
      severity: reason.verdict === "misfit" ? "harm" : "look", step: "crew",
      quantities: { ...quantitiesOf(reason), crewId },
      mend: remedy,
    }];
  });
};
