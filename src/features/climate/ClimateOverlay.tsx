"use client";

import { useMemo } from "react";
import { plantLamps, ppfdAtPlace, uvIndexAt, type Point } from "@/core/light";
import { useOpen } from "@/store";
import type { Frame } from "@/ui/section";
import { useFigures, useSay } from "@/words";
import { useOutlook } from "./season";
import { AtBasking } from "./AtBasking";
import { EndsOverlay } from "./EndsOverlay";
import { FieldOverlay } from "./FieldOverlay";

export const OVERLAYS = ["none", "warmth", "damp", "uv", "light"] as const;
export type Overlay = (typeof OVERLAYS)[number];

const UV_LINES = [0.5, 1, 2, 3, 5, 8];
/** Far over what the animal wants lines only crowd one another. */
const LINES_OVER = 2.5;
const LIGHT_LINES = [10, 25, 50, 100, 200, 400];

/** The plane of the section a field is told in: through the lamp, or where the animal basks. */
function planeOf(
  frame: Frame,
  through: { xCm: number; yCm: number } | undefined,
  middle: { xCm: number; yCm: number },
) {
  const at = through ?? middle;
  return (acrossCm: number, upCm: number): Point =>
    frame.view === "side" ? { xCm: at.xCm, yCm: acrossCm, zCm: upCm } : { xCm: acrossCm, yCm: at.yCm, zCm: upCm };
}

const alongIn = ({ view }: Frame, { xCm, yCm }: { xCm: number; yCm: number }): number => (view === "side" ? yCm : xCm);

const middleOf = ([low, high]: readonly [number, number]): number => (low + high) / 2;

/** What comes of the gear, laid over the section. */
export function ClimateOverlay({ frame, overlay }: { frame: Frame; overlay: Overlay }) {
  const say = useSay();
  const figures = useFigures();
  const { habitat, derived } = useOpen();
  const { animal, ground } = derived;
  const outlook = useOutlook();
  const { shell } = habitat;
  const middle = { xCm: shell.widthCm / 2, yCm: shell.depthCm / 2 };
  const [lamp] = outlook.lamps;
  const lights = useMemo(
    () => plantLamps(outlook.all, shell, ground.surfaceAt, outlook.on),
    [outlook.all, outlook.on, shell, ground],
  );
  const wanted = animal.uv.indexAtBack;
  const uvLines = wanted ? [...new Set([...UV_LINES, wanted[0], wanted[1]])].toSorted((a, b) => a - b) : UV_LINES;
  return (
    <>
      {(overlay === "warmth" || overlay === "damp") && frame.view === "front" ? (
        <EndsOverlay frame={frame} of={overlay} />
      ) : null}
      {overlay === "uv" ? (
        <FieldOverlay
          frame={frame}
          at={(across, up) => middleOf(uvIndexAt(outlook.lamps, planeOf(frame, lamp?.fixture, middle)(across, up)))}
          under={alongIn(frame, lamp?.fixture ?? middle)}
          thresholds={uvLines.filter((value) => value > 0 && (!wanted || value <= Math.max(1, wanted[1] * LINES_OVER)))}
          color={GEAR_VIOLET}
          from={wanted?.[0]}
          said={(index) => say("climate:uvBand", { index: figures.number(index, 1) })}
          none={say("climate:uvNone")}
        />
      ) : null}
      {overlay === "light" ? (
        <FieldOverlay
          frame={frame}
          at={(across, up) => middleOf(ppfdAtPlace(lights, planeOf(frame, undefined, middle)(across, up)))}
          under={alongIn(frame, middle)}
          thresholds={LIGHT_LINES}
          color={LEAF_LIGHT}
          from={undefined}
          said={(ppfd) => say("climate:lightBand", { ppfd: figures.number(ppfd, 0) })}
          none={say("climate:lightNone")}
        />
      ) : null}
      {overlay === "warmth" || overlay === "uv" ? <AtBasking frame={frame} /> : null}
    </>
  );
}

const GEAR_VIOLET = "#6b4aa3";
const LEAF_LIGHT = "#8a7a12";
