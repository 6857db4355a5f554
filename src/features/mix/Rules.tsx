"use client";

import AddOutlined from "@mui/icons-material/AddOutlined";
import CloseOutlined from "@mui/icons-material/CloseOutlined";
import Button from "@mui/material/Button";
import IconButton from "@mui/material/IconButton";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import { useState } from "react";
import type { Ingredient } from "@/core/catalog";
import { groupNames, MatchRuleSchema, type MatchRule } from "@/core/match";
import { NumberInput } from "@/ui/measure";
import { capital, useSay } from "@/words";
import css from "./Match.module.css";
import { sayRule } from "./ruleWords";

type Props = {
  rules: readonly MatchRule[];
  candidates: readonly Ingredient[];
  currency: string;
  onChange: (rules: MatchRule[]) => void;
};

const KINDS = ["ownOnly", "noPeat", "scoops", "kinds", "budget", "without", "hold"] as const;
const PCT = { min: 0, max: 100 };

/** A rule as it first stands, to be changed in place. */
function fresh(kind: (typeof KINDS)[number], ingredientId: string): MatchRule {
  switch (kind) {
    case "ownOnly":
    case "noPeat":
      return { kind };
    case "scoops":
      return { kind, upTo: 12 };
    case "kinds":
      return { kind, most: 5 };
    case "budget":
      return { kind, most: 20 };
    case "without":
      return { kind, ingredientId };
    case "hold":
      return { kind, ingredientId, pct: 10 };
  }
}

/** Where a share of a matter usually stands (common practice: charcoal a tenth or less, sand a third or less). */
const USUAL = {
  sand: [0, 30],
  leafOrWood: [20, 100],
  char: [5, 10],
  clay: [0, 10],
  compost: [0, 10],
  ready: [0, 100],
} as const;

/** The rules a match must keep: each can be changed where it stands, taken out, or another put in. */
export function Rules({ rules, candidates, currency, onChange }: Props) {
  const say = useSay();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const first = candidates[0]?.id ?? "";
  const free = KINDS.filter(
    (kind) => kind === "without" || kind === "hold" || !rules.some((rule) => rule.kind === kind),
  );
  const groups = groupNames.filter((of) => !rules.some((rule) => rule.kind === "group" && rule.of === of));
  const add = (rule: MatchRule) => {
    setAnchor(null);
    onChange([...rules, rule]);
  };
  return (
    <section className={css.rules} aria-label={say("mix:match.rules")}>
      <h3>{say("mix:match.rules")}</h3>
      {rules.length === 0 ? <p className={css.note}>{say("mix:match.noRules")}</p> : null}
      <ul>
        {rules.map((rule, at) => (
          <li key={at}>
            <RuleEditor
              rule={rule}
              candidates={candidates}
              onChange={(next) => onChange(rules.map((other, n) => (n === at ? next : other)))}
            />
            <IconButton
              size="small"
              aria-label={say("mix:match.removeRule", { rule: sayRule(rule, say, currency) })}
              onClick={() => onChange(rules.filter((_, n) => n !== at))}
            >
              <CloseOutlined sx={{ fontSize: 15 }} />
            </IconButton>
          </li>
        ))}
      </ul>
      <Button
        size="small"
        variant="outlined"
        startIcon={<AddOutlined />}
        aria-haspopup="menu"
        onClick={(event) => setAnchor(event.currentTarget)}
      >
        {say("mix:match.addRule")}
      </Button>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        {free.map((kind) => (
          <MenuItem key={kind} onClick={() => add(fresh(kind, first))}>
            {say(`mix:match.kind.${kind}`)}
          </MenuItem>
        ))}
        {groups.map((of) => (
          <MenuItem key={of} onClick={() => add({ kind: "group", of, leastPct: USUAL[of][0], mostPct: USUAL[of][1] })}>
            {say("mix:match.kind.group", { group: say(`mix:match.group.${of}`) })}
          </MenuItem>
        ))}
      </Menu>
    </section>
  );
}

function RuleEditor({
  rule,
  candidates,
  onChange,
}: {
  rule: MatchRule;
  candidates: readonly Ingredient[];
  onChange: (rule: MatchRule) => void;
}) {
  const say = useSay();
  /** What would not be sane, such as a least above its most, is not taken. */
  const set = (next: MatchRule) => MatchRuleSchema.safeParse(next).success && onChange(next);
  switch (rule.kind) {
    case "noPeat":
    case "ownOnly":
      return <span>{say(`mix:match.rule.${rule.kind}`)}</span>;
    case "group": {
      const group = say(`mix:match.group.${rule.of}`);
      return (
        <span className={css.sentence}>
          {group}
          <NumberInput
            label={say("mix:match.field.least", { group })}
            value={rule.leastPct}
            limits={{ min: 0, max: rule.mostPct }}
            onCommit={(leastPct) => set({ ...rule, leastPct })}
          />
          {say("mix:match.between")}
          <NumberInput
            label={say("mix:match.field.most", { group })}
            value={rule.mostPct}
            limits={{ min: rule.leastPct, max: 100 }}
            onCommit={(mostPct) => set({ ...rule, mostPct })}
          />
          {say("mix:match.pctSign")}
        </span>
      );
    }
    case "hold":
      return (
        <span className={css.sentence}>
          {say("mix:match.holdWord")}{" "}
          <Which rule={rule} candidates={candidates} onChange={(ingredientId) => set({ ...rule, ingredientId })} />{" "}
          {say("mix:match.atWord")}
          <NumberInput
            label={say("mix:match.field.pct", { group: say.nameOf("ingredients", rule.ingredientId) })}
            value={rule.pct}
            limits={PCT}
            onCommit={(pct) => set({ ...rule, pct })}
          />{" "}
          {say("mix:match.pctSign")}
        </span>
      );
    case "without":
      return (
        <span className={css.sentence}>
          {say("mix:match.rule.without")}{" "}
          <Which rule={rule} candidates={candidates} onChange={(ingredientId) => set({ ...rule, ingredientId })} />
        </span>
      );
    case "use":
      return <span>{say("mix:match.rule.use", { bagL: rule.litres, ingredientId: rule.ingredientId })}</span>;
    case "budget":
      return (
        <span className={css.sentence}>
          {say("mix:match.rule.budget")}
          <NumberInput
            label={say("mix:match.field.budget")}
            value={rule.most}
            limits={{ min: 0, max: 1_000_000 }}
            onCommit={(most) => set({ ...rule, most })}
          />
        </span>
      );
    case "kinds":
      return (
        <span className={css.sentence}>
          {say("mix:match.atMost")}
          <NumberInput
            whole
            label={say("mix:match.field.kinds")}
            value={rule.most}
            limits={{ min: 1, max: 60 }}
            onCommit={(most) => set({ ...rule, most })}
          />{" "}
          {say("mix:match.kindsWord")}
        </span>
      );
    case "scoops":
      return (
        <span className={css.sentence}>
          {say("mix:match.scoopsBefore")}
          <NumberInput
            whole
            label={say("mix:match.field.scoops")}
            value={rule.upTo}
            limits={{ min: 2, max: 60 }}
            onCommit={(upTo) => set({ ...rule, upTo })}
          />
        </span>
      );
  }
}

function Which({
  rule,
  candidates,
  onChange,
}: {
  rule: Extract<MatchRule, { ingredientId: string }>;
  candidates: readonly Ingredient[];
  onChange: (ingredientId: string) => void;
}) {
  const say = useSay();
  const known = candidates.some((item) => item.id === rule.ingredientId);
  return (
    <select
      className={css.which}
      aria-label={say("mix:match.field.ingredient")}
      value={rule.ingredientId}
      onChange={(event) => onChange(event.target.value)}
    >
      {known ? null : <option value={rule.ingredientId}>{say.nameOf("ingredients", rule.ingredientId)}</option>}
      {candidates.map((item) => (
        <option key={item.id} value={item.id}>
          {capital(say.nameOf("ingredients", item.id))}
        </option>
      ))}
    </select>
  );
}
