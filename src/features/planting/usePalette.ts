"use client";

import { useEffect, useRef, useState } from "react";
import { rule, type Animal } from "@/core/catalog";
import { plantFit, usualStand } from "@/core/living";
import { offered, paletteModel, paletteOf } from "@/core/palette";
import type { HeightStratum, Palette, PaletteQuestion } from "@/core/palette";
import { floorAreaCm2 } from "@/core/strata";
import { EMPTY_BINS, type Bins } from "@/core/supply";
import { solve, useBins, useOpen } from "@/store";
import { usePlants } from "./usePlanting";

/** What a planting is wished to be. */
export type Wishes = {
  strata: readonly HeightStratum[];
  floorPct: number;
  wallPct: number;
  months: number;
  sturdy: number;
  kinds: number;
  budget: number | undefined;
  regionOnly: boolean;
  edible: boolean;
  easy: boolean;
};

export type Proposing =
  | { at: "idle" }
  | { at: "working" }
  | { at: "failed" }
  | { at: "nothing" }
  | { at: "none" }
  | { at: "done"; palette: Palette };

const priceOf = (bins: Bins, plantId: string): number | undefined => {
  const prices = bins.packs.flatMap((pack) =>
    pack.shelf === "plants" &&
    pack.itemId === plantId &&
    pack.holds.kind === "pieces" &&
    pack.holds.count > 0 &&
    pack.price !== null
      ? [pack.price / pack.holds.count]
      : [],
  );
  return prices.length > 0 ? Math.min(...prices) : undefined;
};

const HEAVY: readonly Animal["plants"]["roughness"][] = ["rough", "uproots"];

/** Proposes a planting in the worker; `another` must differ from all proposed since the wishes last changed. */
export function usePalette(): {
  state: Proposing;
  propose: (wishes: Wishes, locked: Readonly<Record<string, number>>, another: boolean) => Promise<void>;
  stop: () => void;
  factor: number;
} {
  const { habitat, derived } = useOpen();
  const bins = useBins() ?? EMPTY_BINS;
  const all = usePlants();
  const [state, setState] = useState<Proposing>({ at: "idle" });
  const running = useRef<AbortController | undefined>(undefined);
  const before = useRef<string[][]>([]);
  useEffect(() => () => running.current?.abort(), []);
  const { animal, ground } = derived;
  const factor = HEAVY.includes(animal.plants.roughness) ? rule("overplantFactor") : 1;

  const propose = async (wishes: Wishes, locked: Readonly<Record<string, number>>, another: boolean) => {
    running.current?.abort();
    const stopper = new AbortController();
    running.current = stopper;
    if (!another) before.current = [];
    const scored = all.map((plant) => ({
      plant,
      price: priceOf(bins, plant.id),
      score: plantFit(plant, derived, usualStand(derived, plant)).score,
    }));
    const fitting = offered(scored, {
      regions: wishes.regionOnly ? animal.regions : undefined,
      onlyEdible: wishes.edible,
      onlyEasy: wishes.easy,
    });
    const candidates = [
      ...fitting,
      ...scored.filter(
        ({ plant }) => locked[plant.id] !== undefined && !fitting.some((item) => item.plant.id === plant.id),
      ),
    ];
    if (candidates.length === 0) return setState({ at: "nothing" });
    const { widthCm, heightCm } = habitat.shell;
    const question: PaletteQuestion = {
      candidates,
      strata: wishes.strata,
      floorCm2: floorAreaCm2(habitat.shell),
      wallCm2: widthCm * Math.max(0, heightCm - ground.surface.backCm),
      floorShare: wishes.floorPct / 100,
      wallShare: wishes.wallPct / 100,
      months: wishes.months,
      leastSturdy: wishes.sturdy,
      mostKinds: wishes.kinds,
      budget: wishes.budget,
      factor,
      locked,
    };
    setState({ at: "working" });
    try {
      const palette = paletteOf(question, await solve(paletteModel(question, before.current), stopper.signal));
      if (running.current !== stopper) return;
      if (!palette || palette.picks.length === 0) return setState({ at: "none" });
      before.current = [...before.current, palette.picks.map(({ plantId }) => plantId)];
      setState({ at: "done", palette });
    } catch {
      if (running.current === stopper) setState({ at: stopper.signal.aborted ? "idle" : "failed" });
    }
  };
  return { state, propose, stop: () => running.current?.abort(), factor };
}
