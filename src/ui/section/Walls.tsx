import { useId } from "react";
import type { Shell, Treatment, Wall } from "@/core/habitat";
import type { Library } from "@/core/library";
import { useLibrary } from "@/words";
import type { Frame } from "./frame";
import { plain, type Material } from "./material";
import { TexturePattern } from "./Texture";

/** The outermost stuff of a treated wall: its finish, else what it is built of. */
export const wallMaterial = ({ treatmentId, finishId }: Treatment, library: Library): Material =>
  plain(
    finishId === null ? library.get("wallTreatments", treatmentId).look : library.get("wallFinishes", finishId).look,
  );

/** A carved face is not flat: the edge wanders within its thickness. */
function carved(from: number, to: number, low: number, high: number, depth: number): string {
  const steps = Math.max(4, Math.round((low - high) / 26));
  const points = Array.from({ length: steps + 1 }, (_, at) => {
    const y = low - ((low - high) * at) / steps;
    const bulge = 0.86 + 0.14 * Math.sin(at * 2.1 + depth) - (at % 3 === 1 ? 0.1 : 0);
    return `${(from + (to - from) * Math.min(1, bulge)).toFixed(1)} ${y.toFixed(1)}`;
  });
  return `M${from} ${low}L${points.join("L")}L${from} ${high}Z`;
}

const SIDES: Record<"front" | "side", readonly [left: Wall, right: Wall, far: Wall]> = {
  front: ["left", "right", "back"],
  side: ["front", "back", "left"],
};

/** What is built on the walls: cut at the sides of the view, and seen face on in the far wall. */
export function Walls({ shell, frame }: { shell: Shell; frame: Frame }) {
  const id = useId();
  const library = useLibrary();
  if (frame.view === "plan") return null;
  const [left, right, far] = SIDES[frame.view];
  const on = (wall: Wall) =>
    shell.treatments.find(
      (treatment) => treatment.wall === wall && library.get("wallTreatments", treatment.treatmentId).inside,
    );
  const high = frame.y(shell.heightCm);
  const behind = on(far);
  const lowOf = ({ fromCm }: Treatment): number => frame.y(fromCm);
  const face = {
    x: frame.x(0),
    y: high,
    width: frame.acrossCm * frame.pxPerCm,
    height: behind ? lowOf(behind) - high : 0,
  };
  return (
    <g>
      <defs>
        {[left, right, far].map((wall) => {
          const treatment = on(wall);
          return treatment ? (
            <TexturePattern
              key={wall}
              id={`${id}-${wall}`}
              material={wallMaterial(treatment, library)}
              pxPerCm={frame.pxPerCm}
            />
          ) : null;
        })}
      </defs>
      {behind ? (
        <>
          <rect {...face} fill={`url(#${id}-${far})`} />
          <rect {...face} fill="var(--air-low)" opacity={0.55} />
        </>
      ) : null}
      {(
        [
          [left, 0, 1],
          [right, frame.acrossCm, -1],
        ] as const
      ).map(([wall, at, way]) => {
        const treatment = on(wall);
        if (!treatment || treatment.thicknessCm === 0) return null;
        return (
          <path
            key={wall}
            d={carved(
              frame.x(at),
              frame.x(at + way * treatment.thicknessCm),
              lowOf(treatment),
              high,
              treatment.thicknessCm,
            )}
            fill={`url(#${id}-${wall})`}
            stroke="rgba(20,16,12,.45)"
            strokeWidth={1}
          />
        );
      })}
    </g>
  );
}
