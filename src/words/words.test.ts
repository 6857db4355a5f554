import { describe, expect, it } from "vitest";
import { GATES, JOBS } from "@/core/build";
import { CAUTIONS, type CatalogKind } from "@/core/catalog";
import { wholeStock as stock } from "@/core/catalog/whole";
import { FINDING_CODES, STEPS } from "@/core/findings";
import { FURNISHING_CODES } from "@/core/hardscape";
import { DUTY_KINDS } from "@/core/keeping";
import { STOCK } from "@/core/library";
import { BOX_CODES, FIT_CODES, matesFit, plantFit } from "@/core/living";
import { CHOICES, mendsOf } from "@/core/mending";
import { PANEL_CODES, PANEL_PLACES } from "@/core/shell";
import { STRIP_PLACES } from "@/core/strata";
import { BUYABLE, PACK_FORMS } from "@/core/supply";
import { derived, logged, made, scene, started } from "@/core/testing";
import catalog from "./en/catalog.json";
import things from "./en/things.json";
import { isWord, sayFinding, sayFit, sayIn, sayMend } from "./index";

const start = {
  name: "Wrong on purpose",
  animalId: "rosyBoa",
  count: 3,
  shell: { widthCm: 45, depthCm: 45, heightCm: 100, sillCm: 5, top: "mesh" as const },
};
/** As much wrong at once as can be, so that many sentences are told. */
const wrong = made(
  started(start),
  { name: "addLayer", args: { layer: { id: "d", kind: "drainage", materialId: "clayPebbles", depthCm: 5 } } },
  { name: "setWaterLine", args: { waterLineCm: 4.9 } },
  { name: "setDepth", args: { layerId: "soil-1", depthCm: 5 } },
  { name: "setPart", args: { mixId: "mix-1", ingredientId: "lavaGrit", parts: 1 } },
  { name: "addPlant", args: { id: "a", plantId: "parlourPalm", xCm: 10, yCm: 10 } },
  { name: "addPlant", args: { id: "b", plantId: "javaMoss", xCm: 10, yCm: 10 } },
  { name: "setCrew", args: { crewId: "dwarfWhiteIsopod", count: 20 } },
);

const stone = {
  id: "s",
  kindId: "boulder",
  xCm: 30,
  yCm: 20,
  turnDeg: 0,
  widthCm: 18,
  depthCm: 15,
  heightCm: 12,
  fillMixId: null,
  rest: { on: "ground" as const, sunkCm: 0 },
};
/** What can be wrong with the ground, the walls and what stands in the box. */
const built = made(
  started({
    ...start,
    animalId: "tomatoFrog",
    count: 1,
    shell: { widthCm: 60, depthCm: 45, heightCm: 40, sillCm: 30, top: "mesh" },
  }),
  {
    name: "addZone",
    args: {
      id: "z",
      name: "Warm end",
      points: [
        [0, 0],
        [20, 0],
        [20, 45],
        [0, 45],
      ],
      retaining: null,
    },
  },
  { name: "setOver", args: { layerId: "drainage-1", over: { on: "rest" } } },
  { name: "setOver", args: { layerId: "barrier-1", over: { on: "rest" } } },
  {
    name: "addMound",
    args: { layerId: "soil-1", id: "m", form: "flat", xCm: 40, yCm: 22, radiusCm: 8, topRadiusCm: 2, heightCm: 12 },
  },
  { name: "addPiece", args: stone },
  { name: "addPiece", args: { ...stone, id: "huge", widthCm: 90, rest: { on: "glass" } } },
  { name: "addPiece", args: { ...stone, id: "high", heightCm: 60 } },
  { name: "addPiece", args: { ...stone, id: "wide", xCm: 59 } },
  {
    name: "addPiece",
    args: { ...stone, id: "deep", kindId: "waterBowl", heightCm: 4, rest: { on: "ground", sunkCm: 9 } },
  },
  { name: "setTreatment", args: { wall: "back", treatmentId: "foam", thicknessCm: 4 } },
  { name: "setStandsOn", args: { ratingKg: 10, under: "rim" } },
  { name: "setShell", args: { wallMm: 3 } },
);
/** What can be wrong among the plants and with who shares the box. */
const planted = made(
  started({
    ...start,
    animalId: "tomatoFrog",
    count: 1,
    shell: { widthCm: 60, depthCm: 45, heightCm: 45, sillCm: 0, top: "mesh" },
  }),
  { name: "setLight", args: { lumens: 200 } },
  { name: "addPlant", args: { id: "a", plantId: "coleus", xCm: 30, yCm: 30 } },
  { name: "addPlant", args: { id: "b", plantId: "prayerPlant", xCm: 31, yCm: 30 } },
  { name: "addPlant", args: { id: "c", plantId: "liriope", xCm: 10, yCm: 3 } },
  { name: "addPlant", args: { id: "e", plantId: "fireballBromeliad", xCm: 50, yCm: 30, spot: "ground" } },
  { name: "addPlant", args: { id: "f", plantId: "hornwort", xCm: 40, yCm: 10 } },
  { name: "addPlant", args: { id: "d", plantId: "coleus", xCm: 5, yCm: 40 } },
  { name: "setMate", args: { animalId: "royalPython", count: 1 } },
  { name: "setMate", args: { animalId: "goldenPoisonFrog", count: 1 } },
  { name: "setMate", args: { animalId: "sandfish", count: 1 } },
);
const climber = started({ ...start, animalId: "greenAnole", count: 1 });
const dry = started({ ...start, animalId: "leopardGecko", count: 1 });
const offFloor = made(built, {
  name: "setFloor",
  args: {
    floor: {
      shape: "polygon",
      points: [
        [30, 0],
        [60, 0],
        [60, 45],
        [30, 45],
      ],
    },
  },
});

const warm = { at: "2026-02-01T08:00:00Z", place: "warmEnd" as const, temperatureC: 40, humidityRh: 90 };
const died = { kind: "lost", on: "2026-02-01", plantId: "coleus", how: "died" } as const;
/** All of them looked at, and every way to mend what is wrong: worked out once for both unit systems. */
const looked = [
  derived(wrong, logged([{ kind: "movedIn", on: "2026-01-20" }], [warm])),
  derived(planted, logged([died, died])),
  ...[built, climber, dry, offFloor].map((other) => derived(other)),
];
const mends = looked.flatMap((of) => of.findings.flatMap((finding) => mendsOf(finding, of)));

describe("the words", () => {
  it("have a name for every catalogue entry, and none for what is not there", () => {
    for (const kind of Object.keys(stock) as CatalogKind[])
      for (const { id } of STOCK.all(kind)) {
        const space = kind in catalog ? "catalog" : "things";
        expect(isWord(`${space}:${kind}.${id}`), `${kind}.${id}`).toBe(true);
      }
    for (const [kind, names] of Object.entries({ ...catalog, ...things }))
      for (const id of Object.keys(names))
        expect(STOCK.find(kind as CatalogKind, id.replace(/_(one|other)$/, ""))?.id, `${kind}.${id}`).toBeDefined();
  });

  it.each([
    ...FINDING_CODES.map((code) => `titles:${code}`),
    ...FIT_CODES.map((code) => `fits:${code}`),
    ...BOX_CODES.map((code) => `brief:box.${code}`),
    ...PANEL_CODES.map((code) => `shell:panel.${code}`),
    ...PANEL_PLACES.map((place) => `shell:panelPlaces.${place}`),
    ...FURNISHING_CODES.map((code) => `shell:furnishing.${code}`),
    ...PACK_FORMS.map((form) => `bins:forms.${form}`),
    ...STRIP_PLACES.map((place) => `sheets:stripAt.${place}`),
    ...BUYABLE.map((shelf) => `build:shelves.${shelf}`),
    ...CAUTIONS.map((code) => `cautions:${code}`),
    ...STEPS.map((step) => `steps:${step}`),
    ...GATES.flatMap((gate) => [`build:gates.${gate}.title`, `build:gates.${gate}.why`]),
    ...JOBS.map((id) => `build:tasks.${id}.title`),
    ...CHOICES.map((choice) => `advice:choices.${choice}`),
    ...DUTY_KINDS.filter((id) => id !== "own").flatMap((id) => [
      `keeping:duties.${id}.title`,
      `keeping:duties.${id}.why`,
    ]),
  ])("have %s", (key) => {
    expect(isWord(key)).toBe(true);
  });

  it.each(["metric", "us"] as const)("fill every blank of findings and fits, with units (%s)", (system) => {
    const say = sayIn(system, STOCK);
    const [{ findings }, ...others] = looked as [(typeof looked)[0], ...typeof looked];
    const more = others.flatMap((other) => other.findings);
    const codes = new Set(more.map((finding) => finding.code));
    for (const code of [
      "slopeTooSteep",
      "zoneUnheld",
      "zoneOutside",
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
      "plantTrampled",
      "plantTooDim",
      "plantMisplaced",
      "plantsCrowd",
      "viewBlocked",
      "plantDiesHere",
      "matesMisfit",
    ] as const) {
      expect([...codes], code).toContain(code);
    }
    const sentences = [
      ...[...findings, ...more].flatMap((finding) =>
        Object.values(sayFinding(finding, say)).filter((text) => text !== undefined),
      ),
      ...mends.flatMap((mend) => Object.values(sayMend(mend, say)).filter((text) => text !== undefined)),
      ...STOCK.all("plants").flatMap((plant) =>
        plantFit(plant, scene(wrong)).reasons.map((reason) => sayFit(reason, say)),
      ),
      ...STOCK.all("animals").flatMap((animal) =>
        matesFit(animal, scene(wrong)).reasons.map((reason) => sayFit(reason, say)),
      ),
    ];
    expect(new Set(findings.map((finding) => finding.code)).size).toBeGreaterThan(8);
    for (const sentence of sentences) {
      expect(sentence).not.toBe("");
      expect(sentence).not.toMatch(/[{}]|undefined|NaN|\d\.\d{3}|[A-Za-z]\.[a-z]/);
      if (system === "us") expect(sentence).not.toMatch(/\d\s(cm|°C|kg)\b/);
    }
  });

  it("tell a weight by the litre as one, and not as litres", () => {
    expect(sayIn("metric", STOCK)("mix:mass", { dryKgPerL: 1.6 })).toContain("1.60\u00a0kg/L");
    expect(sayIn("us", STOCK)("mix:mass", { dryKgPerL: 1.6 })).toContain("99.9\u00a0lb/ft³");
  });

  it("change units in a sentence without changing the figure behind it", () => {
    expect(sayIn("metric", STOCK)("strata:sillTag", { sillCm: 6.5 })).toBe("door sill 6.5\u00a0cm");
    expect(sayIn("us", STOCK)("strata:sillTag", { sillCm: 6.5 })).toBe("door sill 2 9/16\u00a0in");
  });
});
