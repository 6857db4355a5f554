"use client";

import { useOpen } from "@/store";
import type { Frame } from "@/ui/section";
import { useFigures } from "@/words";
import css from "./LayerRows.module.css";
import { useGhost } from "./useGhost";

/** The upper edge a layer would have, as a broken line: level from the front, sloped from the side. */
export function GhostLine({ frame }: { frame: Frame }) {
  const figures = useFigures();
  const { habitat, derived } = useOpen();
  const { ghost } = useGhost();
  const level = ghost && derived.ground.levelOf(ghost.layerId);
  if (!ghost || !level || frame.view === "plan") return null;
  const { widthCm, depthCm } = habitat.shell;
  const acrossCm = frame.view === "front" ? widthCm : depthCm;
  const frontCm = level.bottom.frontCm + ghost.frontCm;
  const backCm = frame.view === "front" ? frontCm : level.bottom.backCm + ghost.backCm;
  return (
    <g className={css.ghost} aria-hidden>
      {["casing", "edge"].map((part) => (
        <line
          key={part}
          data-part={part}
          x1={frame.x(0)}
          y1={frame.y(frontCm)}
          x2={frame.x(acrossCm)}
          y2={frame.y(backCm)}
        />
      ))}
      <text x={frame.x(acrossCm) - 6} y={frame.y(backCm) - 5} textAnchor="end">
        {figures.printed(frontCm, "length")}
      </text>
    </g>
  );
}
