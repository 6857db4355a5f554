import { STOCK } from "../library";
import fc from "fast-check";
import load from "highs";
import { beforeAll, describe, expect, it } from "vitest";
import { type Plant } from "../catalog";
import { applyAll, DesignSchema, startHabitat } from "../habitat";
import { plantFit, sizeAfter, usualSite } from "../living";
import { readAnswer, solverOptions, toLp, type Model } from "../solve";
import {
  layOut,
  offered,
  paletteModel,
  paletteOf,
  STRATA_OF_HEIGHT,
  stratumOf,
  type PaletteCandidate,
  type PaletteQuestion,
} from "./index";
import { scene } from "../testing";

let highs: Awaited<ReturnType<typeof load>>;
beforeAll(async () => {
  highs = await load();
});
const solved = (model: Model) => readAnswer(highs.solve(toLp(model), solverOptions(model, 20)));

const candidate = (plant: Plant, score = 0.9, price: number | undefined = 4): PaletteCandidate => ({
  plant,
  score,
  price,
});
const question = (candidates: readonly PaletteCandidate[], more: Partial<PaletteQuestion> = {}): PaletteQuestion => ({
  candidates,
  strata: STRATA_OF_HEIGHT,
  floorCm2: 2700,
  wallCm2: 2400,
  floorShare: 0.5,
  wallShare: 0.3,
  months: 12,
  leastSturdy: 1,
  mostKinds: 8,
  budget: undefined,
  factor: 1,
  locked: {},
  ...more,
});

/** What a set is worth, written from the words of the aim and not from the model. */
function worth(
  { candidates, strata, floorCm2, wallCm2, floorShare, wallShare, months, factor }: PaletteQuestion,
  counts: readonly number[],
): number {
  const taken = candidates.flatMap((item, at) => ((counts[at] ?? 0) > 0 ? [{ ...item, n: counts[at] ?? 0 }] : []));
  const share = (upright: boolean, area: number) =>
    taken
      .filter(({ plant }) => (stratumOf(plant) === "upright") === upright)
      .reduce((sum, { plant, n }) => sum + (n * Math.PI * (sizeAfter(plant, months).spreadCm / 2) ** 2) / area, 0);
  const has = (upright: boolean) => candidates.some(({ plant }) => (stratumOf(plant) === "upright") === upright);
  return (
    (has(false) ? Math.abs(share(false, floorCm2) - floorShare * factor) : 0) +
    (has(true) ? Math.abs(share(true, wallCm2) - wallShare * factor) : 0) +
    0.6 * strata.filter((stratum) => !taken.some(({ plant }) => stratumOf(plant) === stratum)).length +
    0.25 *
      (["fine", "medium", "bold"] as const).filter((leaf) => !taken.some(({ plant }) => plant.leaf === leaf)).length +
    taken.reduce((sum, { score }) => sum - 0.03 + 0.2 * (1 - score), 0)
  );
}

/** What a solver may be off by: its tolerance for whole numbers. */
const SLACK = 1e-5;

function* counts(kinds: number, most: number): Generator<number[]> {
  if (kinds === 0) yield [];
  else for (let n = 0; n <= most; n += 1) for (const rest of counts(kinds - 1, most)) yield [n, ...rest];
}

const dryFloor = STOCK.all("plants").filter((plant) => usualSite(plant) !== "inWater");

describe("a palette", () => {
  it("is the best of all sets there are (exhaustive enumeration on small ones)", () => {
    fc.assert(
      fc.property(
        fc.shuffledSubarray(dryFloor, { minLength: 2, maxLength: 4 }),
        fc.array(fc.double({ min: 0.3, max: 1, noNaN: true }), { minLength: 4, maxLength: 4 }),
        fc.integer({ min: 1, max: 3 }),
        fc.integer({ min: 0, max: 1 }),
        fc.option(fc.integer({ min: 8, max: 60 }), { nil: undefined }),
        (plants, scores, mostKinds, leastSturdy, budget) => {
          const asked = question(
            plants.map((plant, at) => candidate(plant, scores[at])),
            { mostKinds, leastSturdy, budget },
          );
          const tough = plants.filter((plant) => plant.sturdy === "tough").length;
          let best = Infinity;
          for (const deal of counts(plants.length, 9)) {
            const taken = deal.filter((n) => n > 0).length;
            const sturdy = deal.filter((n, at) => n > 0 && plants[at]?.sturdy === "tough").length;
            if (
              taken > mostKinds ||
              sturdy < Math.min(leastSturdy, tough) ||
              (budget !== undefined && deal.reduce((sum, n) => sum + n * 4, 0) > budget)
            )
              continue;
            best = Math.min(best, worth(asked, deal));
          }
          const answer = solved(paletteModel(asked));
          if (best === Infinity) expect(answer.status).toBe("impossible");
          else {
            expect(answer.objective).toBeGreaterThan(best - SLACK);
            expect(answer.objective).toBeLessThan(best + 0.01 + SLACK);
          }
        },
      ),
      { numRuns: 40 },
    );
  });

  const habitat = startHabitat(
    {
      id: "h",
      name: "Box",
      createdAt: "2026-01-05T08:00:00Z",
      startOn: "2026-01-05",
      animalId: "redEyedTreeFrog",
      count: 3,
      room: { temperatureC: 21, humidityRh: 45 },
      shell: { widthCm: 60, depthCm: 45, heightCm: 60, sillCm: 0, top: "mesh" },
    },
    STOCK,
  );
  const box = scene(habitat);
  const all = STOCK.all("plants").map((plant): PaletteCandidate => ({
    plant,
    score: plantFit(plant, box).score,
    price: undefined,
  }));

  it("for a biotope takes only what grows there, covers every stratum it can, holds locked picks, and another one differs by two at the least", () => {
    const candidates = offered(all, { regions: ["centralAmerica"], onlyEdible: false, onlyEasy: false });
    expect(candidates.every(({ plant, score }) => plant.regions.includes("centralAmerica") && score >= 0.3)).toBe(true);
    const asked = question(candidates, { locked: { heartleafPhilodendron: 2 } });
    const first = paletteOf(asked, solved(paletteModel(asked)))!;
    expect(first.missing).toEqual([]);
    expect(first.picks.find(({ plantId }) => plantId === "heartleafPhilodendron")?.count).toBeGreaterThanOrEqual(2);
    expect(first.floorShare).toBeGreaterThan(0.4);
    // A tall plant may cover more than was asked: a whole stratum missing would be worse.
    expect(first.floorShare).toBeLessThan(0.8);
    const ids = first.picks.map(({ plantId }) => plantId);
    const second = paletteOf(asked, solved(paletteModel(asked, [ids])))!;
    expect(ids.filter((id) => !second.picks.some(({ plantId }) => plantId === id)).length).toBeGreaterThanOrEqual(2);
  });
  it("under heavy animals asks for more of them, and says what is missing rather than nothing", () => {
    const few = [candidate(STOCK.get("plants", "nervePlant"))];
    const plain = paletteOf(
      question(few, { leastSturdy: 0 }),
      solved(paletteModel(question(few, { leastSturdy: 0 }))),
    )!;
    const heavy = paletteOf(
      question(few, { leastSturdy: 0, factor: 1.4 }),
      solved(paletteModel(question(few, { leastSturdy: 0, factor: 1.4 }))),
    )!;
    expect(heavy.picks[0]!.count).toBeGreaterThan(plain.picks[0]!.count);
    expect(plain.missing).toEqual(["cover", "tall", "upright"]);
  });
  it("is laid out in the box: every plant once, within the glass, tall ones behind low ones", () => {
    const picks = [
      { plantId: "dwarfPeaceLily", count: 1 },
      { plantId: "nervePlant", count: 3 },
      { plantId: "creepingFig", count: 2 },
    ];
    const stands = layOut(box, picks, (at) => `s${at}`);
    expect(stands).toHaveLength(6);
    const planted = applyAll(
      habitat,
      stands.map((stand) => ({ name: "addPlant" as const, args: stand })),
      STOCK,
    );
    expect(DesignSchema.safeParse(planted).success).toBe(true);
    const meanDepth = (id: string) =>
      stands.filter(({ plantId }) => plantId === id).reduce((sum, { yCm }, _, { length }) => sum + yCm / length, 0);
    expect(meanDepth("dwarfPeaceLily")).toBeGreaterThan(meanDepth("nervePlant"));
  });
});
