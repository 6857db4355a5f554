import { describe, expect, it } from "vitest";
import type { CatalogEntry, CatalogKind } from "../catalog";
import { derive } from "../derive";
import type { Command, Design } from "../habitat";
import { STOCK, withOwn, type Library } from "../library";
import { NOTHING_LOGGED } from "../log";
import { FERNWALL, logged, made, started } from "../testing";
import { checkFirst, decidersOf } from "./deciders";
import type { Finding, FindingCode } from "./index";

const under = (entry: unknown, path: string): unknown =>
  path.split(".").reduce<unknown>((inner, key) => (inner as Record<string, unknown> | undefined)?.[key], entry);

/** An entry with something else at a path. */
function changed<T extends object>(entry: T, path: string, value: unknown): T {
  const copy = structuredClone(entry);
  const keys = path.split(".");
  const last = keys.pop() ?? "";
  ((under(copy, keys.join(".")) as Record<string, unknown> | undefined) ?? (copy as Record<string, unknown>))[last] =
    value;
  return copy;
}

const findingsIn = (design: Design, library: Library = STOCK): readonly Finding[] =>
  derive(design, NOTHING_LOGGED, library).findings;

/** A box of much that is wrong at once: too small, ill planted, ill peopled, for any animal. */
function cluttered(animalId: string): Design {
  const { shell } = FERNWALL;
  const box = started({ animalId, count: 6, shell: { ...shell, widthCm: 30, depthCm: 30, heightCm: 30, sillCm: 6 } });
  const thin: Command = { name: "setSoil", args: { layerId: "soil-1", frontCm: 1, backCm: 1 } };
  return made(
    box,
    ...(box.strata.layers.some(({ id }) => id === "soil-1") ? [thin] : []),
    { name: "addPlant", args: { id: "wet", plantId: "javaFern", xCm: 8, yCm: 20 } },
    { name: "addPlant", args: { id: "dry", plantId: "candelabraSpurge", xCm: 20, yCm: 20 } },
    { name: "addPlant", args: { id: "deep", plantId: "dwarfBanana", xCm: 21, yCm: 10 } },
    { name: "setCrew", args: { crewId: "aridSpringtail", count: 20 } },
    { name: "setCrew", args: { crewId: "superwormBeetle", count: 5 } },
    { name: "setCrew", args: { crewId: "cherryShrimp", count: 5 } },
  );
}

describe("what decided a finding", () => {
  it("stands in the entry it is said of, for every animal in a box of much that is wrong", () => {
    const codes = new Set<FindingCode>();
    for (const { id } of STOCK.all("animals"))
      for (const finding of findingsIn(cluttered(id))) {
        for (const decider of decidersOf(finding, id)) {
          const entry = STOCK.get(decider.kind, decider.id);
          if (decider.path !== "cautions") expect(under(entry, decider.path), JSON.stringify(decider)).toBeDefined();
          codes.add(finding.code);
        }
      }
    expect(codes.size).toBeGreaterThan(15);
  });

  type Case = [FindingCode, kind: "animals" | "plants" | "crew", id: string, path: string, value: unknown];
  it.each<Case>([
    [
      "boxTooSmall",
      "animals",
      "leopardGecko",
      "box",
      { widthCm: 1, depthCm: 1, clearHeightCm: 1, eachMoreFloorShare: 0 },
    ],
    ["tooMany", "animals", "leopardGecko", "box", { mostTogether: 9, company: "group" }],
    ["soilTooShallow", "animals", "savannahMonitor", "soil.leastDepthCm", 0],
    ["climbMissing", "animals", "crestedGecko", "perches.spans", 0],
    ["hideMissing", "animals", "leopardGecko", "refuges", []],
    ["plantOutgrows", "plants", "dwarfBanana", "grown.heightCm", [1, 2]],
    ["plantRootsShallow", "plants", "dwarfBanana", "rootDepth", { leastCm: 0, goodCm: 0 }],
    ["crewTooWet", "crew", "aridSpringtail", "soilMoisture", { tolerated: [0, 1], preferred: [0, 1] }],
    ["crewNowhere", "crew", "cherryShrimp", "livesAt", "litter"],
    ["crewHarms", "crew", "superwormBeetle", "hazards", []],
  ])("%s turns on it: with other figures there the finding is gone", (code, kind, id, path, value) => {
    const animalId = kind === "animals" ? id : "dyeingPoisonFrog";
    const about = (finding: Finding) =>
      finding.code === code && (kind === "animals" || Object.values(finding.quantities).includes(id));
    const design = cluttered(animalId);
    const before = findingsIn(design).filter(about);
    expect(before, "made by the case").not.toEqual([]);
    expect(
      before
        .flatMap((finding) => decidersOf(finding, animalId))
        .some((decider) => decider.id === id && (decider.path === path || decider.path.startsWith(`${path}.`))),
    ).toBe(true);
    const entry: CatalogEntry<CatalogKind> = STOCK.get(kind, id);
    const whole =
      typeof value === "object" && !Array.isArray(value) ? { ...(under(entry, path) as object), ...value } : value;
    const other = { ...changed(entry, path, whole), name: "changed" };
    const after = findingsIn(design, withOwn(STOCK, { [kind]: [other] }));
    expect(after.filter(about)).toEqual([]);
  });

  it("is to be checked first where it rests on memory: not what is published, nor the builder's own, nor a school's", () => {
    const design = cluttered("savannahMonitor");
    const [shallow] = findingsIn(design).filter(({ code }) => code === "soilTooShallow");
    if (!shallow) throw new Error("not found");
    const first = (library: Library) => checkFirst(shallow, "savannahMonitor", library).map(({ path }) => path);
    expect(first(STOCK)).toEqual(["soil.leastDepthCm"]);
    const entry = STOCK.get("animals", "savannahMonitor");
    const published = { kind: "published", source: "a book of some length" } as const;
    const sourced = { ...entry, name: "mine", fieldFrom: { "soil.leastDepthCm": published } };
    expect(first(withOwn(STOCK, { animals: [sourced] }))).toEqual([]);
    expect(checkFirst({ ...shallow, follows: "soilDepth" }, "savannahMonitor", STOCK)).toEqual([]);
  });

  it("of a reading is the band it left", () => {
    const design = started({ animalId: "dyeingPoisonFrog" });
    const at = "2026-02-01T12:00:00.000Z";
    const log = logged([], [{ at, place: "warmEnd", temperatureC: 40 }]);
    const out = derive(design, log, STOCK).findings.find(({ code }) => code === "outOfBand");
    expect(out && decidersOf(out, "dyeingPoisonFrog")).toEqual([
      { kind: "animals", id: "dyeingPoisonFrog", path: "temperatureC.warm" },
    ]);
  });
});
