"use client";

import "@/words/atWork";
import PrintOutlined from "@mui/icons-material/PrintOutlined";
import Button from "@mui/material/Button";
import { useState } from "react";
import { useOpen, useToday } from "@/store";
import { Pills } from "@/ui/parts";
import { boxSize, useSay } from "@/words";
import { CareCard } from "./CareCard";
import { CutSheets } from "./CutSheets";
import css from "./Sheets.module.css";
import { PlanSheet } from "./PlanSheet";
import { ShoppingSheet } from "./ShoppingSheet";
import { StripSheet } from "./StripSheet";

const KINDS = ["shopping", "plan", "strips", "cuts", "care"] as const;

const SHEETS = {
  shopping: ShoppingSheet,
  plan: PlanSheet,
  strips: StripSheet,
  cuts: CutSheets,
  care: CareCard,
} as const;

/** The prints of a habitat, one at a time, as they come out on paper. */
export function Sheets() {
  const say = useSay();
  const { habitat } = useOpen();
  const today = useToday();
  const [kind, setKind] = useState<(typeof KINDS)[number]>("shopping");
  const Content = SHEETS[kind];
  return (
    <main id="work" tabIndex={-1} className={css.place}>
      <div className={css.bar}>
        <div>
          <h1>{say("sheets:title")}</h1>
          <p>{say("sheets:sub")}</p>
        </div>
        <Pills
          label={say("sheets:which")}
          value={kind}
          onChange={setKind}
          options={KINDS.map((value) => ({ value, text: say(`sheets:kinds.${value}`) }))}
        />
        <Button variant="outlined" size="small" startIcon={<PrintOutlined />} onClick={() => window.print()}>
          {say("sheets:print")}
        </Button>
      </div>
      <article className={css.paper} data-sheet aria-label={say(`sheets:kinds.${kind}`)}>
        <header>
          <h2>{say(`sheets:kinds.${kind}`)}</h2>
          <p className="measure">
            {say("sheets:for", { name: habitat.name, ...boxSize(habitat.shell) })}
            {today ? ` · ${say("sheets:made", { madeOn: today })}` : ""}
          </p>
        </header>
        <Content />
      </article>
    </main>
  );
}
