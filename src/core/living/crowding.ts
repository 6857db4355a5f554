import { weakMapMemoize } from "reselect";
import type { Plant } from "../catalog";
import type { Design, Shell, Stand } from "../habitat";
import type { Library } from "../library";
import { within } from "../placing";
import type { Setting } from "../scene";
import type { Ground } from "../strata";
import { sizeAfter } from "./growth";
import { nearbyIn, type Reaching } from "./nearby";
import { hangsDown, plantFootCm, spotOf } from "./place";

/** How far ahead plants are judged by how they will stand: a year. */
export const MONTHS_AHEAD = 12;

/** A setting with the plants that stand in it. */
export type Planted = Setting & { habitat: Pick<Design, "plants"> };

/** A plant as it will stand after some months. */
type Grown = {
  stand: Stand;
  plant: Plant;
  heightCm: number;
  spreadCm: number;
  footCm: number;
  /** Grows down from its foot. */
  hangs: boolean;
  lying: "ground" | "upright";
};

/** What growing does to plants among one another, to the keeper's view and to nobody else. */
export type Trouble =
  | { code: "crowds"; standId: string; otherId: string; share: number }
  | { code: "shades"; standId: string; otherId: string }
  | { code: "blocksView"; standId: string; heightCm: number };

const LIGHT_LOVERS: readonly Plant["light"][] = ["bright", "sun"];
const UPRIGHT: readonly string[] = ["wall", "wood", "hanging"];

/** A plant as it will be on level ground. */
const flatGrownOf = weakMapMemoize((stand: Stand, plant: Plant, months: number): Grown => {
  const lying = stand.inId !== null || UPRIGHT.includes(spotOf(plant, stand)) ? "upright" : "ground";
  return { stand, plant, ...sizeAfter(plant, months, stand.keptCm), footCm: 0, hangs: false, lying };
});

/** A plant as it will be where it stands, worked out anew only when it, its ground or its box changed. */
const grownOf = weakMapMemoize((stand: Stand, plant: Plant, ground: Ground, shell: Shell, months: number): Grown => ({
  ...flatGrownOf(stand, plant, months),
  footCm: plantFootCm({ shell }, ground, stand, plant),
  hangs: hangsDown(ground, stand, plant),
}));

/** Plants as they will be after some months. @example grownPlants(scene, 12)[0]?.heightCm */
const grownPlants = ({ habitat, ground, library }: Planted, months: number): Grown[] =>
  habitat.plants.map((stand) => grownOf(stand, library.get("plants", stand.plantId), ground, habitat.shell, months));

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

const middleUp = ({ footCm, heightCm, hangs }: Grown): number => footCm + (hangs ? -heightCm : heightCm) / 2;

/** How far two plants stand apart where they compete: in plan on the ground, across and up on walls and wood. */
function apartCm(a: Grown, b: Grown): number {
  const across = a.stand.xCm - b.stand.xCm;
  return a.lying === "ground"
    ? Math.hypot(across, a.stand.yCm - b.stand.yCm)
    : Math.hypot(across, middleUp(a) - middleUp(b));
}

/** How much of the smaller of two plants the other takes, 0 to 1. */
function overlapShare(a: Grown, b: Grown): number {
  if (a.lying !== b.lying || Math.min(a.heightCm, b.heightCm) < COVER_CM) return 0;
  const [r, s] = [a.spreadCm / 2, b.spreadCm / 2];
  return lensCm2(r, s, apartCm(a, b)) / (Math.PI * Math.min(r, s) ** 2);
}

const shades = (over: Grown, under: Grown): boolean =>
  LIGHT_LOVERS.includes(under.plant.light) &&
  under.lying === "ground" &&
  over.lying === "ground" &&
  over.heightCm > under.heightCm * OVERTOPS &&
  Math.hypot(over.stand.xCm - under.stand.xCm, over.stand.yCm - under.stand.yCm) < over.spreadCm / 2;

const blocks = (one: Grown, { habitat, ground }: Planted): boolean => {
  const clearCm = habitat.shell.heightCm - ground.highestFrontCm;
  return (
    one.lying === "ground" &&
    one.stand.yCm < habitat.shell.depthCm * FRONT_SHARE &&
    one.heightCm > clearCm * VIEW_SHARE &&
    one.spreadCm > habitat.shell.widthCm * 0.15
  );
};

/** What others do to one plant: the earlier ones crowd it, any taller one shades it. */
function amongOthers(one: Grown, earlier: readonly Grown[], later: readonly Grown[]): Trouble[] {
  const standId = one.stand.id;
  const crowded = earlier.flatMap((other): Trouble[] => {
    const share = overlapShare(one, other);
    return share > BEARS_OVERLAP ? [{ code: "crowds", standId, otherId: other.stand.id, share }] : [];
  });
  const shaded = [...earlier, ...later]
    .filter((other) => shades(other, one))
    .map((other): Trouble => ({ code: "shades", standId, otherId: other.stand.id }));
  return [...crowded, ...shaded];
}

const viewBlocked = (one: Grown, scene: Planted): Trouble[] =>
  blocks(one, scene) ? [{ code: "blocksView", standId: one.stand.id, heightCm: one.heightCm }] : [];

/** Where a plant competes: on the ground in plan, on walls and wood across and up. */
function reachOf(one: Grown): Reaching {
  const reachCm = one.spreadCm / 2;
  return one.lying === "ground"
    ? { xCm: one.stand.xCm, yCm: one.stand.yCm, reachCm }
    : { xCm: one.stand.xCm, yCm: middleUp(one), reachCm };
}

/**
 * What plants do to one another, by the id of who suffers; only those that can reach one another are held against each
 * other.
 */
function competition(all: readonly Grown[]): ReadonlyMap<string, Trouble[]> {
  const near = nearbyIn(all.map(reachOf));
  const pick = (indexes: readonly number[]) => indexes.flatMap((n) => all[n] ?? []);
  return new Map(
    all.map((one, at) => {
      const others = near(at);
      const [earlier, later] = [others.filter((n) => n < at), others.filter((n) => n > at)];
      return [one.stand.id, amongOthers(one, pick(earlier), pick(later))];
    }),
  );
}

/**
 * On the ground plants compete in plan, whatever the ground does under them: worked out anew only when plants changed.
 */
const competitionOnGround = weakMapMemoize((plants: Design["plants"], library: Library, months: number) => {
  const flat = plants.map((stand) => flatGrownOf(stand, library.get("plants", stand.plantId), months));
  return competition(flat.filter((one) => one.lying === "ground"));
});

/**
 * What goes wrong among the plants after some months: two in one place, a light lover in the shade of a taller one, the
 * view blocked. Of two that crowd one another the later one is named.
 *
 * @example troubles(scene, 12) // [{ code: "crowds", standId: "p3", otherId: "p1", share: 0.7 }]
 */
export function troubles(scene: Planted, months: number): Trouble[] {
  const all = grownPlants(scene, months);
  const onGround = competitionOnGround(scene.habitat.plants, scene.library, months);
  const upright = competition(all.filter((one) => one.lying === "upright"));
  return all.flatMap((one) => {
    const { id } = one.stand;
    return [...(onGround.get(id) ?? upright.get(id) ?? []), ...viewBlocked(one, scene)];
  });
}

const ALONG = 9;
const DEEP = 5;

/** Places to try for a plant: all over the floor, or along the wall it hangs on. */
function spotsFor(one: Grown, { widthCm, depthCm }: Shell): { xCm: number; yCm: number }[] {
  const rows =
    one.lying === "upright" ? [one.stand.yCm] : Array.from({ length: DEEP }, (_, at) => (depthCm * (at + 0.5)) / DEEP);
  const columns = Array.from({ length: ALONG }, (_, at) => (widthCm * (at + 0.5)) / ALONG);
  return rows.flatMap((yCm) => columns.map((xCm) => ({ xCm: Math.round(xCm), yCm: Math.round(yCm) })));
}

type At = Pick<Stand, "xCm" | "yCm"> & Partial<Pick<Stand, "spot" | "upCm">>;

/**
 * Tells of places whether a plant would make no trouble there after some months: neither crowd, nor shade, nor block
 * the view.
 *
 * @returns undefined where there is no such plant
 */
export function calmAt(scene: Planted, standId: string, months: number): ((at: At) => boolean) | undefined {
  const { habitat, ground } = scene;
  const all = grownPlants(scene, months);
  const one = all.find(({ stand }) => stand.id === standId);
  if (!one) return undefined;
  const others = all.filter((other) => other !== one);
  return (at) => {
    const stand = { ...one.stand, ...at };
    const lying = UPRIGHT.includes(spotOf(one.plant, stand)) ? "upright" : "ground";
    const moved: Grown = {
      ...one,
      stand,
      lying,
      footCm: plantFootCm(habitat, ground, stand, one.plant),
      hangs: hangsDown(ground, stand, one.plant),
    };
    const harmless = !others.some((other) => shades(moved, other)) && !blocks(moved, scene);
    return harmless && amongOthers(moved, others, []).length === 0;
  };
}

/**
 * A place on the ground, or along the wall, where a plant makes no trouble after some months: the nearest there is.
 *
 * @returns undefined where there is none
 * @example calmSpot(scene, "p3", 12) // { xCm: 42, yCm: 30 }
 */
export function calmSpot(scene: Planted, standId: string, months: number): { xCm: number; yCm: number } | undefined {
  const one = grownPlants(scene, months).find(({ stand }) => stand.id === standId);
  const isCalm = calmAt(scene, standId, months);
  if (!one || !isCalm) return undefined;
  const near = ({ xCm, yCm }: { xCm: number; yCm: number }) => Math.hypot(xCm - one.stand.xCm, yCm - one.stand.yCm);
  const isFree = ({ xCm, yCm }: { xCm: number; yCm: number }): boolean =>
    one.lying === "upright" || within(xCm, yCm, scene.ground) === undefined;
  return spotsFor(one, scene.habitat.shell)
    .toSorted((a, b) => near(a) - near(b))
    .find((spot) => isFree(spot) && isCalm(spot));
}
