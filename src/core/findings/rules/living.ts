import { catalog } from "../../catalog";
import { crewOf } from "../../habitat";
import { crewFit, ranked, seedCount, type FitReason } from "../../living";
import type { Finding, Rule } from "../types";

const quantitiesOf = ({ code: _code, score: _score, verdict: _verdict, ...quantities }: FitReason) => quantities;

/** Crew too dry or too wet, with the best species that would do instead; no crew at all. */
export const crewRules: Rule = ({ habitat, animal, crewFits }) => {
  if (habitat.crew.length === 0) {
    return [
      { code: "crewMissing", about: "crew", severity: "look", step: "crew", quantities: { animalId: animal.id } },
    ];
  }
  return habitat.crew.flatMap(({ crewId }): Finding[] => {
    const reason = crewFits
      .get(crewId)
      ?.reasons.find((side) => side.code === "humidity.tooDry" || side.code === "humidity.tooWet");
    if (!reason) return [];
    const taken = habitat.crew.map((seeding) => seeding.crewId);
    const better = ranked(
      catalog.crew.filter((species) => !taken.includes(species.id)).map((species) => crewFit(species, habitat)),
    )[0];
    const remedy: Finding["mend"] =
      better?.verdict === "good"
        ? {
            commands: [
              {
                name: "swapCrew",
                args: { crewId, to: { crewId: better.id, count: seedCount(crewOf(habitat, better.id), habitat) } },
              },
            ],
            quantities: { swapCrewId: better.id, crewId, edit: "swap" },
          }
        : { commands: [{ name: "removeCrew", args: { crewId } }], quantities: { crewId, edit: "remove" } };
    return [
      {
        code: reason.code === "humidity.tooDry" ? "crewTooDry" : "crewTooWet",
        about: crewId,
        severity: reason.verdict === "misfit" ? "harm" : "look",
        step: "crew",
        quantities: { ...quantitiesOf(reason), crewId },
        mend: remedy,
      },
    ];
  });
};

/** Species that cannot share a box. */
export const mateRules: Rule = ({ habitat, mateFits }) =>
  habitat.brief.mates.flatMap(({ animalId }): Finding[] => {
    const fit = mateFits.get(animalId);
    const [worst] = fit?.reasons ?? [];
    if (!worst || fit?.verdict !== "misfit") return [];
    return [
      {
        code: "matesMisfit",
        about: animalId,
        severity: "harm",
        step: "brief",
        quantities: { ...quantitiesOf(worst), cause: worst.code.slice("mates.".length) },
        mend: { commands: [{ name: "removeMate", args: { animalId } }], quantities: { mateId: animalId } },
      },
    ];
  });
