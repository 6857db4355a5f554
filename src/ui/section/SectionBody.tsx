import { memo, useId, useMemo } from "react";
import type { Plant } from "@/core/catalog";
import type { Design } from "@/core/habitat";
import { pantryOf } from "@/core/mix";
import { seedOf, seeded } from "@/core/random";
import { aquaticLineCm, hangsDown, shareOfGrown, plantFootCm, spotOf } from "@/core/living";
import { bounds } from "@/core/shape";
import type { Ground, Solid } from "@/core/strata";
import { useLibrary } from "@/words";
import { useNight } from "../useNight";
import { byNight } from "./color";
import { alongOf, type Frame } from "./frame";
import { GroundLayers } from "./GroundLayers";
import { leafMarks } from "./marks";
import { mixMaterial } from "./material";
import { Openings } from "./Openings";
import { PieceShape } from "./pieceShape";
import { plantMarks } from "./plantShape";
import { bandOf, heightAlong, profileOf, type Profile } from "./profile";
import { paths } from "./Texture";
import { Walls } from "./Walls";

type Body = {
  habitat: Design;
  ground: Ground;
  frame: Frame;
  waterLineCm?: number | undefined;
  faded?: boolean | undefined;
  months?: number | undefined;
};

/**
 * How the box, its layers, its water, its pieces and its plants are drawn: the same on the bench, on the shelf and in
 * print.
 */
export function SectionBody({ habitat, ground, frame, waterLineCm, faded, months }: Body) {
  const prefix = useId();
  const { x, y, acrossCm, heightCm, pxPerCm } = frame;
  const box = { x: x(0), y: y(heightCm), width: acrossCm * pxPerCm, height: heightCm * pxPerCm };
  const profile = useMemo(() => profileOf(ground, frame, zoneEdges(habitat, frame)), [ground, frame, habitat]);
  const lineCm = Math.min(waterLineCm ?? habitat.strata.waterLineCm, ground.water?.topCm ?? 0);
  const surface = profile.surfaceCm;
  const animal = useLibrary().get("animals", habitat.brief.animalId);
  const aquaticCm = aquaticLineCm(animal, habitat.shell, ground.surface.frontCm);
  return (
    <g>
      <defs>
        <clipPath id={`${prefix}-box`}>
          <rect {...box} />
        </clipPath>
        <clipPath id={`${prefix}-above`}>
          <polygon
            points={bandOf(
              frame,
              profile.acrossCm,
              surface,
              profile.acrossCm.map(() => heightCm * 2),
            )}
          />
        </clipPath>
        <linearGradient id={`${prefix}-air`} x1="0" y1="0" x2="0" y2="1">
          <stop offset="0" stopColor="var(--air-top)" />
          <stop offset="1" stopColor="var(--air-low)" />
        </linearGradient>
      </defs>
      <rect {...box} fill={`url(#${prefix}-air)`} />
      <g clipPath={`url(#${prefix}-box)`} opacity={faded ? 0.5 : 1}>
        <Walls shell={habitat.shell} frame={frame} />
        <Plants habitat={habitat} ground={ground} frame={frame} months={months} behind />
        <GroundLayers habitat={habitat} ground={ground} frame={frame} profile={profile} lineCm={lineCm} />
        <Pieces habitat={habitat} ground={ground} frame={frame} above={`${prefix}-above`} />
        <Litter habitat={habitat} frame={frame} profile={profile} />
        <Plants habitat={habitat} ground={ground} frame={frame} months={months} />
        {aquaticCm === undefined ? null : (
          <g clipPath={`url(#${prefix}-above)`}>
            <AquaticWater frame={frame} lineCm={aquaticCm} />
          </g>
        )}
      </g>
      <Openings shell={habitat.shell} frame={frame} />
      <Glass frame={frame} shell={habitat.shell} />
    </g>
  );
}

/** The water of a box that is all water, as its animal wants it. */
function AquaticWater({ frame, lineCm }: { frame: Frame; lineCm: number }) {
  const { x, y, acrossCm, pxPerCm } = frame;
  return (
    <>
      <rect
        x={x(0)}
        y={y(lineCm)}
        width={acrossCm * pxPerCm}
        height={lineCm * pxPerCm}
        fill="var(--water)"
        opacity={0.28}
      />
      <line x1={x(0)} x2={x(acrossCm)} y1={y(lineCm)} y2={y(lineCm)} stroke="var(--water)" strokeWidth={1.6} />
    </>
  );
}

/** Where zones meet along a view, so that a step is drawn as one. */
const zoneEdges = (habitat: Design, frame: Frame): number[] =>
  habitat.strata.zones.flatMap((zone) => zone.points.map(([px, py]) => (frame.view === "side" ? py : px)));

/** The pieces from the farthest to the nearest; what of them is in the ground shows through it. */
function Pieces({ habitat, ground, frame, above }: { habitat: Design; ground: Ground; frame: Frame; above: string }) {
  const library = useLibrary();
  const night = useNight();
  const far = ({ outline }: Solid) => (frame.view === "side" ? -bounds(outline).right : bounds(outline).front);
  const ordered = ground.solids.toSorted((a, b) => far(b) - far(a));
  const fillingOf = ({ piece }: Solid) => {
    const mix = piece?.fillMixId ? habitat.mixes.find((other) => other.id === piece.fillMixId) : undefined;
    return mix ? mixMaterial(mix.parts, pantryOf(library)) : undefined;
  };
  const drawn = ordered.map((solid, at) => (
    <PieceShape key={`${solid.id}-${at}`} solid={solid} frame={frame} filling={fillingOf(solid)} night={night} />
  ));
  if (drawn.length === 0) return null;
  return (
    <>
      <g opacity={0.62}>{drawn}</g>
      <g clipPath={`url(#${above})`}>{drawn}</g>
    </>
  );
}

/** Loose leaves on the surface, so that litter does not end in a ruled line. */
function Litter({ habitat, frame, profile }: { habitat: Design; frame: Frame; profile: Profile }) {
  const library = useLibrary();
  const top = habitat.strata.layers.at(-1);
  const band = profile.bands.at(-1);
  if (!band || top?.kind !== "dressing") return null;
  const { look } = library.get("dressings", top.materialId);
  if (look.texture !== "leaf") return null;
  const random = seeded(seedOf(top.materialId));
  const { aboveCm: tops, belowCm: below } = band;
  const leaves = Array.from({ length: Math.round(frame.acrossCm * 0.7) }, () => {
    const cm = random() * frame.acrossCm;
    const [height, under] = [heightAlong(profile, tops, cm), heightAlong(profile, below, cm)];
    const [length, turn] = [1.4 + random() * 1.3, (random() - 0.5) * 1.3];
    const bare = height - under < 0.1 || cm < (profile.acrossCm[0] ?? 0) || cm > (profile.acrossCm.at(-1) ?? 0);
    return bare ? [] : leafMarks(cm, -height + 0.25, length, turn, look.color);
  }).flat();
  return <g transform={`translate(${frame.x(0)} ${frame.y(0)}) scale(${frame.pxPerCm})`}>{paths(leaves)}</g>;
}

const Grown = memo(function Grown({ plant, seed, night }: { plant: Plant; seed: string; night: boolean }) {
  const color = night ? byNight(plant.color) : plant.color;
  return <>{paths(plantMarks({ ...plant, color }, seedOf(seed)))}</>;
});

const POT_CM = { rim: 10, foot: 7, deep: 9 };
/** A pot sunk into the ground, so that what stands in it can be swapped. */
const Pot = () => (
  <path
    d={`M${-POT_CM.rim / 2} -0.6H${POT_CM.rim / 2}L${POT_CM.foot / 2} ${POT_CM.deep}H${-POT_CM.foot / 2}Z`}
    fill="#a5603f"
    fillOpacity={0.55}
    stroke="#7c4429"
    strokeWidth={0.3}
  />
);

type PlantsProps = { habitat: Design; ground: Ground; frame: Frame; months: number | undefined; behind?: boolean };

/**
 * Plants in the back half stand behind the cut, those in front of it before; as they are after some months, or grown.
 */
function Plants({ habitat, ground, frame, months, behind = false }: PlantsProps) {
  const library = useLibrary();
  const night = useNight();
  const middleCm = habitat.shell.depthCm / 2;
  const standing = habitat.plants
    .filter((stand) => (frame.view === "front" ? stand.yCm > middleCm : false) === behind)
    .toSorted((a, b) => b.yCm - a.yCm);
  return (
    <>
      {standing.map((stand) => {
        const plant = library.get("plants", stand.plantId);
        const spot = spotOf(plant, stand);
        const footCm = plantFootCm(habitat, ground, stand, plant);
        const { across, up } = shareOfGrown(plant, months, stand.keptCm);
        return (
          <g
            key={stand.id}
            transform={`translate(${frame.x(alongOf(frame, stand))} ${frame.y(footCm)}) scale(${frame.pxPerCm})`}
          >
            {isMounted(spot) ? <Cork seed={stand.id} /> : null}
            {spot === "pot" && stand.inId === null ? <Pot /> : null}
            <g transform={`scale(${across} ${hangsDown(ground, stand, plant) ? -up : up})`}>
              <Grown plant={plant} seed={stand.id} night={night} />
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

function Glass({ frame, shell }: { frame: Frame; shell: Design["shell"] }) {
  const { x, y, acrossCm, heightCm, pxPerCm } = frame;
  const thin = pxPerCm < 5;
  const stroke = thin ? 1.8 : 2.4;
  const { lid, coveredPct } = shell.top;
  const covered = acrossCm * (1 - coveredPct / 100);
  return (
    <g fill="none" stroke="var(--glass)">
      <path d={`M${x(0)} ${y(heightCm)}V${y(0)}H${x(acrossCm)}V${y(heightCm)}`} strokeWidth={stroke} />
      {lid === "glass" ? (
        <line x1={x(0)} x2={x(acrossCm)} y1={y(heightCm)} y2={y(heightCm)} strokeWidth={stroke} />
      ) : null}
      {lid === "mesh" ? (
        <line
          x1={x(0)}
          x2={x(acrossCm)}
          y1={y(heightCm)}
          y2={y(heightCm)}
          strokeWidth={thin ? 3 : 5}
          strokeDasharray={thin ? "2 2" : "3 3"}
        />
      ) : null}
      {lid !== "glass" && coveredPct > 0 ? (
        <line
          x1={x(covered)}
          x2={x(acrossCm)}
          y1={y(heightCm) - (thin ? 3 : 5)}
          y2={y(heightCm) - (thin ? 3 : 5)}
          strokeWidth={stroke}
        />
      ) : null}
    </g>
  );
}
