/** Rules that read a habitat and its results and say what is wrong, why, and the edit that mends it. */
import { applyAll, type Habitat } from "../habitat";
import { boxRules, shellRules } from "./rules/box";
import { fillRules, soilRules } from "./rules/ground";
import { crewRules, mateRules } from "./rules/living";
import { furnishingRules, loadRules, pieceRules } from "./rules/pieces";
import { growthRules, lossRules, plantRules } from "./rules/planting";
import { readingRules } from "./rules/readings";
import { soilInWaterRule, terrainRules } from "./rules/terrain";
import { drainageRules, waterLineRule } from "./rules/water";
import type { Assessed, Finding, Rule } from "./types";

export { FINDING_CODES, STEPS } from "./types";
export type { Assessed, Finding, FindingCode, Mend, Step } from "./types";

const RULES: readonly Rule[] = [
  boxRules,
  mateRules,
  shellRules,
  pieceRules,
  loadRules,
  fillRules,
  waterLineRule,
  soilInWaterRule,
  drainageRules,
  soilRules,
  terrainRules,
  furnishingRules,
  plantRules,
  growthRules,
  lossRules,
  crewRules,
  readingRules,
];

/** A mend is only offered when its own edit would take it: a box for two hundred boas is larger than any box may be. */
function offered(habitat: Habitat, finding: Finding): Finding {
  if (!finding.mend) return finding;
  try {
    applyAll(habitat, finding.mend.commands);
    return finding;
  } catch {
    const { mend: _refused, ...told } = finding;
    return told;
  }
}

/** All findings, what harms first. @example findings(assessed)[0]?.severity // "harm" */
export function findings(assessed: Assessed): Finding[] {
  const all = RULES.flatMap((rule) => rule(assessed)).map((finding) => offered(assessed.habitat, finding));
  return [
    ...all.filter((finding) => finding.severity === "harm"),
    ...all.filter((finding) => finding.severity === "look"),
  ];
}
