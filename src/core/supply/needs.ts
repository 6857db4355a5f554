import type { CatalogKind } from "../catalog";
import type { Habitat } from "../habitat";
import { litresFor } from "../mix";
import { barrierCut, levels } from "../strata";

/** How much of a thing is wanted: loose litres, a sheet cut to size, or a number of pieces. */
export type Amount =
  | { kind: "loose"; looseL: number }
  | { kind: "sheet"; widthCm: number; depthCm: number }
  | { kind: "pieces"; count: number };

export type Need = { shelf: CatalogKind; id: string; amount: Amount };

const addUp = (needs: readonly Need[]): Need[] => {
  const byThing = new Map<string, Need>();
  for (const need of needs) {
    const key = `${need.shelf}/${need.id}/${need.amount.kind}`;
    const before = byThing.get(key);
    if (before?.amount.kind === "loose" && need.amount.kind === "loose") {
      byThing.set(key, { ...before, amount: { kind: "loose", looseL: before.amount.looseL + need.amount.looseL } });
    } else if (before?.amount.kind === "pieces" && need.amount.kind === "pieces") {
      byThing.set(key, { ...before, amount: { kind: "pieces", count: before.amount.count + need.amount.count } });
    } else {
      byThing.set(before ? `${key}/${byThing.size}` : key, need);
    }
  }
  return [...byThing.values()];
};

/**
 * All a habitat is built from, with the allowance for settling: what to have at hand, before looking at what is in stock.
 *
 * @example needs(habitat).find((n) => n.id === "clayPebbles")?.amount // { kind: "loose", looseL: 14.85 }
 */
export function needs(habitat: Habitat): Need[] {
  const ground = new Map(levels(habitat).map((level) => [level.layerId, level]));
  const laid = habitat.strata.layers.flatMap((layer): Need[] => {
    const looseL = ground.get(layer.id)?.looseL ?? 0;
    switch (layer.kind) {
      case "drainage":
        return [{ shelf: "drainageMedia", id: layer.materialId, amount: { kind: "loose", looseL } }];
      case "barrier":
        return [{ shelf: "barriers", id: layer.materialId, amount: { kind: "sheet", ...barrierCut(habitat.shell) } }];
      case "dressing":
        return [{ shelf: "dressings", id: layer.materialId, amount: { kind: "loose", looseL } }];
      case "soil":
        return litresFor(habitat.mixes.find((mix) => mix.id === layer.mixId)?.parts ?? [], looseL).map(({ ingredientId, litres }) => ({
          shelf: "ingredients", id: ingredientId, amount: { kind: "loose", looseL: litres },
        }));
    }
  });
  const plants = habitat.plants.map((stand): Need => ({ shelf: "plants", id: stand.plantId, amount: { kind: "pieces", count: 1 } }));
  const crew = habitat.crew.map(({ crewId, count }): Need => ({ shelf: "crew", id: crewId, amount: { kind: "pieces", count } }));
  return addUp([...laid, ...plants, ...crew]);
}
