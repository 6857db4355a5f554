import {
  mixTarget,
  pantryOf,
  blend,
  readMeters,
  SEALS_FROM_PCT,
  worthSaying,
  type OffCode,
  type OffMeter,
  type Readings,
} from "../../mix";
import { bedOf, mixWanted } from "../../strata";
import type { FindingQuantities } from "../quantities";
import type { Assessed, Check, Found, Weight } from "../types";

/** Soil that turns sour and tunnels that fall in hurt what lives in them; the rest is what is usual. */
const weightOf = (code: OffCode): Weight => (code === "airBelow" || code === "burrowBelow" ? "look" : "opinion");

/**
 * How a mix reads where it lies in this habitat, and what is wrong with it. Nothing of one that is not laid, or lies in
 * a zone or a piece alone: that is made for what grows or hides there.
 */
function mixAsLaid(
  { habitat, ground, animal, library }: Pick<Assessed, "habitat" | "ground" | "animal" | "library">,
  mixId: string,
) {
  const mix = habitat.mixes.find(({ id }) => id === mixId);
  const mixture = mix && blend(mix.parts, pantryOf(library));
  if (!mixture) return undefined;
  const { beds, depthCm } = mixWanted(habitat, ground, mixId, mixture.settlesPct);
  if (!beds.some(({ zoneId, volumeL }) => zoneId === undefined && volumeL > 0)) return undefined;
  const aims = mixTarget(animal, habitat.crew.length > 0);
  const readings = readMeters(mixture, bedOf(depthCm, animal));
  // What swelling clay seals is told by that.
  const seals = mixture.swellingPct >= SEALS_FROM_PCT;
  const off = worthSaying(readings, aims).filter(({ meter }) => meter !== "drains" || !seals);
  return { readings, aims, off };
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
    };
    return [{ code: "mixOff", about: id, weight: weightOf(variant), step: "mix", quantities }];
  });
