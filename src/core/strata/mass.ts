import { weakMapMemoize } from "reselect";
import type { Design, Layer, Mix } from "../habitat";
import type { Library } from "../library";
import { blend, pantryOf, type Blend } from "../mix";

const CM2_PER_M2 = 10_000;
const KG_PER_L_WATER = 1;

/** What a layer or a filling weighs. */
export type Mass = {
  /** Litres to have at hand loose, before it beds down; 0 for a sheet and for a plate. */
  looseL: number;
  dryKg: number;
  wetKg: number;
  /** Litres of water it takes when it stands full to its top. */
  poresL: number;
};

const loose = (volumeL: number, settlesPct: number): number => volumeL * (1 + settlesPct / 100);

/** Mass of soil of a mix as it lies: litres to have loose, dry, soaked, and the room for water when it stands full. */
export function soilMass(volumeL: number, mixture: Blend | undefined): Mass {
  if (!mixture) return { looseL: volumeL, dryKg: 0, wetKg: 0, poresL: 0 };
  const looseL = loose(volumeL, mixture.settlesPct);
  const dryKg = looseL * mixture.looseKgPerL;
  return {
    looseL,
    dryKg,
    wetKg: dryKg + ((mixture.waterHeldPct - mixture.airDryWaterPct) / 100) * volumeL * KG_PER_L_WATER,
    poresL: ((mixture.totalPorosityPct - mixture.airDryWaterPct) / 100) * volumeL,
  };
}

/** The mixture of a mix in a habitat. */
export const mixtureOf = ({ mixes }: Pick<Design, "mixes">, mixId: string, library: Library): Blend | undefined => {
  const mix = mixes.find((other) => other.id === mixId);
  return mix && blended(mix, library);
};
const blended = weakMapMemoize((mix: Mix, library: Library): Blend | undefined => blend(mix.parts, pantryOf(library)));

/** Mass of a layer that fills so many litres over so much floor. */
export function massOf(
  layer: Layer,
  volumeL: number,
  areaCm2: number,
  habitat: Pick<Design, "mixes">,
  library: Library,
): Mass {
  switch (layer.kind) {
    case "drainage": {
      const medium = library.get("drainageMedia", layer.materialId);
      const looseL = loose(volumeL, medium.settlesPct);
      const dryKg = looseL * medium.looseKgPerL;
      return { looseL, dryKg, wetKg: dryKg, poresL: (volumeL * medium.voidPct) / 100 };
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
      const mass = soilMass(volumeL, mixtureOf(habitat, layer.mixId, library));
      return layer.laid === "dry" ? { ...mass, wetKg: mass.dryKg } : mass;
    }
    case "dressing": {
      const dressing = library.get("dressings", layer.materialId);
      const looseL = volumeL * dressing.loosePerPressed;
      const dryKg = looseL * dressing.looseKgPerL;
      const held = (dressing.waterHeldPct / 100) * volumeL * KG_PER_L_WATER;
      return { looseL, dryKg, wetKg: dryKg + held, poresL: held };
    }
  }
}
