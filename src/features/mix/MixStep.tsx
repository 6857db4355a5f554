"use client";

import { useState } from "react";
import { blend } from "@/core/mix";
import { useOpen } from "@/store";
import { LedgerHead, Pills, Workbench } from "@/ui/parts";
import { Miniature } from "@/ui/section";
import { useSay } from "@/words";
import { Jar } from "./Jar";
import { MixFigures } from "./MixFigures";
import css from "./MixStep.module.css";
import { PartRows } from "./PartRows";
import { RecipeChoice } from "./RecipeChoice";

const MINI_PX = 190;

/** A soil recipe as a jar: parts, their shares, and the litres this habitat wants of each. */
export function MixStep() {
  const say = useSay();
  const { habitat, derived } = useOpen();
  const [wantedId, setWantedId] = useState<string | undefined>(undefined);
  const mix = habitat.mixes.find((other) => other.id === wantedId) ?? habitat.mixes[0];
  if (!mix) return null;
  const lifts = derived.ground.levels.filter((level) => habitat.strata.layers.some((layer) => layer.id === level.layerId && layer.kind === "soil" && layer.mixId === mix.id));
  const fillL = derived.ground.solids.reduce((sum, solid) => sum + (solid.piece?.fillMixId === mix.id ? solid.fillL : 0), 0);
  const volumeL = lifts.reduce((sum, level) => sum + level.volumeL, fillL);
  const looseL = lifts.reduce((sum, level) => sum + level.looseL, fillL * (1 + (blend(mix.parts)?.settlesPct ?? 0) / 100));
  return (
    <Workbench
      label={say("steps:ledger")}
      middle={
        <>
          <div className={css.bar}>
            <RecipeChoice mix={mix} />
            {habitat.mixes.length > 1 ? (
              <Pills
                label={say("mix:which")} value={mix.id} onChange={setWantedId}
                options={habitat.mixes.map((other, at) => ({ value: other.id, text: say("mix:lift", { nth: at + 1 }) }))}
              />
            ) : null}
          </div>
          <Jar mix={mix} looseL={looseL} />
          <div className={css.mini}>
            <Miniature habitat={habitat} pxPerCm={MINI_PX / Math.max(habitat.shell.widthCm, habitat.shell.heightCm)} label={say("mix:inTheBox")} />
            <span>{say("mix:inTheBox")}</span>
          </div>
        </>
      }
      ledger={
        <>
          <LedgerHead title={say("mix:title")} sub={say("mix:sub")} />
          <PartRows mix={mix} looseL={looseL} />
          <MixFigures mix={mix} volumeL={volumeL} looseL={looseL} />
        </>
      }
    />
  );
}
