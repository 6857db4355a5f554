import { describe, expect, it } from "vitest";
import { CAUTIONS, catalog, type CatalogKind } from "@/core/catalog";
import { TASK_IDS } from "@/core/build";
import { derive } from "@/core/derive";
import { FINDING_CODES, STEPS } from "@/core/findings";
import { applyAll, startHabitat } from "@/core/habitat";
import { DUTY_IDS } from "@/core/keeping";
import { BOX_CODES, FIT_CODES, plantFit } from "@/core/living";
import { isWord, sayFinding, sayFit, sayIn } from "./index";

const start = {
  id: "h", name: "Wrong on purpose", createdAt: "2026-01-05T08:00:00Z", startOn: "2026-01-05", animalId: "rosyBoa", count: 3,
  room: { temperatureC: 21, humidityRh: 45 }, shell: { widthCm: 45, depthCm: 45, heightCm: 100, sillCm: 5, top: "mesh" as const },
};
/** As much wrong at once as can be, so that many sentences are told. */
const wrong = applyAll(startHabitat(start), [
  { name: "addLayer", args: { layer: { id: "d", kind: "drainage", materialId: "clayPebbles", depthCm: 5 } } },
  { name: "setWaterLine", args: { waterLineCm: 4.9 } },
  { name: "setDepth", args: { layerId: "soil-1", depthCm: 5 } },
  { name: "addPlant", args: { id: "a", plantId: "parlourPalm", xCm: 10, yCm: 10 } },
  { name: "addPlant", args: { id: "b", plantId: "javaMoss", xCm: 10, yCm: 10 } },
  { name: "setCrew", args: { crewId: "dwarfWhiteIsopod", count: 20 } },
  { name: "addReading", args: { id: "r", at: "2026-02-01T08:00:00Z", place: "warmEnd", temperatureC: 40, humidityRh: 90 } },
]);

describe("the words", () => {
  it("have a name for every catalogue entry", () => {
    for (const kind of Object.keys(catalog) as CatalogKind[]) for (const { id } of catalog[kind]) expect(isWord(`catalog:${kind}.${id}`), `${kind}.${id}`).toBe(true);
  });

  it.each([
    ...FINDING_CODES.map((code) => `findings:${code}.title`), ...FIT_CODES.map((code) => `fits:${code}`), ...BOX_CODES.map((code) => `brief:box.${code}`),
    ...CAUTIONS.map((code) => `cautions:${code}`), ...STEPS.map((step) => `steps:${step}`),
    ...TASK_IDS.flatMap((id) => [`build:tasks.${id}.title`, `build:tasks.${id}.why`]), ...DUTY_IDS.flatMap((id) => [`keeping:duties.${id}.title`, `keeping:duties.${id}.why`]),
  ])("have %s", (key) => {
    expect(isWord(key)).toBe(true);
  });

  it.each(["metric", "us"] as const)("fill every blank of findings and fits, with units (%s)", (system) => {
    const say = sayIn(system);
    const { findings, ground, habitat } = derive(wrong);
    const sentences = [
      ...findings.flatMap((finding) => Object.values(sayFinding(finding, say)).filter((text) => text !== undefined)),
      ...catalog.plants.flatMap((plant) => plantFit(plant, habitat, ground).reasons.map((reason) => sayFit(reason, say))),
    ];
    expect(new Set(findings.map((finding) => finding.code)).size).toBeGreaterThan(8);
    for (const sentence of sentences) {
      expect(sentence).not.toBe("");
      expect(sentence).not.toMatch(/[{}]|undefined|NaN|\d\.\d{3}|[A-Za-z]\.[a-z]/);
      if (system === "us") expect(sentence).not.toMatch(/\d\s(cm|°C|kg)\b/);
    }
  });

  it("change units in a sentence without changing the figure behind it", () => {
    expect(sayIn("metric")("strata:sillTag", { sillCm: 6.5 })).toBe("door sill 6.5\u00a0cm");
    expect(sayIn("us")("strata:sillTag", { sillCm: 6.5 })).toBe("door sill 2 9/16\u00a0in");
  });
});
