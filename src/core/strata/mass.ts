import { weakMapMemoize } from "reselect";
import type { Design, Layer, Mix } from "../habitat";
import type { Library } from "../library";
import { blend, heldPct, pantryOf, pouredFor, type Bed, type Blend } from "../mix";

const CM2_PER_M2 = 10_000;
const KG_PER_L_WATER = 1;

/** What a layer or a filling weighs. */
export type Mass = {
  /** Litres to have at hand poured, before it beds down; 0 for a sheet and for a plate. */
  looseL: number;
  dryKg: number;
  wetKg: number;
  /** Litres of water it takes when it stands full to its top. */
  poresL: number;
};

/**
 * Mass of soil of a mix as it lies: litres to have poured; dry, with the water it is bought with; soaked and drained
 * where it lies; and the room for water when it stands full.
 */
export function soilMass(volumeL: number, mixture: Blend | undefined, bed: Bed): Mass {
  if (!mixture) return { looseL: volumeL, dryKg: 0, wetKg: 0, poresL: 0 };
  const matterKg = volumeL * mixture.kgPerL;
  const waterKg = (pct: number): number => (pct / 100) * volumeL * KG_PER_L_WATER;
  return {
    looseL: pouredFor(volumeL, mixture.settlesPct),
    dryKg: matterKg + waterKg(mixture.airDryPct),
    wetKg: matterKg + waterKg(heldPct(mixture, bed)),
    poresL: ((mixture.totalPorosityPct - mixture.airDryPct) / 100) * volumeL,
  };
}

/** The mixture of a mix in a habitat. */
export const mixtureOf = ({ mixes }: Pick<Design, "mixes">, mixId: string, library: Library): Blend | undefined => {
  const mix = mixes.find((other) => other.id === mixId);
  return mix && blended(mix, library);
};
const blended = weakMapMemoize((mix: Mix, library: Library): Blend | undefined => blend(mix.parts, pantryOf(library)));

/** Mass of a layer that fills so many litres over so much floor, soil so high over the foot of all soil. */
export function massOf(
  layer: Layer,
  volumeL: number,
  { areaCm2, bed }: { areaCm2: number; bed: Bed },
  habitat: Pick<Design, "mixes">,
  library: Library,
): Mass {
  switch (layer.kind) {
    case "drainage": {
      const medium = library.get("drainageMedia", layer.materialId);
      const looseL = pouredFor(volumeL, medium.settlesPct);
      const dryKg = looseL * medium.kgPerL;
      const wetKg = dryKg + volumeL * medium.waterHeldKgPerL;
      return { looseL, dryKg, wetKg, poresL: (volumeL * medium.voidPct) / 100 };
    }
    case "falseBottom": {
      const plate = library.get("falseBottoms", layer.materialId);
      const kg = (areaCm2 / CM2_PER_M2) * plate.kgPerM2;
      return { looseL: 0, dryKg: kg, wetKg: kg, poresL: volumeL };
    }
    case "barrier": {
      const kg = (areaCm2 / CM2_PER_M2) * library.get("barriers", layer.materialId).kgPerM2;
      return { looseL: 0, dryKg: kg, wetKg: kg, poresL: 0 };
    }
    case "soil": {
      const mass = soilMass(volumeL, mixtureOf(habitat, layer.mixId, library), bed);
      return layer.laid === "dry" ? { ...mass, wetKg: mass.dryKg } : mass;
    }
    case "dressing": {
      const dressing = library.get("dressings", layer.materialId);
      const looseL = volumeL * dressing.loosePerPressed;
      const dryKg = looseL * dressing.kgPerL;
      const held = (dressing.waterHeldPct / 100) * volumeL * KG_PER_L_WATER;
      return { looseL, dryKg, wetKg: dryKg + held, poresL: held };
    }
  }
}
