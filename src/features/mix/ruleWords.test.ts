import { describe, expect, it } from "vitest";
import type { MatchRule, Relaxation } from "@/core/match";
import { STOCK } from "@/core/library";
import { sayIn } from "@/words";
import { sayRelaxation, sayRule } from "./ruleWords";

const RULES: readonly MatchRule[] = [
  { kind: "noPeat" },
  { kind: "ownOnly" },
  { kind: "without", ingredientId: "peat" },
  { kind: "group", of: "sand", leastPct: 0, mostPct: 30 },
  { kind: "hold", ingredientId: "coir", pct: 30 },
  { kind: "use", ingredientId: "readyForest", litres: 8 },
  { kind: "budget", most: 12.5 },
  { kind: "kinds", most: 5 },
  { kind: "scoops", upTo: 12 },
];

describe.each(["metric", "us"] as const)("rules in words, %s", (system) => {
  const say = sayIn(system, STOCK);
  it.each(RULES.map((rule) => [rule.kind, rule] as const))(
    "%s is told without a blank, and so is its giving way",
    (_kind, rule) => {
      const giving = (unit: Relaxation["unit"], below = false): Relaxation => ({ rule, by: 6, unit, below });
      const told = [
        sayRule(rule, say, "EUR"),
        ...([giving("pct"), giving("pct", true), giving("litres"), giving("money"), giving("kinds")] as const).map(
          (one) => sayRelaxation(one, say, "EUR"),
        ),
      ];
      for (const text of told) {
        expect(text).not.toMatch(/[{}]|undefined|NaN|mix:match/);
        if (system === "us") expect(text).not.toMatch(/\d\sL\b/);
      }
    },
  );
  it("say the figures they mean", () => {
    expect(sayRule(RULES[3]!, say, "EUR")).toBe("sand at 0–30\u00a0%");
    expect(
      sayRelaxation(
        { rule: { kind: "group", of: "clay", leastPct: 20, mostPct: 40 }, by: 6, unit: "pct", below: true },
        say,
        "EUR",
      ),
    ).toBe("clay down to 14\u00a0% instead of 20\u00a0%");
    expect(
      sayRelaxation({ rule: { kind: "budget", most: 10 }, by: 2.5, unit: "money", below: false }, say, "EUR"),
    ).toBe("spend €2.50 more");
  });
});
