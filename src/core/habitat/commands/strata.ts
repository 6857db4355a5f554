import { z } from "zod";
import { entry } from "../../catalog";
import { HabitatSchema, IdSchema, LayerSchema, type Habitat, type Layer, type LayerKind, type Mix } from "../schema";
import { edit, mustFind } from "./define";

const FROM_THE_GLASS_UP: readonly LayerKind[] = ["drainage", "barrier", "soil", "dressing"];
const depthCm = z.number().min(0.1).max(200);

const withLayers = (habitat: Habitat, layers: Layer[]): Habitat => ({ ...habitat, strata: { ...habitat.strata, layers } });

const changeLayer = (habitat: Habitat, layerId: string, change: (layer: Layer) => Layer): Habitat => {
  mustFind(habitat.strata.layers, (layer) => layer.id === layerId, "layerId", layerId);
  return withLayers(habitat, habitat.strata.layers.map((layer) => (layer.id === layerId ? change(layer) : layer)));
};

function checkMaterial(layer: Layer): void {
  if (layer.kind === "drainage") entry("drainageMedia", layer.materialId);
  if (layer.kind === "barrier") entry("barriers", layer.materialId);
  if (layer.kind === "dressing") entry("dressings", layer.materialId);
}

/** A new soil lift starts as a copy of the mix below it, so that it can differ without changing that one. */
function mixForNewLift(habitat: Habitat, mixId: string): Mix[] {
  const first = habitat.mixes[0];
  if (!first || habitat.mixes.some((mix) => mix.id === mixId)) return habitat.mixes;
  return [...habitat.mixes, { ...first, id: mixId }];
}

/** Edits of the layers. */
export const strataEdits = {
  /** Lays a layer in its natural place: on top of its own kind, below the next. */
  addLayer: edit(z.strictObject({ layer: LayerSchema }), (habitat, { layer }) => {
    if (habitat.strata.layers.some((other) => other.id === layer.id)) throw new RangeError(`layer.id: "${layer.id}" is taken`);
    checkMaterial(layer);
    const rank = FROM_THE_GLASS_UP.indexOf(layer.kind);
    const { layers } = habitat.strata;
    const above = layers.findIndex((other) => FROM_THE_GLASS_UP.indexOf(other.kind) > rank);
    const at = above < 0 ? layers.length : above;
    const next = withLayers(habitat, [...layers.slice(0, at), layer, ...layers.slice(at)]);
    return layer.kind === "soil" ? { ...next, mixes: mixForNewLift(habitat, layer.mixId) } : next;
  }),

  /** Takes layers out; a mix that no soil uses any more goes with its lift, the last one stays. */
  removeLayers: edit(z.strictObject({ layerIds: z.array(IdSchema).min(1) }), (habitat, { layerIds }) => {
    for (const id of layerIds) mustFind(habitat.strata.layers, (layer) => layer.id === id, "layerIds", id);
    const next = withLayers(habitat, habitat.strata.layers.filter((layer) => !layerIds.includes(layer.id)));
    const used = next.strata.layers.flatMap((layer) => (layer.kind === "soil" ? [layer.mixId] : []));
    const mixes = habitat.mixes.filter((mix) => used.includes(mix.id));
    return { ...next, mixes: mixes.length > 0 ? mixes : habitat.mixes.slice(0, 1) };
  }),

  setDepth: edit(z.strictObject({ layerId: IdSchema, depthCm }), (habitat, { layerId, depthCm }) =>
    changeLayer(habitat, layerId, (layer) => {
      if (layer.kind === "barrier") throw new RangeError("layerId: a barrier has no depth to set");
      return layer.kind === "soil" ? { ...layer, frontCm: depthCm, backCm: depthCm } : { ...layer, depthCm };
    }),
  ),

  /** Sets a soil lift's depth at the front glass, at the back, or both. */
  setSoil: edit(
    z.strictObject({ layerId: IdSchema, frontCm: depthCm.optional(), backCm: depthCm.optional() }),
    (habitat, { layerId, frontCm, backCm }) =>
      changeLayer(habitat, layerId, (layer) => {
        if (layer.kind !== "soil") throw new RangeError(`layerId: "${layerId}" is not soil`);
        return { ...layer, frontCm: frontCm ?? layer.frontCm, backCm: backCm ?? layer.backCm };
      }),
  ),

  setMaterial: edit(z.strictObject({ layerId: IdSchema, materialId: z.string() }), (habitat, { layerId, materialId }) =>
    changeLayer(habitat, layerId, (layer) => {
      if (layer.kind === "soil") throw new RangeError(`layerId: "${layerId}" is soil; change its mix`);
      const changed = { ...layer, materialId };
      checkMaterial(changed);
      return changed;
    }),
  ),

  setWaterLine: edit(z.strictObject({ waterLineCm: HabitatSchema.shape.strata.shape.waterLineCm }), (habitat, { waterLineCm }) => ({
    ...habitat,
    strata: { ...habitat.strata, waterLineCm },
  })),
};
