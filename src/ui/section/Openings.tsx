import type { Design, Wall } from "@/core/habitat";
import type { Frame } from "./frame";

const SEEN: Record<"front" | "side", readonly Wall[]> = { front: ["front", "back"], side: ["right", "left"] };

/** Vents and cable ports of the walls one looks through: those in the far wall paler. */
export function Openings({ shell, frame }: { shell: Design["shell"]; frame: Frame }) {
  if (frame.view === "plan") return null;
  const [near, far] = SEEN[frame.view];
  return (
    <g fill="none" stroke="var(--glass)" strokeWidth={1.4}>
      {shell.openings.map((opening) => {
        if (opening.wall !== near && opening.wall !== far) return null;
        const size = { width: opening.widthCm * frame.pxPerCm, height: opening.heightCm * frame.pxPerCm };
        const left = frame.x(opening.acrossCm);
        const top = frame.y(opening.upCm + opening.heightCm);
        return opening.kind === "port" ? (
          <ellipse
            key={opening.id}
            cx={left + size.width / 2}
            cy={top + size.height / 2}
            rx={size.width / 2}
            ry={size.height / 2}
            fill="var(--glass)"
            opacity={opening.wall === near ? 0.9 : 0.5}
          />
        ) : (
          <g key={opening.id} opacity={opening.wall === near ? 1 : 0.55}>
            <rect x={left} y={top} {...size} rx={3} fill="var(--air-top)" />
            {Array.from({ length: Math.max(2, Math.floor(opening.heightCm)) }, (_, at) => {
              const y = top + (size.height * (at + 0.5)) / Math.max(2, Math.floor(opening.heightCm));
              return <line key={at} x1={left + 2} x2={left + size.width - 2} y1={y} y2={y} strokeDasharray="2 2" />;
            })}
          </g>
        );
      })}
    </g>
  );
}
