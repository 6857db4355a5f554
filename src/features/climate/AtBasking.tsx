"use client";

import type { Frame } from "@/ui/section";
import { useFigures, useSay, degreesSaid, indexSaid } from "@/words";
import { useOutlook } from "./season";

const CARD = { width: 218, height: 52 };
/** Under the labels of the two ends, which hang from the rim. */
const UNDER_LABELS = 68;

/** The place where the animal basks, with what it meets there. */
export function AtBasking({ frame }: { frame: Frame }) {
  const say = useSay();
  const figures = useFigures();
  const { basking } = useOutlook();
  if (!basking) return null;
  const { at, surfaceC, uvIndex } = basking;
  const [x, y] = [frame.x(frame.view === "side" ? at.yCm : at.xCm), frame.y(at.zCm)];
  const right = frame.x(frame.acrossCm);
  const left = x + 16 + CARD.width < right ? x + 16 : Math.max(frame.x(0) + 4, x - 16 - CARD.width);
  const top = Math.max(y - CARD.height / 2, frame.y(frame.heightCm) + UNDER_LABELS);
  const uv = uvIndex[1] > 0 ? ` · UVI ${indexSaid(uvIndex, figures)}` : "";
  return (
    <g aria-hidden>
      <circle cx={x} cy={y} r={8} fill="var(--sheet)" stroke="var(--clay)" strokeWidth={4} />
      <g transform={`translate(${left} ${top})`}>
        <rect {...CARD} rx={9} fill="var(--sheet)" />
        <text x={12} y={21} fontSize={13} fontWeight={650} fill="var(--ink)">
          {say("climate:atBasking")}
        </text>
        <text x={12} y={40} fontSize={13} className="measure" fill="var(--ink)">
          {degreesSaid(surfaceC, figures)}
          {uv}
        </text>
      </g>
    </g>
  );
}
