"use client";

import { useState } from "react";
import { floorOutline } from "@/core/habitat";
import { airing, boxKg } from "@/core/shell";
import { floorAreaCm2 } from "@/core/strata";
import { CM_PER_INCH } from "@/core/units";
import { useOpen } from "@/store";
import { Cautions, LedgerHead, LedgerPart, Tile, Tiles, Workbench } from "@/ui/parts";
import { BenchSection, type View } from "@/ui/section";
import { entry } from "@/core/catalog";
import { sayBox, useFigures, useSay, useUnits } from "@/words";
import { BuildFields } from "./BuildFields";
import { Dimensions, PlanDimensions } from "./Dimensions";
import { OpeningRows } from "./OpeningRows";
import css from "./ShellStep.module.css";
import { SizeFields } from "./SizeFields";
import { TopFields } from "./TopFields";

/** The box itself: size, build, floor, top and openings, drawn as they are set. */
export function ShellStep() {
  const say = useSay();
  const { habitat, derived } = useOpen();
  const [view, setView] = useState<View>("front");
  const { shell } = habitat;
  return (
    <Workbench
      label={say("steps:ledger")}
      middle={
        <>
          <BenchSection
            habitat={habitat} ground={derived.ground} view={view} onView={setView} faded
            overlay={(frame) => <Dimensions frame={frame} shell={shell} />} planOverlay={(frame) => <PlanDimensions frame={frame} shell={shell} />}
          />
          <BoxTiles />
        </>
      }
      ledger={
        <>
          <LedgerHead title={say("shell:title")} sub={say("shell:sub")} />
          <SizeFields />
          <BuildFields onFloor={() => setView("plan")} />
          <LedgerPart title={say("shell:top")}>
            <TopFields />
          </LedgerPart>
          <LedgerPart title={say("shell:openings")}>
            <OpeningRows />
          </LedgerPart>
          <LedgerPart title={say("brief:verdictTitle")}>
            {derived.boxReasons.map((reason) => (
              <p key={reason.code} className={css.why}>{sayBox(reason, say)}</p>
            ))}
            <p className={css.why}>{say("shell:cables")}</p>
            <Cautions codes={[...entry("boxBuilds", shell.buildId).cautions, "electricityWater"]} />
          </LedgerPart>
        </>
      }
    />
  );
}

/** Floor, volume, mass of the empty box, and its open area by where it is. */
function BoxTiles() {
  const say = useSay();
  const system = useUnits();
  const figures = useFigures();
  const { shell } = useOpen().habitat;
  const volume = figures.shown((floorAreaCm2(shell) * shell.heightCm) / 1000, "water");
  const mass = figures.shown(boxKg(shell), "mass");
  const air = airing(shell);
  const area = (cm2: number) => figures.number(system === "us" ? cm2 / CM_PER_INCH ** 2 : cm2, 0);
  const xs = floorOutline(shell).map(([x]) => x);
  return (
    <Tiles strip>
      <Tile label={say("shell:floor")} figure={say("shell:floorValue", { widthCm: Math.max(...xs) - Math.min(...xs), depthCm: shell.depthCm })} note={say(`shell:floors.${shell.floor.shape}`)} />
      <Tile label={say("shell:volume")} figure={volume.figure} unit={volume.unit} />
      <Tile label={say("shell:boxMass")} figure={mass.figure} unit={mass.unit} />
      <Tile
        label={say("shell:air")} figure={area(air.totalCm2)} unit={say(system === "us" ? "shell:airUnitUs" : "shell:airUnitMetric")} tone={air.totalCm2 === 0 ? "look" : undefined}
        note={say("shell:airNote", { top: area(air.topCm2 + air.sidesCm2), low: area(air.lowVentsCm2), high: area(air.highVentsCm2) })}
      />
    </Tiles>
  );
}
