import type { Plant } from "../catalog";
import { plantOf, type Habitat, type Stand } from "../habitat";
import type { Ground } from "../strata";
import { sizeAfter } from "./growth";
import { plantFootCm, spotOf } from "./place";

/** How far ahead plants are judged by how they will stand: a year. */
export const MONTHS_AHEAD = 12;

/** A plant as it will stand after some months. */
export type Grown = {
  stand: Stand;
  plant: Plant;
  heightCm: number;
  spreadCm: number;
  footCm: number;
  lying: "ground" | "upright";
};

/** What growing does to plants among one another, to the keeper's view and to nobody else. */
export type Trouble =
  | { code: "crowds"; standId: string; otherId: string; share: number }
  | { code: "shades"; standId: string; otherId: string }
  | { code: "blocksView"; standId: string; heightCm: number };

/** Plants as they will be after some months. @example grownPlants(habitat, ground, 12)[0]?.heightCm */
export function grownPlants(habitat: Habitat, ground: Ground, months: number): Grown[] {
  return habitat.plants.map((stand) => {
    const plant = plantOf(habitat, stand.plantId);
    const spot = spotOf(plant, stand);
    return {
      stand,
      plant,
      ...sizeAfter(plant, months),
      footCm: plantFootCm(habitat, ground, stand, plant),
      lying: spot === "wall" || spot === "wood" || spot === "hanging" ? "upright" : "ground",
    };
  });
}

/** Area two circles share. Standard lens formula. @example lensCm2(1, 1, 0) // 3.14 */
export function lensCm2(r: number, s: number, apart: number): number {
  if (apart >= r + s) return 0;
  if (apart <= Math.abs(r - s)) return Math.PI * Math.min(r, s) ** 2;
  const half = (a: number, b: number) => a ** 2 * Math.acos((apart ** 2 + a ** 2 - b ** 2) / (2 * apart * a));
  const kite = Math.sqrt((-apart + r + s) * (apart + r - s) * (apart - r + s) * (apart + r + s)) / 2;
  return half(r, s) + half(s, r) - kite;
}

/** Plants may grow into one another by this share of the smaller before one suffers (from memory). */
const BEARS_OVERLAP = 0.55;
/** A plant this much taller over a light lover shades it. */
const OVERTOPS = 1.4;
/** In the front quarter, what reaches over this share of the clear height hides what is behind. */
const FRONT_SHARE = 0.25;
const VIEW_SHARE = 0.55;
/** Low covers are meant to run under and into everything. */
const COVER_CM = 6;

const middleUp = ({ footCm, heightCm, plant, stand }: Grown): number =>
  spotOf(plant, stand) === "hanging" ? footCm - heightCm / 2 : footCm + heightCm / 2;

/** How far two plants stand apart where they compete: in plan on the ground, across and up on walls and wood. */
function apartCm(a: Grown, b: Grown): number {
  const across = a.stand.xCm - b.stand.xCm;
  return a.lying === "ground"
    ? Math.hypot(across, a.stand.yCm - b.stand.yCm)
    : Math.hypot(across, middleUp(a) - middleUp(b));
}

/** How much of the smaller of two plants the other takes, 0 to 1. */
export function overlapShare(a: Grown, b: Grown): number {
  if (a.lying !== b.lying || Math.min(a.heightCm, b.heightCm) < COVER_CM) return 0;
  const [r, s] = [a.spreadCm / 2, b.spreadCm / 2];
  return lensCm2(r, s, apartCm(a, b)) / (Math.PI * Math.min(r, s) ** 2);
}

const shades = (over: Grown, under: Grown): boolean =>
  under.plant.light === "bright" &&
  under.lying === "ground" &&
  over.lying === "ground" &&
  over.heightCm > under.heightCm * OVERTOPS &&
  Math.hypot(over.stand.xCm - under.stand.xCm, over.stand.yCm - under.stand.yCm) < over.spreadCm / 2;

const blocks = (one: Grown, habitat: Habitat, ground: Ground): boolean => {
  const clearCm = habitat.shell.heightCm - ground.highestFrontCm;
  return (
    one.lying === "ground" &&
    one.stand.yCm < habitat.shell.depthCm * FRONT_SHARE &&
    one.heightCm > clearCm * VIEW_SHARE &&
    one.spreadCm > habitat.shell.widthCm * 0.15
  );
};

/** What goes wrong for one plant among the others. */
function troublesOf(one: Grown, others: readonly Grown[], habitat: Habitat, ground: Ground): Trouble[] {
  const crowded = others.flatMap((other): Trouble[] => {
    const share = overlapShare(one, other);
    return share > BEARS_OVERLAP ? [{ code: "crowds", standId: one.stand.id, otherId: other.stand.id, share }] : [];
  });
  const shaded = others
    .filter((other) => shades(other, one))
    .map((other): Trouble => ({ code: "shades", standId: one.stand.id, otherId: other.stand.id }));
  return [
    ...crowded,
    ...shaded,
    ...(blocks(one, habitat, ground)
      ? [{ code: "blocksView", standId: one.stand.id, heightCm: one.heightCm } as const]
      : []),
  ];
}

/**
 * What goes wrong among the plants after some months: two in one place, a light lover in the shade of a taller one, the view blocked. Of
 * two that crowd one another the later one is named.
 *
 * @example troubles(habitat, ground, 12) // [{ code: "crowds", standId: "p3", otherId: "p1", share: 0.7 }]
 */
export function troubles(habitat: Habitat, ground: Ground, months: number): Trouble[] {
  const all = grownPlants(habitat, ground, months);
  return all.flatMap((one, at) => [
    ...troublesOf(one, all.slice(0, at), habitat, ground),
    ...all
      .slice(at + 1)
      .filter((other) => shades(other, one))
      .map((other): Trouble => ({ code: "shades", standId: one.stand.id, otherId: other.stand.id })),
  ]);
}

const ALONG = 9;
const DEEP = 5;

/**
 * A place on the ground, or along the wall, where a plant makes no trouble after some months.
 *
 * @returns undefined where there is none
 * @example calmSpot(habitat, ground, "p3", 12) // { xCm: 42, yCm: 30 }
 */
export function calmSpot(
  habitat: Habitat,
  ground: Ground,
  standId: string,
  months: number,
): { xCm: number; yCm: number } | undefined {
  const all = grownPlants(habitat, ground, months);
  const one = all.find(({ stand }) => stand.id === standId);
  if (!one) return undefined;
  const others = all.filter((other) => other !== one);
  const { widthCm, depthCm } = habitat.shell;
  const rows =
    one.lying === "upright" ? [one.stand.yCm] : Array.from({ length: DEEP }, (_, at) => (depthCm * (at + 0.5)) / DEEP);
  const spots = rows.flatMap((yCm) =>
    Array.from({ length: ALONG }, (_, at) => ({
      xCm: Math.round((widthCm * (at + 0.5)) / ALONG),
      yCm: Math.round(yCm),
    })),
  );
  const near = ({ xCm, yCm }: { xCm: number; yCm: number }) => Math.hypot(xCm - one.stand.xCm, yCm - one.stand.yCm);
  return spots
    .toSorted((a, b) => near(a) - near(b))
    .find((spot) => {
      const stand = { ...one.stand, ...spot };
      const moved: Grown = { ...one, stand, footCm: plantFootCm(habitat, ground, stand, one.plant) };
      const harmed = others.some((other) => shades(moved, other));
      return !harmed && troublesOf(moved, others, habitat, ground).length === 0;
    });
}
