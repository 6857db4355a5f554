"use client";

import { useState } from "react";
import { LIMITS, TOPS, type Shell } from "@/core/habitat";
import { floorAreaCm2 } from "@/core/strata";
import { useOpen } from "@/store";
import { MeasureField } from "@/ui/measure";
import { Cautions, LedgerHead, LedgerPart, Pills, Tile, Tiles, Workbench } from "@/ui/parts";
import { BenchSection, type Frame, type View } from "@/ui/section";
import { sayBox, useFigures, useSay } from "@/words";
import css from "./ShellStep.module.css";

type Size = keyof Pick<Shell, "widthCm" | "depthCm" | "heightCm" | "sillCm">;
const SIZES: readonly [Size, "width" | "depth" | "height" | "sill"][] = [["widthCm", "width"], ["depthCm", "depth"], ["heightCm", "height"], ["sillCm", "sill"]];

/** Inner size, sill and top, with the box drawn as it is typed. */
export function ShellStep() {
  const say = useSay();
  const figures = useFigures();
  const { habitat, derived, edit } = useOpen();
  const [view, setView] = useState<View>("front");
  const { shell } = habitat;
  const volume = figures.shown((floorAreaCm2(shell) * shell.heightCm) / 1000, "water");
  return (
    <Workbench
      label={say("steps:ledger")}
      middle={<BenchSection habitat={habitat} ground={derived.ground} view={view} onView={setView} faded overlay={(frame) => <Dimensions frame={frame} shell={shell} />} />}
      ledger={
        <>
          <LedgerHead title={say("shell:title")} sub={say("shell:sub")} />
          <div className={css.form}>
            {SIZES.map(([size, word]) => (
              <MeasureField
                key={size} label={say(`shell:${word}`)} kind="length" value={shell[size]} limits={size === "sillCm" ? LIMITS.sillCm : LIMITS.boxCm}
                {...(size === "sillCm" ? { help: say("shell:sillHelp") } : {})}
                onCommit={(cm, gesture) => edit([{ name: "setShell", args: { [size]: cm } }], gesture)}
              />
            ))}
          </div>
          <LedgerPart title={say("shell:top")}>
            <Pills
              label={say("shell:top")} value={shell.top} onChange={(top) => edit([{ name: "setShell", args: { top } }])}
              options={TOPS.map((value) => ({ value, text: say(`shell:tops.${value}`) }))}
            />
            <p className={css.why}>{say(`shell:topWhy.${shell.top}`)}</p>
          </LedgerPart>
          <Tiles>
            <Tile label={say("shell:floor")} figure={say("shell:floorValue", { widthCm: shell.widthCm, depthCm: shell.depthCm })} />
            <Tile label={say("shell:volume")} figure={volume.figure} unit={volume.unit} />
          </Tiles>
          <LedgerPart title={say("brief:verdictTitle")}>
            {derived.boxReasons.map((reason) => (
              <p key={reason.code} className={css.why}>{sayBox(reason, say)}</p>
            ))}
            <p className={css.why}>{say("shell:cables")}</p>
            <Cautions codes={["weight", "electricityWater"]} />
          </LedgerPart>
        </>
      }
    />
  );
}

/** The sizes written on the drawing, as on a plan. */
function Dimensions({ frame, shell }: { frame: Frame; shell: Shell }) {
  const say = useSay();
  const across = say("brief:lengthValue", { lengthCm: frame.view === "front" ? shell.widthCm : shell.depthCm });
  const up = say("brief:lengthValue", { lengthCm: shell.heightCm });
  const [left, right, top] = [frame.x(0), frame.x(frame.acrossCm), frame.y(shell.heightCm)];
  const y = top + 30;
  const x = left + 30;
  return (
    <g aria-hidden className="measure" fontSize={15} fontWeight={600} fill="var(--ink)" stroke="var(--ink)">
      <path d={`M${left + 6} ${y}H${right - 6}M${left + 6} ${y}l8 -4v8ZM${right - 6} ${y}l-8 -4v8Z`} strokeWidth={1.3} />
      <text x={(left + right) / 2} y={y - 8} textAnchor="middle" stroke="var(--air-top)" strokeWidth={5} paintOrder="stroke">{across}</text>
      <path d={`M${x} ${top + 44}V${frame.y(0) - 6}M${x} ${top + 44}l-4 8h8ZM${x} ${frame.y(0) - 6}l-4 -8h8Z`} strokeWidth={1.3} />
      <text x={x + 10} y={(top + frame.y(0)) / 2} stroke="var(--air-top)" strokeWidth={5} paintOrder="stroke">{up}</text>
    </g>
  );
}
