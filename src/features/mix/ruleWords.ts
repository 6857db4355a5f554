import type { MatchRule, Relaxation } from "@/core/match";
import { moneyPrinted, type Say } from "@/words";

/**
 * A rule in words.
 *
 * @example sayRule({ kind: "group", of: "sand", leastPct: 0, mostPct: 30 }, say, "EUR") // "sand at 0–30 %"
 */
export function sayRule(rule: MatchRule, say: Say, currency: string): string {
  switch (rule.kind) {
    case "noPeat":
    case "ownOnly":
      return say(`mix:match.rule.${rule.kind}`);
    case "without":
      return say("mix:match.rule.withoutOf", { ingredientId: rule.ingredientId });
    case "group":
      return say("mix:match.rule.group", {
        group: say(`mix:match.group.${rule.of}`),
        leastPct: rule.leastPct,
        mostPct: rule.mostPct,
      });
    case "hold":
      return say("mix:match.rule.hold", { ingredientId: rule.ingredientId, pct: `${rule.pct} %` });
    case "use":
      return say("mix:match.rule.use", { bagL: rule.litres, ingredientId: rule.ingredientId });
    case "budget":
      return say("mix:match.rule.budgetOf", { money: moneyPrinted(rule.most, currency) });
    case "kinds":
      return say("mix:match.rule.kinds", { count: rule.most });
    case "scoops":
      return say("mix:match.rule.scoops", { count: rule.upTo });
  }
}

/** By how much a rule would have to give, in words. */
export function sayRelaxation({ rule, by, unit, below }: Relaxation, say: Say, currency: string): string {
  switch (rule.kind) {
    case "noPeat":
      return say("mix:match.relaxed.noPeat", { byPct: by });
    case "without":
      return say("mix:match.relaxed.without", { ingredientId: rule.ingredientId, byPct: by });
    case "group": {
      const group = say(`mix:match.group.${rule.of}`);
      return below
        ? say("mix:match.relaxed.groupLeast", { group, toPct: rule.leastPct - by, leastPct: rule.leastPct })
        : say("mix:match.relaxed.groupMost", { group, toPct: rule.mostPct + by, mostPct: rule.mostPct });
    }
    case "hold":
      return say("mix:match.relaxed.hold", { ingredientId: rule.ingredientId, pct: `${rule.pct} %`, byPct: by });
    case "use":
      return say("mix:match.relaxed.use", { ingredientId: say.nameOf("ingredients", rule.ingredientId), byL: by });
    case "ownOnly":
      return say("mix:match.relaxed.ownOnly", { byL: by });
    case "budget":
      return unit === "money"
        ? say("mix:match.relaxed.budget", { money: moneyPrinted(by, currency) })
        : say("mix:match.relaxed.unpriced", { byL: by });
    case "kinds":
      return say("mix:match.relaxed.kinds", { count: by });
    case "scoops":
      return say("mix:match.rule.scoops", { count: rule.upTo });
  }
}
