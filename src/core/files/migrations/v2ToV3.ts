import { plainOf, type Migration, type Plain } from "./migration";

/**
 * A soil lift was one depth in front and one at the back; now it has four corners, may carry mounds and may be laid
 * dry.
 */
function layerToV3(layer: unknown): Plain {
  const { frontCm, backCm, ...rest } = plainOf(layer);
  const laid = { ...rest, over: "floor" };
  return rest.kind === "soil"
    ? {
        ...laid,
        laid: "moist",
        corners: { frontLeftCm: frontCm, frontRightCm: frontCm, backLeftCm: backCm, backRightCm: backCm },
        mounds: [],
      }
    : laid;
}

/** Version 3 tells zones, corners and mounds, pieces, what is built on the walls, and what the box stands on. */
export const v2ToV3: Migration = (document) => {
  const [shell, strata] = [plainOf(document.shell), plainOf(document.strata)];
  return {
    ...document,
    shell: { ...shell, treatments: [], standsOn: { ratingKg: null, under: "whole" } },
    strata: {
      ...strata,
      zones: [],
      layers: Array.isArray(strata.layers) ? strata.layers.map(layerToV3) : strata.layers,
    },
    pieces: [],
  };
};
