"use client";

import { useState } from "react";
import { metersTold } from "@/core/findings";
import type { Mix } from "@/core/habitat";
import { useOpen } from "@/store";
import { LedgerHead, Pills, Workbench } from "@/ui/parts";
import { useSay } from "@/words";
import { CompareBench } from "./CompareBench";
import { Beside } from "./Beside";
import { ForHere } from "./ForHere";
import { JarBench } from "./JarBench";
import { MakeBench } from "./MakeBench";
import { firstAsked, MatchBench, type MatchAsked } from "./MatchBench";
import { Meters } from "./Meters";
import type { Ring } from "./meterWords";
import css from "./MixStep.module.css";
import { RecipeBar } from "./RecipeBar";
import { RefreshBench } from "./RefreshBench";
import { StretchBench } from "./StretchBench";
import { useMatch } from "./useMatch";
import { useMixAtHand } from "./useMixAtHand";

const MODES = ["jar", "match", "stretch", "compare", "make", "refresh"] as const;
type Mode = (typeof MODES)[number];

/** The mix bench: a recipe as a jar and by its meters, matched from the bins, compared, made and refreshed. */
export function MixStep() {
  const { habitat } = useOpen();
  const [wantedId, setWantedId] = useState<string | undefined>(undefined);
  const mix = habitat.mixes.find((other) => other.id === wantedId) ?? habitat.mixes[0];
  return mix ? <MixBench key={mix.id} mix={mix} onChoose={setWantedId} /> : null;
}

function MixBench({ mix, onChoose }: { mix: Mix; onChoose: (mixId: string) => void }) {
  const say = useSay();
  const hand = useMixAtHand(mix);
  const [mode, setMode] = useState<Mode>("jar");
  const [ring, setRing] = useState<Ring>(undefined);
  const [asked, setAsked] = useState<MatchAsked | undefined>(undefined);
  const matching = useMatch(hand);
  const [locked, setLocked] = useState<ReadonlySet<string>>(new Set());
  const { habitat, readings, aims, bins } = hand;
  const { derived } = useOpen();
  const told = metersTold(derived.findings, mix.id);
  const toggle = (id: string) =>
    setLocked((before) => new Set(before.has(id) ? [...before].filter((other) => other !== id) : [...before, id]));
  const choose = (next: Mode) => {
    setMode(next);
    setRing(undefined);
  };
  return (
    <Workbench
      label={say("steps:ledger")}
      middle={
        <>
          <div className={css.bar}>
            <RecipeBar hand={hand} />
            {habitat.mixes.length > 1 ? (
              <Pills
                label={say("mix:which")}
                value={mix.id}
                onChange={onChoose}
                options={habitat.mixes.map((other, at) => ({
                  value: other.id,
                  text: say("mix:lift", { nth: at + 1 }),
                }))}
              />
            ) : null}
          </div>
          <div className={css.modes}>
            <Pills
              label={say("mix:modes.label")}
              value={mode}
              onChange={choose}
              options={MODES.map((value) => ({ value, text: say(`mix:modes.${value}`) }))}
            />
          </div>
          {mode === "jar" ? (
            <JarBench key={`${hand.mix.id} ${hand.mix.recipeId ?? ""}`} hand={hand} locked={locked} onLock={toggle} />
          ) : null}
          {mode === "match" ? (
            <MatchBench
              hand={hand}
              asked={asked ?? firstAsked(hand, locked)}
              matching={matching}
              onAsk={setAsked}
              onRing={setRing}
            />
          ) : null}
          {mode === "stretch" ? <StretchBench hand={hand} onRing={setRing} /> : null}
          {mode === "compare" ? <CompareBench hand={hand} /> : null}
          {mode === "make" ? <MakeBench hand={hand} /> : null}
          {mode === "refresh" ? <RefreshBench hand={hand} /> : null}
        </>
      }
      ledger={
        <>
          <LedgerHead
            title={say("mix:title")}
            sub={ring ? say("mix:doesHelpRing", { other: ring.name }) : say("mix:doesHelp")}
          />
          {readings ? (
            <Meters readings={readings} aims={aims} currency={bins.currency} ring={ring?.readings} told={told} />
          ) : null}
          <Beside hand={hand} />
          <ForHere hand={hand} />
        </>
      }
    />
  );
}
