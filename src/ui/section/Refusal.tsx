import type { Problem } from "@/core/habitat";
import { sayProblem, useSay } from "@/words";

const WIDTH_PER_CHAR = 6.6;

/** Why a drag goes no further, written beside what is dragged. */
export function Refusal({ problem, x = 0, y = 0 }: { problem: Problem | undefined; x?: number; y?: number }) {
  const say = useSay();
  if (!problem) return null;
  const text = sayProblem(problem, say);
  const width = text.length * WIDTH_PER_CHAR + 16;
  return (
    <g role="status" transform={`translate(${x - width - 16} ${y})`} pointerEvents="none">
      <rect x={0} y={-13} width={width} height={26} rx={6} fill="var(--sheet)" stroke="var(--rust)" />
      <text x={8} y={4.5} fontSize={12} fill="var(--rust)">
        {text}
      </text>
    </g>
  );
}
