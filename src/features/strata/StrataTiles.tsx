"use client";

import type { FindingCode } from "@/core/findings";
import { LIMITS } from "@/core/habitat";
import { useOpen } from "@/store";
import { Stepper } from "@/ui/measure";
import { Cautions, Tile, Tiles } from "@/ui/parts";
import { rule } from "@/core/catalog";
import { CM_PER_INCH } from "@/core/units";
import { useFigures, useSay, useUnits } from "@/words";
import css from "./StrataTiles.module.css";

/** The kept water line, in the ledger below the layers. */
export function WaterRow() {
  const say = useSay();
  const { habitat, derived, edit } = useOpen();
  const { water } = derived.ground;
  if (!water) return null;
  return (
    <div className={css.water}>
      <span className={css.drop} aria-hidden />
      <span>
        <b>{say("strata:waterLine")}</b>
        <small>{say("strata:safeTo", { safeLineCm: water.safeLineCm })}</small>
      </span>
      <Stepper
        label={say("strata:waterLine")}
        kind="length"
        value={habitat.strata.waterLineCm}
        limits={LIMITS.waterLineCm}
        onCommit={(waterLineCm, gesture) => edit([{ name: "setWaterLine", args: { waterLineCm } }], gesture)}
      />
    </div>
  );
}

/** The ground's key figures under the section: fill against the sill, load, water, litres. */
export function StrataTiles() {
  const say = useSay();
  const figures = useFigures();
  const system = useUnits();
  const { habitat, derived } = useOpen();
  const { ground } = derived;
  const isTold = (code: FindingCode): boolean => derived.findings.some((finding) => finding.code === code);
  const { sillCm } = habitat.shell;
  const front = figures.shown(ground.highestFrontCm, "length");
  const back = figures.shown(ground.surface.backCm, "length");
  const { load: weight } = derived;
  const load = figures.shown(weight.wetKg, "mass");
  const soil = figures.shown(ground.soilVolumeL, "volume");
  const looseL = ground.levels.filter((level) => level.kind === "soil").reduce((sum, level) => sum + level.looseL, 0);
  const holds = figures.shown(ground.water?.capacityL ?? 0, "water");
  return (
    <>
      <Tiles strip>
        <Tile
          label={say("strata:fillFront")}
          figure={front.figure}
          unit={front.unit}
          note={sillCm > 0 ? say("strata:ofSill", { sillCm }) : say("strata:noSill")}
          tone={isTold("overSill") ? "harm" : undefined}
        />
        <Tile
          label={say("strata:fillBack")}
          figure={back.figure}
          unit={back.unit}
          note={say("strata:underRim", { rimCm: Math.max(0, ground.underRimCm) })}
          tone={isTold("aboveRim") ? "harm" : undefined}
        />
        <Tile
          label={say("strata:soilTotal")}
          figure={soil.figure}
          unit={soil.unit}
          note={say("strata:loose", { looseL })}
        />
        <Tile
          label={say("strata:wetLoad")}
          figure={load.figure}
          unit={load.unit}
          note={say("strata:dryLoad", { dryKg: weight.dryKg, floodedKg: weight.floodedKg })}
        />
        {ground.water ? (
          <Tile
            label={say("strata:drainageHolds")}
            figure={holds.figure}
            unit={holds.unit}
            note={
              system === "us"
                ? say("strata:perInch", { stepWaterL: ground.water.perCmL * CM_PER_INCH })
                : say("strata:perCm", { stepWaterL: ground.water.perCmL })
            }
          />
        ) : null}
      </Tiles>
      {weight.wetKg > rule("twoPersonLiftKg") ? <Cautions codes={["weight"]} /> : null}
    </>
  );
}
