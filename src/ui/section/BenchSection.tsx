"use client";

import { useDeferredValue, useMemo, useState, type CSSProperties, type ReactNode } from "react";
import type { Design } from "@/core/habitat";
import type { Library } from "@/core/library";
import type { Ground } from "@/core/strata";
import { capital, useLibrary, useSay, useUnits } from "@/words";
import { BoxModel } from "../model";
import { Pills } from "../parts/Pills";
import css from "./BenchSection.module.css";
import { GearDrawing, overTopCm } from "./GearDrawing";
import { acrossOf, fittingScale, frameOf, upOf, VIEWS, type Frame, type Margins, type View } from "./frame";
import { PlanBody } from "./PlanBody";
import { Rulers } from "./Rulers";
import { SectionBody } from "./SectionBody";
import { SectionTwin } from "./SectionTwin";
import { useSize } from "./useSize";
import { useViewKeys } from "./useViewKeys";

type Props = {
  habitat: Design;
  ground: Ground;
  view: View;
  onView: (view: View) => void;
  /** Drawn over the section; told where everything is. */
  overlay?: (frame: Frame) => ReactNode;
  /** Drawn over the plan. */
  planOverlay?: (frame: Frame) => ReactNode;
  toolbar?: ReactNode;
  waterLineCm?: number | undefined;
  faded?: boolean;
  /** The plan without its plants, to work on the ground. */
  barePlan?: boolean;
  /** Plants as they are so many months after planting; left out, grown. */
  months?: number | undefined;
  /** Room for tags on the left. */
  tagged?: boolean;
  /** With the light the lamps throw. */
  lit?: boolean;
};

/** The section as it stands on the bench: fitted to its place, with rulers, view switch and text twin. */
export function BenchSection({
  habitat,
  ground,
  view,
  onView,
  overlay,
  planOverlay,
  toolbar,
  waterLineCm,
  faded,
  months,
  barePlan = false,
  tagged = false,
  lit,
}: Props) {
  const say = useSay();
  const system = useUnits();
  const [ref, size] = useSize();
  const told = useDeferredValue(useMemo(() => ({ habitat, ground }), [habitat, ground]));
  const [turning, setTurning] = useState(false);
  const look = (next: View) => {
    setTurning(false);
    onView(next);
  };
  useViewKeys(view, look);
  const library = useLibrary();
  const bare: Margins = { left: tagged ? 84 : 16, right: 44, top: 26, bottom: 30 };
  const margins = size && view !== "plan" ? withRoomOver(bare, habitat, ground, library, view, size) : bare;
  const scale = size ? fittingScale(habitat.shell, view, size.width, size.height, margins) : 1;
  const across = acrossOf(habitat.shell, view) * scale;
  const spareX = size ? size.width - across - margins.left - margins.right : 0;
  const spareY = size ? size.height - upOf(habitat.shell, view) * scale - margins.top - margins.bottom : 0;
  const frame = frameOf(
    habitat.shell,
    view,
    scale,
    margins.left + Math.max(0, spareX / 2),
    margins.top + Math.max(0, spareY / 2),
  );
  return (
    <div className={css.bench}>
      <div className={css.bar}>
        <Pills
          label={say("strata:viewLabel")}
          value={view}
          onChange={look}
          options={VIEWS.map((value) => ({ value, text: say(`strata:views.${value}`) }))}
        />
        {toolbar}
        <button type="button" className={css.turn} aria-pressed={turning} onClick={() => setTurning(!turning)}>
          {say("strata:turnable")}
        </button>
      </div>
      {turning ? (
        <div className={`${css.stage} ${css.model}`}>
          <BoxModel habitat={habitat} ground={ground} />
        </div>
      ) : null}
      <div
        className={css.stage}
        hidden={turning}
        ref={ref}
        style={
          {
            "--box-ratio": upOf(habitat.shell, view) / acrossOf(habitat.shell, view),
            "--box-margin": `${margins.left + margins.right + 20}px`,
          } as CSSProperties
        }
      >
        {size ? (
          <svg
            width={size.width}
            height={size.height}
            role="group"
            aria-label={say("strata:section", {
              name: habitat.name,
              view: say(`strata:views.${view}`).toLocaleLowerCase(),
            })}
          >
            {view === "plan" ? (
              <PlanBody habitat={habitat} ground={ground} frame={frame} bare={barePlan} months={months} />
            ) : (
              <SectionBody
                habitat={habitat}
                ground={ground}
                frame={frame}
                waterLineCm={waterLineCm}
                faded={faded}
                months={months}
              />
            )}
            <GearDrawing habitat={habitat} ground={ground} frame={frame} lit={lit === true} />
            <Rulers frame={frame} system={system} />
            {view === "plan" ? (
              planOverlay?.(frame)
            ) : (
              <>
                <Sill
                  habitat={habitat}
                  frame={frame}
                  text={capital(say("strata:sillTag", { sillCm: habitat.shell.sillCm }))}
                />
                {overlay?.(frame)}
              </>
            )}
          </svg>
        ) : null}
      </div>
      <SectionTwin habitat={told.habitat} ground={told.ground} />
    </div>
  );
}

/** Room over the box for the lamps that stand there, at the scale that leaves it. */
function withRoomOver(
  bare: Margins,
  habitat: Design,
  ground: Ground,
  library: Library,
  view: View,
  { width, height }: { width: number; height: number },
): Margins {
  const overCm = overTopCm(habitat, ground, library);
  if (overCm <= 0) return bare;
  const whole = { ...habitat.shell, heightCm: habitat.shell.heightCm + overCm };
  return { ...bare, top: bare.top - 10 + overCm * fittingScale(whole, view, width, height, bare) };
}

function Sill({ habitat, frame, text }: { habitat: Design; frame: Frame; text: string }) {
  const { sillCm } = habitat.shell;
  if (sillCm <= 0 || sillCm >= habitat.shell.heightCm) return null;
  const right = frame.view === "front" ? frame.x(frame.acrossCm) : frame.x(0) + 34;
  return (
    <g aria-hidden>
      <line
        x1={frame.x(0)}
        x2={right}
        y1={frame.y(sillCm)}
        y2={frame.y(sillCm)}
        stroke="var(--rust)"
        strokeWidth={1.4}
        strokeDasharray="9 5"
      />
      <g transform={`translate(${frame.view === "front" ? right - 6 : frame.x(0) + 6} ${frame.y(sillCm) - 6})`}>
        <text
          fontSize={12}
          fontWeight={600}
          textAnchor={frame.view === "front" ? "end" : "start"}
          fill="var(--rust)"
          stroke="var(--air-low)"
          strokeWidth={4}
          paintOrder="stroke"
        >
          {text}
        </text>
      </g>
    </g>
  );
}
