import type { Plant } from "../catalog";
import type { Spot, Stand } from "../habitat";
import { within } from "../placing";
import { calmAt, type Planted } from "./crowding";
import { SPOT_OF, spotOf } from "./place";
import { plantFit } from "./plantFit";

const ACROSS = 7;
const DEEP = 5;
const MOST = 3;
/** Of two places that suit nearly the same, the nearer one. */
const ALIKE_TENTHS = 10;

type Where = Pick<Stand, "xCm" | "yCm" | "upCm"> & { spot: Spot };
const UPRIGHT: readonly Spot[] = ["wall", "wood", "hanging"];

const shares = (count: number): number[] => Array.from({ length: count }, (_, at) => (at + 0.5) / count);

/** Places of a kind over the floor, or along the back. */
function placesOf(
  spot: Spot,
  { habitat }: Planted & { habitat: { shell: { widthCm: number; depthCm: number } } },
): Where[] {
  const { widthCm, depthCm } = habitat.shell;
  const rows = UPRIGHT.includes(spot) ? [spot === "wall" ? 0.96 : 0.8] : shares(DEEP);
  return rows.flatMap((y) =>
    shares(ACROSS).map((x) => ({ xCm: Math.round(widthCm * x), yCm: Math.round(depthCm * y), spot, upCm: null })),
  );
}

const spotsOf = (plant: Plant, stand: Stand): Spot[] => [
  ...new Set<Spot>([spotOf(plant, stand), ...plant.places.map((site) => SPOT_OF[site])]),
];

/**
 * Where else in the box a plant does better than where it stands, and makes no trouble after some months: the best
 * few, by how well it does and how near they are.
 *
 * @example betterPlaces(scene, "p3", 12)[0] // { xCm: 42, yCm: 30, spot: "ground", upCm: null }
 */
export function betterPlaces(scene: Planted, standId: string, months: number): Where[] {
  const stand = scene.habitat.plants.find(({ id }) => id === standId);
  const isCalm = calmAt(scene, standId, months);
  if (!stand || !isCalm) return [];
  const plant = scene.library.get("plants", stand.plantId);
  const now = plantFit(plant, scene, stand).score;
  const tried = spotsOf(plant, stand)
    .flatMap((spot) => placesOf(spot, scene))
    .filter(({ xCm, yCm, spot }) => UPRIGHT.includes(spot) || within(xCm, yCm, scene.ground) === undefined)
    .map((place) => ({ place, fit: plantFit(plant, scene, { ...place, keptCm: stand.keptCm }) }));
  const far = ({ xCm, yCm }: Where): number => Math.hypot(xCm - stand.xCm, yCm - stand.yCm);
  const tenth = (score: number): number => Math.round(score * ALIKE_TENTHS);
  return tried
    .filter(({ fit }) => fit.verdict !== "misfit" && fit.score > now)
    .toSorted((a, b) => tenth(b.fit.score) - tenth(a.fit.score) || far(a.place) - far(b.place))
    .filter(({ place }) => isCalm(place))
    .slice(0, MOST)
    .map(({ place }) => place);
}
