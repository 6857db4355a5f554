"use client";

import CloseOutlined from "@mui/icons-material/CloseOutlined";
import Drawer from "@mui/material/Drawer";
import IconButton from "@mui/material/IconButton";
import { useId, useState } from "react";
import type { Derived } from "@/core/derive";
import { isOpen, STEPS, WEIGHTS, type Finding } from "@/core/findings";
import { Pills } from "@/ui/parts";
import { useSay } from "@/words";
import { AdviceItem } from "./AdviceItem";
import css from "./AdvicePanel.module.css";

const FILTERS = ["all", ...WEIGHTS, "answered"] as const;
type Filter = (typeof FILTERS)[number];

type Props = { open: boolean; onClose: () => void; derived: Derived; settled: Derived; today: string };

/** Every finding, by the step it belongs to: what it rests on, all that mends it, and what can be answered to it. */
export function AdvicePanel({ open, onClose, derived, settled, today }: Props) {
  const say = useSay();
  const heading = useId();
  const [filter, setFilter] = useState<Filter>("all");
  const { findings } = derived;
  const shows = (finding: Finding, by: Filter): boolean => {
    const unanswered = isOpen(finding, today);
    if (by === "answered") return !unanswered;
    return by === "all" || (unanswered && finding.weight === by);
  };
  const count = (by: Filter) => findings.filter((finding) => shows(finding, by)).length;
  const options = FILTERS.filter((value) => value === "all" || value === filter || count(value) > 0).map((value) => ({
    value,
    text: `${say(`advice:filters.${value}`)} ${count(value)}`,
  }));
  const shown = findings.filter((finding) => shows(finding, filter));
  return (
    <Drawer anchor="right" open={open} onClose={onClose} aria-labelledby={heading} role="dialog">
      <div className={css.panel}>
        <header>
          <h2 id={heading}>{say("advice:title")}</h2>
          <IconButton aria-label={say("advice:close")} onClick={onClose}>
            <CloseOutlined />
          </IconButton>
        </header>
        <Pills label={say("advice:filter")} value={filter} onChange={setFilter} options={options} />
        <div className={css.list} tabIndex={-1}>
          {findings.length === 0 ? <p>{say("advice:none")}</p> : null}
          {findings.length > 0 && shown.length === 0 ? <p>{say("advice:noneOfThese")}</p> : null}
          {STEPS.map((step) => {
            const here = shown.filter((finding) => finding.step === step);
            if (here.length === 0) return null;
            return (
              <section key={step}>
                <h3>{say(`steps:${step}`)}</h3>
                <ul>
                  {here.map((finding) => (
                    <AdviceItem
                      key={`${finding.code} ${finding.about}`}
                      finding={finding}
                      settled={settled}
                      today={today}
                      onGo={onClose}
                    />
                  ))}
                </ul>
              </section>
            );
          })}
        </div>
      </div>
    </Drawer>
  );
}
