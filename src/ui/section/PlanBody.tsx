import { useId } from "react";
import { entry } from "@/core/catalog";
import { floorOutline, type Habitat, type Wall } from "@/core/habitat";
import { capital, nameOf } from "@/words";
import type { Frame } from "./frame";
import { materialOf } from "./material";
import { TexturePattern } from "./Texture";

/** The box from above: its floor, what lies on top, the plants at their grown spread, the openings in the walls. */
export function PlanBody({ habitat, frame }: { habitat: Habitat; frame: Frame }) {
  const id = useId();
  const { x, y, pxPerCm } = frame;
  const outline = floorOutline(habitat.shell).map(([px, py]) => `${x(px)},${y(py)}`).join(" ");
  const top = habitat.strata.layers.at(-1);
  return (
    <g>
      <defs>
        {top ? <TexturePattern id={`${id}-top`} material={materialOf(top, habitat.mixes)} pxPerCm={pxPerCm} /> : null}
        <clipPath id={`${id}-floor`}><polygon points={outline} /></clipPath>
      </defs>
      <polygon points={outline} fill={top ? `url(#${id}-top)` : "var(--air-low)"} />
      <g clipPath={`url(#${id}-floor)`}>
        {habitat.plants.map((stand) => {
          const { grownSpreadCm, color } = entry("plants", stand.plantId);
          return (
            <g key={stand.id}>
              <circle cx={x(stand.xCm)} cy={y(stand.yCm)} r={(grownSpreadCm / 2) * pxPerCm} fill={color} fillOpacity={0.42} stroke={color} strokeWidth={1.6} strokeDasharray="5 4" />
              <circle cx={x(stand.xCm)} cy={y(stand.yCm)} r={4} fill={color} stroke="#fff" strokeWidth={1.2} />
              <text x={x(stand.xCm)} y={y(stand.yCm) + 18} fontSize={12} fontWeight={600} textAnchor="middle" fill="var(--ink)" stroke="var(--sheet)" strokeWidth={4} paintOrder="stroke">
                {capital(nameOf("plants", stand.plantId))}
              </text>
            </g>
          );
        })}
      </g>
      <polygon points={outline} fill="none" stroke="var(--glass)" strokeWidth={2.6} strokeLinejoin="round" />
      {habitat.shell.openings.map((opening) => (
        <WallMark key={opening.id} shell={habitat.shell} wall={opening.wall} fromCm={opening.acrossCm} toCm={opening.acrossCm + opening.widthCm} port={opening.kind === "port"} frame={frame} />
      ))}
    </g>
  );
}

type Mark = { shell: Habitat["shell"]; wall: Wall; fromCm: number; toCm: number; port: boolean; frame: Frame };

function WallMark({ shell, wall, fromCm, toCm, port, frame: { x, y } }: Mark) {
  const lies = wall === "front" || wall === "back";
  const at = { front: y(0), back: y(shell.depthCm), left: x(0), right: x(shell.widthCm) }[wall];
  const ends = lies ? { x1: x(fromCm), x2: x(toCm), y1: at, y2: at } : { x1: at, x2: at, y1: y(fromCm), y2: y(toCm) };
  return <line {...ends} stroke={port ? "var(--rust)" : "var(--water)"} strokeWidth={6} strokeDasharray={port ? undefined : "3 2"} />;
}
