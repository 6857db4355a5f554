import type { Stand } from "../habitat";
import { calmSpot, grownSpreadCm, MONTHS_AHEAD } from "../living";
import type { Scene } from "../scene";
import { stratumOf } from "./question";

/** Where each stratum of height goes first, as a share of the depth from the front. */
const DEPTH_SHARE = { cover: 0.3, middle: 0.5, tall: 0.8, upright: 0.92 } as const;

/**
 * Sets plants out: tall ones at the back, low ones in front, climbers along the wall, spread over the width, each where
 * it makes no trouble after a year when there is such a place.
 *
 * @param idFor gives each stand its id, by its place in the row
 * @example layOut(scene, [{ plantId: "nervePlant", count: 3 }], (at) => `s${at}`).length // 3
 */
export function layOut(
  scene: Scene,
  picks: readonly { plantId: string; count: number }[],
  idFor: (at: number) => string,
): Stand[] {
  const { habitat, library } = scene;
  const { widthCm, depthCm } = habitat.shell;
  const ordered = picks
    .flatMap(({ plantId, count }) => Array.from({ length: count }, () => library.get("plants", plantId)))
    .toSorted((a, b) => grownSpreadCm(b) - grownSpreadCm(a));
  let plants = habitat.plants;
  ordered.forEach((plant, at) => {
    // Steps by the golden section never come near one another.
    const across = (0.5 + at * 0.618034) % 1;
    const stand: Stand = {
      id: idFor(at),
      plantId: plant.id,
      xCm: Math.round(widthCm * (0.08 + 0.84 * across)),
      yCm: Math.round(depthCm * DEPTH_SHARE[stratumOf(plant)]),
      spot: null,
      upCm: null,
      plantedOn: null,
      keptCm: null,
      inId: null,
    };
    const tried = { ...scene, habitat: { ...habitat, plants: [...plants, stand] } };
    plants = [...plants, { ...stand, ...calmSpot(tried, stand.id, MONTHS_AHEAD) }];
  });
  return plants.slice(habitat.plants.length);
}
