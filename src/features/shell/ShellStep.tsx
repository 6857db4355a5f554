"use client";

import { useCallback, useState } from "react";
import { floorOutline } from "@/core/habitat";
import type { Load } from "@/core/load";
import { airing, boxKg } from "@/core/shell";
import { floorAreaCm2 } from "@/core/strata";
import { CM_PER_INCH } from "@/core/units";
import { useOpen } from "@/store";
import { Cautions, LedgerHead, LedgerPart, Pills, Tile, Tiles, Workbench } from "@/ui/parts";
import { BenchSection, OutlineDrawing, type Frame, type View, newGesture } from "@/ui/section";
import { sayBox, useFigures, useSay, useUnits, useLibrary } from "@/words";
import { BuildFields } from "./BuildFields";
import { Dimensions, PlanDimensions } from "./Dimensions";
import { LoadPart } from "./LoadPart";
import { OpeningRows } from "./OpeningRows";
import { PieceGrips } from "./PieceGrips";
import { PiecesPart } from "./PiecesPart";
import css from "./ShellStep.module.css";
import { SizeFields } from "./SizeFields";
import { TopFields } from "./TopFields";
import { WallsPart } from "./WallsPart";

const PARTS = ["box", "walls", "pieces", "load"] as const;
type Part = (typeof PARTS)[number];

/** The box and all that is built into it: size, walls, hardscape, load, drawn as they are set. */
export function ShellStep() {
  const say = useSay();
  const { habitat, derived } = useOpen();
  const [view, setView] = useState<View>("front");
  const [part, setPart] = useState<Part>("box");
  const [chosen, setChosen] = useState<string | undefined>(undefined);
  const [drawing, setDrawing] = useState(false);
  const stopDrawing = useCallback(() => setDrawing(false), []);
  const { shell } = habitat;
  const grips = (frame: Frame) => <PieceGrips frame={frame} chosen={chosen} onChoose={setChosen} />;
  return (
    <Workbench
      label={say("steps:ledger")}
      middle={
        <>
          <BenchSection
            habitat={habitat}
            ground={derived.ground}
            view={view}
            onView={setView}
            faded={part === "box"}
            overlay={(frame) =>
              part === "box" ? (
                <Dimensions frame={frame} shell={shell} />
              ) : part === "pieces" ? (
                grips(frame)
              ) : part === "load" ? (
                <LoadMark frame={frame} load={derived.load} />
              ) : null
            }
            planOverlay={(frame) => {
              if (drawing) return <FloorDrawing frame={frame} onDrawn={stopDrawing} />;
              return part === "box" ? (
                <PlanDimensions frame={frame} shell={shell} />
              ) : part === "pieces" ? (
                grips(frame)
              ) : part === "load" ? (
                <LoadMark frame={frame} load={derived.load} />
              ) : null;
            }}
          />
          <BoxTiles />
        </>
      }
      ledger={
        <>
          <LedgerHead title={say("shell:title")} sub={say(`shell:partSub.${part}`)} />
          <Pills
            label={say("shell:part")}
            value={part}
            onChange={setPart}
            options={PARTS.map((value) => ({ value, text: say(`shell:parts.${value}`) }))}
          />
          {part === "box" ? (
            <BoxPart
              onFloor={() => setView("plan")}
              onDraw={() => {
                setView("plan");
                setDrawing(true);
              }}
            />
          ) : null}
          {part === "walls" ? <WallsPart /> : null}
          {part === "pieces" ? <PiecesPart chosen={chosen} onChoose={setChosen} /> : null}
          {part === "load" ? <LoadPart /> : null}
        </>
      }
    />
  );
}

function BoxPart({ onFloor, onDraw }: { onFloor: () => void; onDraw: () => void }) {
  const say = useSay();
  const library = useLibrary();
  const { habitat, derived } = useOpen();
  return (
    <>
      <SizeFields />
      <BuildFields onFloor={onFloor} onDraw={onDraw} />
      <LedgerPart title={say("shell:top")}>
        <TopFields />
      </LedgerPart>
      <LedgerPart title={say("shell:openings")}>
        <OpeningRows />
      </LedgerPart>
      <LedgerPart title={say("brief:verdictTitle")}>
        {derived.boxReasons.map((reason) => (
          <p key={reason.code} className={css.why}>
            {sayBox(reason, say)}
          </p>
        ))}
        <p className={css.why}>{say("shell:cables")}</p>
        <Cautions codes={library.get("boxBuilds", habitat.shell.buildId).cautions} />
      </LedgerPart>
    </>
  );
}

/** A floor as it is drawn over the plan. */
function FloorDrawing({ frame, onDrawn }: { frame: Frame; onDrawn: () => void }) {
  const say = useSay();
  const { habitat, edit } = useOpen();
  const { widthCm, depthCm } = habitat.shell;
  const take = (points: [number, number][]): boolean =>
    edit([{ name: "setFloor", args: { floor: { shape: "polygon", points } } }], newGesture()) === undefined;
  return (
    <OutlineDrawing
      frame={frame}
      widthCm={widthCm}
      depthCm={depthCm}
      help={say("shell:drawFloorHelp")}
      refusal={say("shell:floorRefused")}
      onClosed={take}
      onGivenUp={onDrawn}
    />
  );
}

/** Where the middle of the load stands: a plumb line in the section, a cross in plan. */
function LoadMark({ frame, load }: { frame: Frame; load: Load }) {
  const x = frame.x(frame.view === "side" ? load.middle.yCm : load.middle.xCm);
  const plan = frame.view === "plan";
  const y = plan ? frame.y(load.middle.yCm) : frame.y(0);
  return (
    <g aria-hidden stroke="var(--rust)" strokeWidth={2} fill="none">
      {plan ? (
        <path d={`M${x - 12} ${y}H${x + 12}M${x} ${y - 12}V${y + 12}`} />
      ) : (
        <path d={`M${x} ${frame.y(frame.heightCm)}V${y}`} strokeDasharray="6 4" />
      )}
      {plan ? <circle cx={x} cy={y} r={7} /> : <path d={`M${x} ${y}l-7 11h14Z`} fill="var(--rust)" />}
    </g>
  );
}

/** Floor, volume, mass of the empty box, and its open area by where it is. */
function BoxTiles() {
  const say = useSay();
  const library = useLibrary();
  const system = useUnits();
  const figures = useFigures();
  const { shell } = useOpen().habitat;
  const volume = figures.shown((floorAreaCm2(shell) * shell.heightCm) / 1000, "water");
  const mass = figures.shown(boxKg(shell, library), "mass");
  const air = airing(shell, library);
  const area = (cm2: number) => figures.number(system === "us" ? cm2 / CM_PER_INCH ** 2 : cm2, 0);
  const xs = floorOutline(shell).map(([x]) => x);
  return (
    <Tiles strip>
      <Tile
        label={say("shell:floor")}
        figure={say("shell:floorValue", { widthCm: Math.max(...xs) - Math.min(...xs), depthCm: shell.depthCm })}
        note={say(`shell:floors.${shell.floor.shape}`)}
      />
      <Tile label={say("shell:volume")} figure={volume.figure} unit={volume.unit} />
      <Tile label={say("shell:boxMass")} figure={mass.figure} unit={mass.unit} />
      <Tile
        label={say("shell:air")}
        figure={area(air.totalCm2)}
        unit={say(system === "us" ? "shell:airUnitUs" : "shell:airUnitMetric")}
        tone={air.totalCm2 === 0 ? "look" : undefined}
        note={say("shell:airNote", {
          top: area(air.topCm2 + air.sidesCm2),
          low: area(air.lowVentsCm2),
          high: area(air.highVentsCm2),
        })}
      />
    </Tiles>
  );
}
