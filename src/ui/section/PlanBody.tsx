import { useId } from "react";
import { floorOutline, type Design, type Over, type Wall } from "@/core/habitat";
import { grownSpreadCm, shareOfGrown } from "@/core/living";
import type { Ground } from "@/core/strata";
import type { Polygon } from "@/core/shape";
import { capital, useLibrary, useSay } from "@/words";
import type { Frame } from "./frame";
import { materialOf, plain } from "./material";
import { shade } from "./color";
import { TexturePattern } from "./Texture";
import { wallMaterial } from "./Walls";

/**
 * The box from above: walls, ground and zones, heaps, pieces, plants at their grown spread unless it is asked for bare,
 * the openings in the walls.
 */
export function PlanBody({
  habitat,
  ground,
  frame,
  bare = false,
  months,
}: {
  habitat: Design;
  ground: Ground;
  frame: Frame;
  bare?: boolean;
  months?: number | undefined;
}) {
  const id = useId();
  const say = useSay();
  const library = useLibrary();
  const { x, y, pxPerCm } = frame;
  const points = (polygon: Polygon) => polygon.map(([px, py]) => `${x(px)},${y(py)}`).join(" ");
  const outline = points(floorOutline(habitat.shell));
  const topmost = (lies: (over: Over) => boolean) => habitat.strata.layers.findLast(({ over }) => lies(over));
  const top = topmost(({ on }) => on !== "zone");
  const zones = habitat.strata.zones.map((zone) => ({
    zone,
    top: topmost((over) => over.on === "floor" || (over.on === "zone" && over.zoneId === zone.id)),
  }));
  return (
    <g>
      <defs>
        {top ? (
          <TexturePattern id={`${id}-top`} material={materialOf(top, habitat, library)} pxPerCm={pxPerCm} />
        ) : null}
        {zones.map(({ zone, top: own }) =>
          own ? (
            <TexturePattern
              key={zone.id}
              id={`${id}-${zone.id}`}
              material={materialOf(own, habitat, library)}
              pxPerCm={pxPerCm}
            />
          ) : null,
        )}
        {habitat.shell.treatments.map((treatment) => (
          <TexturePattern
            key={treatment.wall}
            id={`${id}-${treatment.wall}`}
            material={wallMaterial(treatment, library)}
            pxPerCm={pxPerCm}
          />
        ))}
        {ground.solids.map((solid, at) => (
          <TexturePattern key={at} id={`${id}-solid-${at}`} material={plain(solid.kind.look)} pxPerCm={pxPerCm} />
        ))}
        <clipPath id={`${id}-floor`}>
          <polygon points={outline} />
        </clipPath>
      </defs>
      <g clipPath={`url(#${id}-floor)`}>
        {habitat.shell.treatments.map((treatment) => (
          <WallBand
            key={treatment.wall}
            habitat={habitat}
            wall={treatment.wall}
            thickCm={treatment.thicknessCm}
            frame={frame}
            fill={`url(#${id}-${treatment.wall})`}
          />
        ))}
        <polygon points={points(ground.terrain.outline)} fill={top ? `url(#${id}-top)` : "var(--air-low)"} />
        {zones.map(({ zone, top: own }) => (
          <polygon
            key={zone.id}
            points={points(zone.points)}
            fill={own ? `url(#${id}-${zone.id})` : "var(--air-low)"}
            stroke="var(--ink)"
            strokeWidth={1.4}
            strokeDasharray="7 4"
          />
        ))}
        {habitat.strata.layers
          .flatMap((layer) => (layer.kind === "soil" ? layer.mounds : []))
          .map((mound) => (
            <Heap
              key={mound.id}
              cx={x(mound.xCm)}
              cy={y(mound.yCm)}
              r={mound.radiusCm * pxPerCm}
              top={mound.topRadiusCm * pxPerCm}
            />
          ))}
        {ground.solids.map((solid, at) => (
          <polygon
            key={at}
            points={points(solid.outline)}
            fill={`url(#${id}-solid-${at})`}
            stroke={shade(solid.kind.look.color, -0.5)}
            strokeWidth={1.5}
            strokeLinejoin="round"
            opacity={solid.topCm < ground.surfaceAt(...centre(solid.outline)) ? 0.55 : 1}
          />
        ))}
        {ground.solids.map((solid, at) =>
          solid.hole && solid.kind.form !== "cave" ? (
            <polygon
              key={at}
              points={points(solid.hole)}
              fill={solid.kind.form === "bowl" ? "#3f9bb1" : "#241b14"}
              opacity={0.5}
            />
          ) : null,
        )}
        {(bare ? [] : habitat.plants).map((stand) => {
          const plant = library.get("plants", stand.plantId);
          const { color } = plant;
          const spreadCm = grownSpreadCm(plant) * shareOfGrown(plant, months, stand.keptCm).across;
          return (
            <g key={stand.id}>
              <circle
                cx={x(stand.xCm)}
                cy={y(stand.yCm)}
                r={(spreadCm / 2) * pxPerCm}
                fill={color}
                fillOpacity={0.3}
                stroke={color}
                strokeWidth={1.6}
                strokeDasharray="5 4"
              />
              <circle cx={x(stand.xCm)} cy={y(stand.yCm)} r={4} fill={color} stroke="#fff" strokeWidth={1.2} />
            </g>
          );
        })}
      </g>
      {(bare ? [] : habitat.plants).map((stand) => (
        <Name
          key={stand.id}
          frame={frame}
          xCm={stand.xCm}
          y={y(stand.yCm) + 18}
          text={capital(say.nameOf("plants", stand.plantId))}
        />
      ))}
      {habitat.strata.zones.map((zone) => (
        <Name
          key={zone.id}
          frame={frame}
          xCm={centre(zone.points)[0]}
          y={y(centre(zone.points)[1])}
          text={zone.name}
          strong
        />
      ))}
      <polygon points={outline} fill="none" stroke="var(--glass)" strokeWidth={2.6} strokeLinejoin="round" />
      {habitat.shell.openings.map((opening) => (
        <WallMark
          key={opening.id}
          shell={habitat.shell}
          wall={opening.wall}
          fromCm={opening.acrossCm}
          toCm={opening.acrossCm + opening.widthCm}
          port={opening.kind === "port"}
          frame={frame}
        />
      ))}
    </g>
  );
}

const centre = (polygon: Polygon): readonly [number, number] => [
  polygon.reduce((sum, [px]) => sum + px, 0) / polygon.length,
  polygon.reduce((sum, [, py]) => sum + py, 0) / polygon.length,
];

/** A name near a wall is written inwards from it. */
function Name({
  frame,
  xCm,
  y,
  text,
  strong,
}: {
  frame: Frame;
  xCm: number;
  y: number;
  text: string;
  strong?: boolean;
}) {
  const half = text.length * 3.6;
  const [left, right] = [frame.x(0) + 4, frame.x(frame.acrossCm) - 4];
  const anchor = frame.x(xCm) - half < left ? "start" : frame.x(xCm) + half > right ? "end" : "middle";
  const at = {
    start: Math.max(left, frame.x(xCm) - 10),
    middle: frame.x(xCm),
    end: Math.min(right, frame.x(xCm) + 10),
  }[anchor];
  return (
    <text
      x={at}
      y={y}
      fontSize={strong ? 14 : 12}
      fontWeight={strong ? 680 : 600}
      textAnchor={anchor}
      fill="var(--ink)"
      stroke="var(--sheet)"
      strokeWidth={4}
      paintOrder="stroke"
    >
      {text}
    </text>
  );
}

/** A heap from above: rings, as on a map. */
function Heap({ cx, cy, r, top }: { cx: number; cy: number; r: number; top: number }) {
  const rings = [1, 0.75, 0.5, 0.25].map((share) => top + (r - top) * share);
  return (
    <g fill="none" stroke="var(--ink)" strokeWidth={1.1} opacity={0.55}>
      {rings.map((ring) => (
        <circle key={ring} cx={cx} cy={cy} r={ring} />
      ))}
    </g>
  );
}

function WallBand({
  habitat,
  wall,
  thickCm,
  frame,
  fill,
}: {
  habitat: Design;
  wall: Wall;
  thickCm: number;
  frame: Frame;
  fill: string;
}) {
  const { widthCm, depthCm } = habitat.shell;
  const at = {
    front: [0, thickCm, widthCm, thickCm],
    back: [0, depthCm, widthCm, thickCm],
    left: [0, depthCm, thickCm, depthCm],
    right: [widthCm - thickCm, depthCm, thickCm, depthCm],
  }[wall];
  const [left = 0, back = 0, width = 0, depth = 0] = at;
  return (
    <rect
      x={frame.x(left)}
      y={frame.y(back)}
      width={width * frame.pxPerCm}
      height={depth * frame.pxPerCm}
      fill={fill}
    />
  );
}

type Mark = { shell: Design["shell"]; wall: Wall; fromCm: number; toCm: number; port: boolean; frame: Frame };

function WallMark({ shell, wall, fromCm, toCm, port, frame: { x, y } }: Mark) {
  const lies = wall === "front" || wall === "back";
  const at = { front: y(0), back: y(shell.depthCm), left: x(0), right: x(shell.widthCm) }[wall];
  const ends = lies ? { x1: x(fromCm), x2: x(toCm), y1: at, y2: at } : { x1: at, x2: at, y1: y(fromCm), y2: y(toCm) };
  return (
    <line
      {...ends}
      stroke={port ? "var(--rust)" : "var(--water)"}
      strokeWidth={6}
      strokeDasharray={port ? undefined : "3 2"}
    />
  );
}
