"use client";

import { LIDS, LIMITS } from "@/core/habitat";
import { useOpen } from "@/store";
import { NumberInput } from "@/ui/measure";
import { Pills } from "@/ui/parts";
import { useSay } from "@/words";
import css from "./ShellStep.module.css";

/** The lid, and how much of an open one is covered. */
export function TopFields() {
  const say = useSay();
  const { habitat, edit } = useOpen();
  const { top } = habitat.shell;
  return (
    <>
      <Pills
        label={say("shell:top")}
        value={top.lid}
        onChange={(lid) => edit([{ name: "setTop", args: { lid } }])}
        options={LIDS.map((value) => ({ value, text: say(`shell:lids.${value}`) }))}
      />
      {top.lid === "glass" ? null : (
        <div className={css.line}>
          <span>{say("shell:covered")}</span>
          <NumberInput
            label={say("shell:covered")}
            value={top.coveredPct}
            limits={LIMITS.coveredPct}
            onCommit={(coveredPct, gesture) => edit([{ name: "setTop", args: { coveredPct } }], gesture)}
          />
        </div>
      )}
      <p className={css.why}>{say(`shell:lidWhy.${top.lid}`)}</p>
    </>
  );
}
