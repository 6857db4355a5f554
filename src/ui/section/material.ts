import { entry, type Look } from "@/core/catalog";
import { ingredientsOf, type Habitat, type Layer } from "@/core/habitat";
import { normalise, stockPantry, type Pantry } from "@/core/mix";

/** What a shape is filled with: looks by their shares. A plain material is one look of share 1. */
export type Material = readonly { look: Look; share: number }[];

export const plain = (look: Look): Material => [{ look, share: 1 }];

/** The looks of a material; an empty one shows bare ground. */
export const ingredientLook = (material: Material): Material =>
  material.length > 0 ? material : plain({ texture: "crumb", color: "#8f8672" });

/** What a layer is made of, to draw it. */
export function materialOf(layer: Layer, habitat: Pick<Habitat, "mixes" | "own">): Material {
  switch (layer.kind) {
    case "drainage":
      return plain(entry("drainageMedia", layer.materialId).look);
    case "falseBottom":
      return plain(entry("falseBottoms", layer.materialId).look);
    case "barrier":
      return plain(entry("barriers", layer.materialId).look);
    case "dressing":
      return plain(entry("dressings", layer.materialId).look);
    case "soil":
      return mixMaterial(habitat.mixes.find((mix) => mix.id === layer.mixId)?.parts ?? [], ingredientsOf(habitat));
  }
}

/** The material of a mix: each ingredient's look by its share. */
export const mixMaterial = (parts: Habitat["mixes"][number]["parts"], pantry: Pantry = stockPantry): Material =>
  normalise(parts).map(({ ingredientId, share }) => ({ look: pantry(ingredientId).look, share }));
