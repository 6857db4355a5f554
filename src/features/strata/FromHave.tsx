"use client";

import Button from "@mui/material/Button";
import { useEffect, useMemo, useState } from "react";
import type { Layer } from "@/core/habitat";
import { depthFrom, kgALitre, litresAtHand, type DepthFrom } from "@/core/supply";
import { useBins, useOpen } from "@/store";
import { MeasureField, NumberInput } from "@/ui/measure";
import { useSay } from "@/words";
import css from "./LayerRows.module.css";
import { useGhost } from "./useGhost";

const BAGS = { min: 1, max: 999 };
const LITRES = { min: 0.05, max: 2000 };
const FIRST_L = 10;
const LEFT_FROM_L = 0.05;

/** How deep what one has gets: bags of litres or of a weight, or what is in the bins. Drawn as a line until it is laid. */
export function FromHave({ layer }: { layer: Exclude<Layer, { kind: "barrier" | "falseBottom" }> }) {
  const say = useSay();
  const bins = useBins();
  const { derived, edit } = useOpen();
  const [bags, setBags] = useState(1);
  const [eachL, setEachL] = useState(FIRST_L);
  const haveL = bags * eachL;
  const made = useMemo(() => depthFrom(derived, layer.id, haveL), [derived, layer.id, haveL]);
  const atHandL = bins ? litresAtHand(derived, layer.id, bins) : 0;
  useGhostOf(layer.id, made);
  const shelf = layer.kind === "drainage" ? "drainageMedia" : "dressings";
  const kgPerL =
    layer.kind === "soil" ? pouredMix(derived, layer.mixId) : kgALitre(shelf, layer.materialId, derived.library);
  return (
    <fieldset className={css.have}>
      <legend>{say("strata:have.title")}</legend>
      <div className={css.haveLine}>
        <label>
          <span>{say("strata:have.bags")}</span>
          <NumberInput whole label={say("strata:have.bags")} value={bags} limits={BAGS} onCommit={setBags} />
        </label>
        <span aria-hidden className={css.times}>
          ×
        </span>
        <MeasureField
          label={say("strata:have.each")}
          kind="volume"
          value={eachL}
          limits={LITRES}
          kgPerL={kgPerL}
          onCommit={setEachL}
        />
        {atHandL > LEFT_FROM_L ? (
          <Button
            size="small"
            variant="outlined"
            onClick={() => {
              setBags(1);
              setEachL(atHandL);
            }}
          >
            {say("strata:have.bins", { atHandL })}
          </Button>
        ) : null}
      </div>
      {kgPerL === undefined ? null : <small className={css.haveNote}>{say("strata:have.weight")}</small>}
      {made ? (
        <div className={css.haveLine}>
          <output>
            <b>{say(layer.kind === "soil" ? "strata:have.sloped" : "strata:have.level", { haveL, ...cmOf(made) })}</b>{" "}
            {made.leftL > LEFT_FROM_L ? say("strata:have.left", { leftL: made.leftL }) : null}
          </output>
          <Button size="small" onClick={() => edit(made.commands)}>
            {say("strata:have.lay")}
          </Button>
        </div>
      ) : null}
    </fieldset>
  );
}

const cmOf = ({ frontCm, backCm }: DepthFrom) => ({ frontCm, backCm });

/** What a litre of a mix weighs as it is poured dry, by its parts' shares. */
function pouredMix({ habitat, library }: ReturnType<typeof useOpen>["derived"], mixId: string): number | undefined {
  const parts = habitat.mixes.find(({ id }) => id === mixId)?.parts ?? [];
  const total = parts.reduce((sum, part) => sum + part.parts, 0);
  if (total === 0) return undefined;
  return parts.reduce(
    (sum, { ingredientId, parts: share }) =>
      sum + (share / total) * library.get("ingredients", ingredientId).pouredKgPerL,
    0,
  );
}

/** Shows in the section how high the layer would come, for as long as it is asked. */
function useGhostOf(layerId: string, made: DepthFrom | undefined): void {
  const { show } = useGhost.getState();
  const [frontCm, backCm] = [made?.frontCm, made?.backCm];
  useEffect(() => {
    show(frontCm === undefined || backCm === undefined ? undefined : { layerId, frontCm, backCm });
    return () => show(undefined);
  }, [show, layerId, frontCm, backCm]);
}
