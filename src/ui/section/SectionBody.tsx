import { memo, useId } from "react";
import { entry, type Plant } from "@/core/catalog";
import type { Habitat } from "@/core/habitat";
import { heightAt, type Ground, type Level } from "@/core/strata";
import { bandPoints, edgeOf, footOf, type Frame } from "./frame";
import { leafMarks } from "./marks";
import { materialOf } from "./material";
import { Openings } from "./Openings";
import { plantMarks } from "./plantShape";
import { seedOf, seeded } from "@/core/random";
import { TexturePattern, paths } from "./Texture";

type Body = { habitat: Habitat; ground: Ground; frame: Frame; waterLineCm?: number | undefined; faded?: boolean | undefined };

/** How the box, its layers, its water and its plants are drawn: the same on the bench, on the shelf and in print. */
export function SectionBody({ habitat, ground, frame, waterLineCm, faded }: Body) {
  const prefix = useId();
  const { layers, waterLineCm: keptLineCm } = habitat.strata;
  const { x, y, acrossCm, heightCm, pxPerCm } = frame;
  const box = { x: x(0), y: y(heightCm), width: acrossCm * pxPerCm, height: heightCm * pxPerCm };
  const patternOf = (layerId: string) => `${prefix}-${layerId}`;
  const lineCm = Math.min(waterLineCm ?? keptLineCm, ground.water?.topCm ?? 0);
  return (
    <g>
      <defs>
        {layers.map((layer) => (
          <TexturePattern key={layer.id} id={patternOf(layer.id)} material={materialOf(layer, habitat.mixes)} pxPerCm={pxPerCm} />
        ))}
        <clipPath id={`${prefix}-box`}>
          <rect {...box} />
        </clipPath>
        <linearGradient id={`${prefix}-air`} x1="0" y1="0" x2="0" y2="1">
          <stop offset="0" stopColor="var(--air-top)" />
          <stop offset="1" stopColor="var(--air-low)" />
        </linearGradient>
      </defs>
      <rect {...box} fill={`url(#${prefix}-air)`} />
      <g clipPath={`url(#${prefix}-box)`} opacity={faded ? 0.5 : 1}>
        <Receding frame={frame} ground={ground} fill={layers.length > 0 ? `url(#${patternOf(layers.at(-1)?.id ?? "")})` : "none"} />
        <Plants habitat={habitat} ground={ground} frame={frame} behind />
        {ground.levels.map((level) => (
          <Layer key={level.layerId} level={level} frame={frame} fill={`url(#${patternOf(level.layerId)})`} />
        ))}
        {ground.water && lineCm > 0 ? <Water frame={frame} lineCm={lineCm} /> : null}
        <Litter habitat={habitat} ground={ground} frame={frame} />
        <Plants habitat={habitat} ground={ground} frame={frame} />
      </g>
      <Openings shell={habitat.shell} frame={frame} />
      <Glass frame={frame} shell={habitat.shell} />
    </g>
  );
}

/** From the front, ground that rises to the back shows above the cut at the glass, paler for being further off. */
function Receding({ frame, ground, fill }: { frame: Frame; ground: Ground; fill: string }) {
  const { frontCm, backCm } = ground.surface;
  if (frame.view !== "front" || backCm <= frontCm) return null;
  const shape = {
    x: frame.x(0), y: frame.y(backCm), width: frame.acrossCm * frame.pxPerCm, height: (backCm - frontCm) * frame.pxPerCm,
  };
  return (
    <g>
      <rect {...shape} fill={fill} />
      <rect {...shape} fill="var(--air-low)" opacity={0.38} />
    </g>
  );
}

function Layer({ level, frame, fill }: { level: Level; frame: Frame; fill: string }) {
  if (level.kind === "barrier") {
    const [left, right] = edgeOf(level.top, frame);
    return (
      <line
        x1={frame.x(0)} x2={frame.x(frame.acrossCm)} y1={frame.y(left)} y2={frame.y(right)}
        stroke="#22302a" strokeWidth={Math.max(1.2, frame.pxPerCm * 0.18)} strokeDasharray="2 3"
      />
    );
  }
  return <polygon points={bandPoints(frame, level.bottom, level.top)} fill={fill} />;
}

function Water({ frame, lineCm }: { frame: Frame; lineCm: number }) {
  const width = frame.acrossCm * frame.pxPerCm;
  return (
    <g>
      <rect x={frame.x(0)} y={frame.y(lineCm)} width={width} height={lineCm * frame.pxPerCm} fill="#3f9bb1" opacity={0.5} />
      <line x1={frame.x(0)} x2={frame.x(frame.acrossCm)} y1={frame.y(lineCm)} y2={frame.y(lineCm)} stroke="#2f7f93" strokeWidth={1.6} />
    </g>
  );
}

/** Loose leaves on the surface, so that litter does not end in a ruled line. */
function Litter({ habitat, ground, frame }: { habitat: Habitat; ground: Ground; frame: Frame }) {
  const top = habitat.strata.layers.at(-1);
  if (top?.kind !== "dressing") return null;
  const { look } = entry("dressings", top.materialId);
  if (look.texture !== "leaf") return null;
  const random = seeded(seedOf(top.materialId));
  const [left, right] = edgeOf(ground.surface, frame);
  const leaves = Array.from({ length: Math.round(frame.acrossCm * 0.7) }, () => {
    const at = random() * frame.acrossCm;
    const height = left + ((right - left) * at) / frame.acrossCm;
    return leafMarks(at, -height + 0.25, 1.4 + random() * 1.3, (random() - 0.5) * 1.3, look.color);
  }).flat();
  return <g transform={`translate(${frame.x(0)} ${frame.y(0)}) scale(${frame.pxPerCm})`}>{paths(leaves)}</g>;
}

const Grown = memo(function Grown({ plantId, seed }: { plantId: string; seed: string }) {
  return <>{paths(plantMarks(entry("plants", plantId), seedOf(seed)))}</>;
});

/** Plants in the back half stand behind the cut, those in front of it before. */
function Plants({ habitat, ground, frame, behind = false }: { habitat: Habitat; ground: Ground; frame: Frame; behind?: boolean }) {
  const middleCm = habitat.shell.depthCm / 2;
  const standing = habitat.plants
    .filter((stand) => (frame.view === "front" ? stand.yCm > middleCm : false) === behind)
    .toSorted((a, b) => b.yCm - a.yCm);
  return (
    <>
      {standing.map((stand) => {
        const plant = entry("plants", stand.plantId);
        const { acrossCm } = footOf(frame, ground.surface, stand.xCm, stand.yCm);
        const footCm = plantFootCm(habitat, ground, stand.yCm, plant);
        return (
          <g key={stand.id} transform={`translate(${frame.x(acrossCm)} ${frame.y(footCm)}) scale(${frame.pxPerCm})`}>
            {isMounted(plant.place) ? <Cork seed={stand.id} /> : null}
            <g transform={plant.place === "hanging" ? "scale(1 -1)" : undefined}>
              <Grown plantId={stand.plantId} seed={stand.id} />
            </g>
          </g>
        );
      })}
    </>
  );
}

const isMounted = (place: string): boolean => place === "wood" || place === "hanging";

/** A flat of cork bark for what grows on wood: ragged at the edges, furrowed along the grain. */
const Cork = memo(function Cork({ seed }: { seed: string }) {
  const random = seeded(seedOf(seed));
  const edge = Array.from({ length: 14 }, (_, at) => {
    const angle = (at / 14) * Math.PI * 2;
    const far = 0.82 + random() * 0.3;
    return `${(Math.cos(angle) * 4.3 * far).toFixed(2)},${(1.6 + Math.sin(angle) * 3.1 * far).toFixed(2)}`;
  });
  const furrows = Array.from({ length: 9 }, () => {
    const x = (random() - 0.5) * 6.4;
    const half = 2.2 * Math.sqrt(1 - (x / 4.4) ** 2);
    return `M${x.toFixed(2)} ${(1.6 - half * random()).toFixed(2)}q${((random() - 0.5) * 0.5).toFixed(2)} ${(half * 0.5).toFixed(2)} 0 ${(half * 0.9).toFixed(2)}`;
  });
  return (
    <g>
      <polygon points={edge.join(" ")} fill="#86694b" stroke="#64492f" strokeWidth={0.22} strokeLinejoin="round" />
      <path d={furrows.join("")} fill="none" stroke="#5d4430" strokeWidth={0.22} strokeLinecap="round" opacity={0.75} />
    </g>
  );
});

/** Height at which a plant's foot is drawn: on the ground, or on cork in the air, low enough for it to stand under the rim. */
export function plantFootCm(habitat: Habitat, ground: Ground, yCm: number, plant: Pick<Plant, "place" | "grownHeightCm">): number {
  const floor = heightAt(ground.surface, yCm, habitat.shell.depthCm);
  const rim = habitat.shell.heightCm;
  const room = Math.max(0, rim - floor);
  if (plant.place === "wood") return Math.max(floor + 5, Math.min(floor + room * 0.45, rim - plant.grownHeightCm * 0.95));
  if (plant.place === "hanging") return floor + room * 0.88;
  return floor;
}

function Glass({ frame, shell }: { frame: Frame; shell: Habitat["shell"] }) {
  const { x, y, acrossCm, heightCm, pxPerCm } = frame;
  const thin = pxPerCm < 5;
  const stroke = thin ? 1.8 : 2.4;
  const { lid, coveredPct } = shell.top;
  const covered = acrossCm * (1 - coveredPct / 100);
  return (
    <g fill="none" stroke="var(--glass)">
      <path d={`M${x(0)} ${y(heightCm)}V${y(0)}H${x(acrossCm)}V${y(heightCm)}`} strokeWidth={stroke} />
      {lid === "glass" ? <line x1={x(0)} x2={x(acrossCm)} y1={y(heightCm)} y2={y(heightCm)} strokeWidth={stroke} /> : null}
      {lid === "mesh" ? (
        <line x1={x(0)} x2={x(acrossCm)} y1={y(heightCm)} y2={y(heightCm)} strokeWidth={thin ? 3 : 5} strokeDasharray={thin ? "2 2" : "3 3"} />
      ) : null}
      {lid !== "glass" && coveredPct > 0 ? (
        <line x1={x(covered)} x2={x(acrossCm)} y1={y(heightCm) - (thin ? 3 : 5)} y2={y(heightCm) - (thin ? 3 : 5)} strokeWidth={stroke} />
      ) : null}
    </g>
  );
}
