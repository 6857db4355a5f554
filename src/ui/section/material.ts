import type { Look } from "@/core/catalog";
import type { Design, Layer } from "@/core/habitat";
import type { Library } from "@/core/library";
import { normalise, pantryOf, type Pantry } from "@/core/mix";

/** What a shape is filled with: looks by their shares. A plain material is one look of share 1. */
export type Material = readonly { look: Look; share: number }[];

export const plain = (look: Look): Material => [{ look, share: 1 }];

/** The looks of a material; an empty one shows bare ground. */
export const ingredientLook = (material: Material): Material =>
  material.length > 0 ? material : plain({ texture: "crumb", color: "#8f8672" });

/** What a layer is made of, to draw it. */
export function materialOf(layer: Layer, habitat: Pick<Design, "mixes">, library: Library): Material {
  switch (layer.kind) {
    case "drainage":
      return plain(library.get("drainageMedia", layer.materialId).look);
    case "falseBottom":
      return plain(library.get("falseBottoms", layer.materialId).look);
    case "barrier":
      return plain(library.get("barriers", layer.materialId).look);
    case "dressing":
      return plain(library.get("dressings", layer.materialId).look);
    case "soil":
      return mixMaterial(habitat.mixes.find((mix) => mix.id === layer.mixId)?.parts ?? [], pantryOf(library));
  }
}

/** The material of a mix: each ingredient's look by its share. */
export const mixMaterial = (parts: Design["mixes"][number]["parts"], pantry: Pantry): Material =>
  normalise(parts).map(({ ingredientId, share }) => ({ look: pantry(ingredientId).look, share }));
