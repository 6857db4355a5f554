import { STOCK } from "../library";
import fc from "fast-check";
import load from "highs";
import { beforeAll, describe, expect, it } from "vitest";
import { type Ingredient } from "../catalog";
import { aimsAt, blend, DOES, readMeters, SCALES } from "../mix";
import { readAnswer, solverOptions, toLp, type Model } from "../solve";
import {
  linearMeters,
  linearOff,
  match,
  matchModel,
  MatchRuleSchema,
  measuredL,
  partsOf,
  relaxedRules,
  totalsOf,
  type MatchQuestion,
  type MatchRule,
  type Solve,
} from "./index";
import { pantryOf, surfaceOf } from "../mix";

const PANTRY = pantryOf(STOCK);

let highs: Awaited<ReturnType<typeof load>>;
beforeAll(async () => {
  highs = await load();
});
const solved = (model: Model) => readAnswer(highs.solve(toLp(model), solverOptions(model, 20)));
const solve: Solve = async (model) => solved(model);

const pick = (...ids: string[]): Ingredient[] => ids.map((id) => STOCK.get("ingredients", id));
const recipe = (id: string) => STOCK.all("recipes").find((other) => other.id === id)!.parts;
const BED = { footCm: 0, depthCm: 10 };
const like = (parts: ReturnType<typeof recipe>) => aimsAt(readMeters(blend(parts, PANTRY)!, BED));
const given = { lost: 0.12, sunk: 0.22, bufferMmolPerL: 8, surface: 0.4, depthCm: BED.depthCm };
const asking = (candidates: Ingredient[], rules: MatchRule[], more: Partial<MatchQuestion> = {}): MatchQuestion => ({
  candidates,
  rules,
  aims: like(recipe("treeFernForest")),
  looseL: 20,
  depthCm: BED.depthCm,
  stockL: {},
  pricePerL: {},
  ...more,
});

/** Every way to deal so many scoops to so many ingredients. */
function* deals(scoops: number, kinds: number): Generator<number[]> {
  if (kinds === 1) yield [scoops];
  else for (let n = 0; n <= scoops; n += 1) for (const rest of deals(scoops - n, kinds - 1)) yield [n, ...rest];
}

/** The rules, read from their words and not from the model. */
function keeps(
  { candidates, rules, stockL, pricePerL, ...question }: MatchQuestion,
  shares: readonly number[],
): boolean {
  const litres = shares.map((share) => share * measuredL({ candidates, rules, stockL, pricePerL, ...question }, given));
  const sum = (test: (item: Ingredient) => boolean) =>
    candidates.reduce((all, item, at) => all + (test(item) ? (shares[at] ?? 0) : 0), 0);
  const bought = candidates.map((item, at) => Math.max(0, (litres[at] ?? 0) - (stockL[item.id] ?? 0)));
  const hair = 1e-9;
  return rules.every((rule) => {
    switch (rule.kind) {
      case "noPeat":
        return sum((item) => item.peat !== "no") <= hair;
      case "without":
        return sum((item) => item.id === rule.ingredientId) <= hair;
      case "group": {
        const share = sum((item) =>
          rule.of === "sand"
            ? item.matter === "sand"
            : rule.of === "char"
              ? item.matter === "char"
              : ["leaf", "wood", "bark"].includes(item.matter),
        );
        return share >= rule.leastPct / 100 - hair && share <= rule.mostPct / 100 + hair;
      }
      case "ownOnly":
        return bought.every((litre) => litre <= 1e-6);
      case "budget":
        return (
          bought.every((litre, at) => litre <= 1e-6 || pricePerL[candidates[at]!.id] !== undefined) &&
          bought.reduce((all, litre, at) => all + litre * (pricePerL[candidates[at]!.id] ?? 0), 0) <= rule.most + 1e-6
        );
      case "kinds":
        return shares.filter((share) => share > 0).length <= rule.most;
      default:
        return true;
    }
  });
}

const anyRules = fc.subarray<MatchRule>([
  { kind: "noPeat" },
  { kind: "without", ingredientId: "fineBark" },
  { kind: "group", of: "sand", leastPct: 0, mostPct: 20 },
  { kind: "group", of: "char", leastPct: 5, mostPct: 25 },
  { kind: "group", of: "leafOrWood", leastPct: 20, mostPct: 60 },
  { kind: "kinds", most: 3 },
  { kind: "ownOnly" },
  { kind: "budget", most: 12 },
]);
const anyCandidates = fc.shuffledSubarray([...STOCK.all("ingredients")], { minLength: 3, maxLength: 5 });

/** Held against every deal there is, the solver may not stop within its usual ten-thousandth of the best. */
const EXACT = 1e-7;

describe("the match", () => {
  it("is the best of all there are: equal to trying every deal of whole scoops (exhaustive enumeration)", () => {
    fc.assert(
      fc.property(
        anyCandidates,
        anyRules,
        fc.integer({ min: 3, max: 7 }),
        fc.array(fc.double({ min: 0, max: 20, noNaN: true }), { minLength: 5, maxLength: 5 }),
        (candidates, rules, total, stock) => {
          const question = asking(candidates, rules, {
            stockL: Object.fromEntries(candidates.map((item, at) => [item.id, stock[at] ?? 0])),
            pricePerL: Object.fromEntries(candidates.slice(1).map((item, at) => [item.id, 0.4 + at * 0.5])),
          });
          const answer = solved(matchModel(question, { given, total, closeEnough: EXACT }));
          const meters = linearMeters(question.aims, given);
          let best = Infinity;
          for (const deal of deals(total, candidates.length)) {
            const shares = deal.map((n) => n / total);
            if (keeps(question, shares))
              best = Math.min(
                best,
                linearOff(
                  meters,
                  candidates.map((item, at) => ({ item, share: shares[at] ?? 0 })),
                ),
              );
          }
          if (best === Infinity) expect(answer.status).toBe("impossible");
          else expect(answer.objective).toBeCloseTo(best, 5);
          // Shares that need not be whole are never worse.
          const relaxed = solved(matchModel(question, { given, total: undefined, closeEnough: EXACT }));
          if (best < Infinity) expect(relaxed.objective).toBeLessThanOrEqual(best + 1e-6);
        },
      ),
      { numRuns: 120 },
    );
  });

  it("sees its meters as the blend does, once what mixing loses and how pH is held are the mix's own", () => {
    fc.assert(
      fc.property(
        fc.shuffledSubarray([...STOCK.all("ingredients")], { minLength: 1, maxLength: 6 }),
        fc.array(fc.integer({ min: 1, max: 9 }), { minLength: 6, maxLength: 6 }),
        (items, parts) => {
          const told = items.map((item, at) => ({ ingredientId: item.id, parts: parts[at] ?? 1 }));
          const mixture = blend(told, PANTRY)!;
          const whole = told.reduce((sum, part) => sum + part.parts, 0);
          const shares = items.map((item, at) => ({ item, share: (parts[at] ?? 1) / whole }));
          const own = {
            lost: mixture.lostPct / 100,
            sunk: 1 - (1 - mixture.lostPct / 100) * (1 - mixture.settlesPct / 100),
            surface: shares.reduce((sum, { item, share }) => sum + share * surfaceOf(item), 0),
            depthCm: BED.depthCm,
            bufferMmolPerL: shares.reduce((sum, { item, share }) => sum + share * item.bufferMmolPerL, 0),
          };
          const readings = readMeters(mixture, BED);
          const aims = Object.fromEntries(DOES.map((id) => [id, [SCALES[id][0], SCALES[id][0]] as [number, number]]));
          for (const { id, bring } of linearMeters(aims, own)) {
            const value = shares.reduce((sum, { item, share }) => sum + share * bring(item), 0);
            // Lime and swelling clay do not blend in straight lines.
            if (id === "acid" && mixture.freeLimePct > 0) continue;
            if (id === "drains" && mixture.swellingPct > 0) continue;
            // Nor does water, where it fills all the pores.
            const full = readings.air < 0.01;
            if (full && (id === "water" || id === "air" || id === "wetKg")) continue;
            if (id === "lasts") expect(value).toBeCloseTo(mixture.rotsPctAYear, 8);
            else expect(id === "acid" ? value + SCALES.acid[0] : value, id).toBeCloseTo(readings[id], 8);
          }
        },
      ),
    );
  });

  it("finds a recipe again when all it wants is there", async () => {
    const parts = recipe("treeFernForest");
    const answer = await match(
      asking(pick(...parts.map((part) => part.ingredientId)), [{ kind: "scoops", upTo: 7 }]),
      solve,
      parts,
    );
    expect(answer.kind === "found" && answer.best.parts).toEqual(parts);
    expect(answer.kind === "found" && answer.best.off.whole).toBeLessThan(1e-9);
  });

  it("keeps every rule, orders by what the full blend says, and offers two that do without something", async () => {
    const rules: MatchRule[] = [
      { kind: "noPeat" },
      { kind: "without", ingredientId: "treeFernFibre" },
      { kind: "group", of: "char", leastPct: 5, mostPct: 10 },
      { kind: "scoops", upTo: 12 },
    ];
    const answer = await match(asking([...STOCK.all("ingredients")], rules), solve, recipe("treeFernForest"));
    if (answer.kind !== "found") throw new Error(answer.kind);
    const all = [answer.best, ...answer.others];
    expect(all).toHaveLength(3);
    expect(all.map(({ off }) => off.whole)).toEqual(all.map(({ off }) => off.whole).toSorted((a, b) => a - b));
    for (const { parts } of all) {
      const total = parts.reduce((sum, part) => sum + part.parts, 0);
      expect(total).toBeLessThanOrEqual(12);
      expect(
        parts.every(
          (part) => Number.isInteger(part.parts) && !["peat", "sedgePeat", "treeFernFibre"].includes(part.ingredientId),
        ),
      ).toBe(true);
      const char =
        parts
          .filter((part) => STOCK.get("ingredients", part.ingredientId).matter === "char")
          .reduce((sum, part) => sum + part.parts, 0) / total;
      expect(char).toBeGreaterThanOrEqual(0.05 - 1e-9);
      expect(char).toBeLessThanOrEqual(0.1 + 1e-9);
    }
    for (const [at, one] of all.entries()) {
      const ids = one.parts.map((part) => part.ingredientId);
      for (const other of all.slice(0, at))
        expect(
          other.parts.every((part) => ids.includes(part.ingredientId)) &&
            ids.every((id) => other.parts.some((part) => part.ingredientId === id)),
        ).toBe(false);
    }
    expect(answer.best.off.whole).toBeLessThan(0.05);
  });

  it("holds a locked part, and stretches a bag to just its litres", async () => {
    const question = asking(pick("coir", "fineBark", "sphagnum", "readyForest"), [
      { kind: "hold", ingredientId: "coir", pct: 30 },
      { kind: "use", ingredientId: "readyForest", litres: 5 },
    ]);
    const answer = solved(matchModel(question, { given, total: undefined, closeEnough: EXACT }));
    const parts = partsOf(question, answer.values, undefined);
    expect(parts.find((part) => part.ingredientId === "coir")?.parts).toBeCloseTo(30, 2);
    expect(
      ((parts.find((part) => part.ingredientId === "readyForest")?.parts ?? 0) / 100) * measuredL(question, given),
    ).toBeCloseTo(5, 2);
  });

  it.each([5, 8, 12])("uses up a bag of %i L by what each mix found really loses", async (litres) => {
    const question = asking(STOCK.all("ingredients").slice(0, 40), [
      { kind: "use", ingredientId: "readyForest", litres },
      { kind: "kinds", most: 5 },
    ]);
    const answer = await match({ ...question, candidates: [...question.candidates, ...pick("readyForest")] }, solve);
    if (answer.kind !== "found") throw new Error(answer.kind);
    for (const { parts, blend: mixture } of [answer.best, ...answer.others]) {
      const bag = parts.find((part) => part.ingredientId === "readyForest")!.parts;
      const whole = parts.reduce((sum, part) => sum + part.parts, 0);
      const poured = question.looseL / (1 - mixture.lostPct / 100);
      expect(Math.abs((bag / whole) * poured - litres) / litres).toBeLessThan(0.005);
    }
  });

  it("deals in every number of scoops over half of what is allowed, as fewer make no other proportion", () => {
    expect(totalsOf([{ kind: "scoops", upTo: 7 }])).toEqual([7, 6, 5, 4]);
    expect(totalsOf([{ kind: "noPeat" }])).toEqual([undefined]);
    expect(
      MatchRuleSchema.safeParse({ kind: "group", of: "sand", leastPct: 40, mostPct: 30 }).error?.issues[0]?.path,
    ).toEqual(["leastPct"]);
  });
});

describe("a clash", () => {
  it("names just the rules that stand in one another's way, and the least that would have to give", async () => {
    const rules: MatchRule[] = [
      { kind: "noPeat" },
      { kind: "group", of: "leafOrWood", leastPct: 80, mostPct: 100 },
      { kind: "kinds", most: 6 },
      { kind: "group", of: "char", leastPct: 30, mostPct: 100 },
    ];
    const answer = await match(asking(pick("coir", "fineBark", "charcoal", "playSand", "peat"), rules), solve);
    if (answer.kind !== "clash") throw new Error(answer.kind);
    expect(answer.clash.rules).toEqual([rules[1], rules[3]]);
    expect(answer.clash.relaxed.reduce((sum, { by }) => sum + by, 0)).toBeCloseTo(10, 4);
    expect(answer.clash.parts.length).toBeGreaterThan(0);
  });
  it("is gone once the rules give way by that much (any rules)", async () => {
    const stockL = { coir: 3, fineBark: 2, charcoal: 0.5, playSand: 6, peat: 8 };
    let clashes = 0;
    await fc.assert(
      fc.asyncProperty(anyRules, fc.boolean(), async (rules, tight) => {
        const hard: MatchRule[] = tight
          ? [
              { kind: "group", of: "clay", leastPct: 10, mostPct: 20 },
              { kind: "group", of: "sand", leastPct: 70, mostPct: 90 },
              ...rules.filter((rule) => rule.kind !== "group" || rule.of !== "sand"),
            ]
          : rules;
        const question = asking(
          pick("coir", "fineBark", "charcoal", "playSand", "peat", "clayPowder"),
          [...hard, { kind: "ownOnly" }, { kind: "scoops", upTo: 6 }],
          { stockL },
        );
        const answer = await match(question, solve);
        if (answer.kind !== "clash") return;
        clashes += 1;
        const after = await match({ ...question, rules: relaxedRules(question.rules, answer.clash.relaxed) }, solve);
        expect(after.kind, JSON.stringify(answer.clash)).toBe("found");
      }),
      { numRuns: 15 },
    );
    expect(clashes).toBeGreaterThan(2);
  });
  it("any one of the named rules left out, there is an answer (any rules)", async () => {
    const stockL = { coir: 3, fineBark: 2, charcoal: 0.5, playSand: 6, peat: 8 };
    await fc.assert(
      fc.asyncProperty(anyRules, async (rules) => {
        const question = asking(
          pick("coir", "fineBark", "charcoal", "playSand", "peat"),
          [...rules, { kind: "ownOnly" }, { kind: "scoops", upTo: 5 }],
          { stockL },
        );
        const answer = await match(question, solve);
        if (answer.kind !== "clash") return;
        expect(answer.clash.rules.length).toBeGreaterThan(0);
        for (const dropped of answer.clash.rules) {
          const left = answer.clash.rules.filter((rule) => rule !== dropped);
          const some = totalsOf(left).some(
            (total) => solved(matchModel({ ...question, aims: {}, rules: left }, { given, total })).status === "solved",
          );
          expect(some, JSON.stringify(dropped)).toBe(true);
        }
      }),
      { numRuns: 25 },
    );
  });
  it("with nothing to choose from says so", async () =>
    expect(await match(asking([], []), solve)).toEqual({ kind: "nothing" }));
});
