import { mixTarget, pantryOf, blend, readMeters, worthSaying, type OffMeter, type Readings } from "../../mix";
import { bedOf, mixWanted } from "../../strata";
import type { FindingQuantities } from "../quantities";
import type { Assessed, Check, Found } from "../types";

/** How a mix reads where it lies in this habitat, and what is wrong with it; nothing of one that is not laid. */
export function mixAsLaid(
  { habitat, ground, animal, library }: Pick<Assessed, "habitat" | "ground" | "animal" | "library">,
  mixId: string,
) {
  const mix = habitat.mixes.find(({ id }) => id === mixId);
  const mixture = mix && blend(mix.parts, pantryOf(library));
  if (!mixture) return undefined;
  const { volumeL, depthCm } = mixWanted(habitat, ground, mixId, mixture.settlesPct);
  if (volumeL <= 0) return undefined;
  const aims = mixTarget(animal, habitat.crew.length > 0);
  const readings = readMeters(mixture, bedOf(depthCm, animal));
  return { readings, aims, off: worthSaying(readings, aims) };
}

const sharesOf = (meter: OffMeter["meter"], readings: Readings): number | undefined =>
  meter === "air" || meter === "water" ? readings[meter] : undefined;

/** A mix that is laid and reads out of what this ground should be: the furthest of its meters, told once a mix. */
export const checkMixesLaid: Check = (assessed) =>
  assessed.habitat.mixes.flatMap(({ id }, at): Found[] => {
    const laid = mixAsLaid(assessed, id);
    const [off] = laid?.off ?? [];
    if (!laid || !off) return [];
    const { meter, code: variant } = off;
    const [low, high] = laid.aims[meter] ?? [0, 100];
    const havePct = sharesOf(meter, laid.readings);
    const quantities: FindingQuantities["mixOff"] = {
      ...{ animalId: assessed.animal.id, nth: at + 1, variant },
      ...(havePct === undefined ? {} : { havePct, wantLowPct: low, wantHighPct: high }),
      ...(meter === "acid" ? { pH: laid.readings.acid.toFixed(1) } : {}),
    };
    return [{ code: "mixOff", about: id, weight: "opinion", step: "mix", quantities }];
  });
