import * as z from "zod";
import type { Library } from "../../library";
import { slopedCorners } from "../corners";
import {
  CornersSchema,
  DesignSchema,
  IdSchema,
  LAID,
  LayerSchema,
  MoundSchema,
  OverSchema,
  type Design,
  type Layer,
  type LayerKind,
  type Mix,
  type SoilLayer,
} from "../schema";
import { EditRefused } from "../problem";
import { edit, mustBeFree, mustFind } from "./define";

const FROM_THE_GLASS_UP: readonly LayerKind[] = ["falseBottom", "drainage", "barrier", "soil", "dressing"];

/** Where a layer lies by nature; what is spread under the soil lies on the barrier. */
function rankOf(layer: Layer, library: Library): number {
  const underSoil = layer.kind === "dressing" && library.find("dressings", layer.materialId)?.under === "soil";
  return FROM_THE_GLASS_UP.indexOf(underSoil ? "barrier" : layer.kind);
}

const depthCm = CornersSchema.shape.frontLeftCm;
const over = OverSchema.default({ on: "floor" });
const [drainage, falseBottom, barrier, , dressing] = LayerSchema.options;

/** A layer as it is first laid: over the whole floor unless told otherwise, soil without mounds. */
const NewLayerSchema = z.discriminatedUnion("kind", [
  drainage.extend({ over }),
  falseBottom.extend({ over }),
  barrier.extend({ over }),
  dressing.extend({ over }),
  z.strictObject({ id: IdSchema, over, kind: z.literal("soil"), mixId: IdSchema, frontCm: depthCm, backCm: depthCm }),
]);

function laid(layer: z.output<typeof NewLayerSchema>): Layer {
  if (layer.kind !== "soil") return layer;
  const { frontCm, backCm, ...rest } = layer;
  return { ...rest, laid: "moist", corners: slopedCorners(frontCm, backCm), mounds: [] };
}

const withLayers = (habitat: Design, layers: Layer[]): Design => ({
  ...habitat,
  strata: { ...habitat.strata, layers },
});

const changeLayer = (habitat: Design, layerId: string, change: (layer: Layer) => Layer): Design => {
  mustFind(habitat.strata.layers, (layer) => layer.id === layerId, "layerId", layerId);
  return withLayers(
    habitat,
    habitat.strata.layers.map((layer) => (layer.id === layerId ? change(layer) : layer)),
  );
};

const changeSoil = (habitat: Design, layerId: string, change: (layer: SoilLayer) => SoilLayer): Design =>
  changeLayer(habitat, layerId, (layer) => {
    if (layer.kind !== "soil") throw new EditRefused({ path: "layerId", code: "invalid", id: layerId });
    return change(layer);
  });

/** A new soil lift starts as a copy of the mix below it, so that it can differ without changing that one. */
function mixForNewLift(habitat: Design, mixId: string): Mix[] {
  const first = habitat.mixes[0];
  if (!first || habitat.mixes.some((mix) => mix.id === mixId)) return habitat.mixes;
  return [...habitat.mixes, { ...first, id: mixId }];
}

/** A mix that nothing is made of any more goes; the last one stays. */
export function withoutIdleMixes(habitat: Design): Design {
  const used = [
    ...habitat.strata.layers.flatMap((layer) => (layer.kind === "soil" ? [layer.mixId] : [])),
    ...habitat.pieces.flatMap((piece) => (piece.fillMixId ? [piece.fillMixId] : [])),
  ];
  const mixes = habitat.mixes.filter((mix) => used.includes(mix.id));
  return { ...habitat, mixes: mixes.length > 0 ? mixes : habitat.mixes.slice(0, 1) };
}

const mound = z.strictObject({ layerId: IdSchema, ...MoundSchema.shape });

/** Edits of the layers. */
export const strataEdits = {
  /** Lays a layer in its natural place: on top of its own kind, below the next. */
  addLayer: edit(z.strictObject({ layer: NewLayerSchema }), (habitat, args, library) => {
    const layer = laid(args.layer);
    mustBeFree(habitat.strata.layers, layer.id, "layer.id");
    const { layers } = habitat.strata;
    const rank = rankOf(layer, library);
    const above = layers.findIndex((other) => rankOf(other, library) > rank);
    const at = above < 0 ? layers.length : above;
    const next = withLayers(habitat, [...layers.slice(0, at), layer, ...layers.slice(at)]);
    return layer.kind === "soil" ? { ...next, mixes: mixForNewLift(habitat, layer.mixId) } : next;
  }),

  /** Takes layers out; a mix that nothing uses any more goes with its lift. */
  removeLayers: edit(z.strictObject({ layerIds: z.array(IdSchema).min(1) }), (habitat, { layerIds }) => {
    for (const id of layerIds) mustFind(habitat.strata.layers, (layer) => layer.id === id, "layerIds", id);
    return withoutIdleMixes(
      withLayers(
        habitat,
        habitat.strata.layers.filter((layer) => !layerIds.includes(layer.id)),
      ),
    );
  }),

  /** Moves a layer up or down among the others. */
  moveLayer: edit(
    z.strictObject({ layerId: IdSchema, by: z.number().int().min(-40).max(40) }),
    (habitat, { layerId, by }) => {
      const layer = mustFind(habitat.strata.layers, (other) => other.id === layerId, "layerId", layerId);
      const others = habitat.strata.layers.filter((other) => other.id !== layerId);
      const at = Math.min(Math.max(habitat.strata.layers.indexOf(layer) + by, 0), others.length);
      return withLayers(habitat, [...others.slice(0, at), layer, ...others.slice(at)]);
    },
  ),

  /** Lays a layer over the whole floor, over a zone, or over what no zone takes. */
  setOver: edit(z.strictObject({ layerId: IdSchema, over: OverSchema }), (habitat, { layerId, over: where }) => {
    return changeLayer(habitat, layerId, (layer) => ({ ...layer, over: where }));
  }),

  setDepth: edit(z.strictObject({ layerId: IdSchema, depthCm }), (habitat, { layerId, depthCm: cm }) =>
    changeLayer(habitat, layerId, (layer) => {
      if (layer.kind === "barrier") throw new EditRefused({ path: "layerId", code: "invalid", id: layerId });
      return layer.kind === "soil" ? { ...layer, corners: slopedCorners(cm, cm) } : { ...layer, depthCm: cm };
    }),
  ),

  /** Sets a soil lift's depth along the front, along the back, or both. */
  setSoil: edit(
    z.strictObject({ layerId: IdSchema, frontCm: depthCm.optional(), backCm: depthCm.optional() }),
    (habitat, { layerId, frontCm, backCm }) =>
      changeSoil(habitat, layerId, (layer) => ({
        ...layer,
        corners: {
          frontLeftCm: frontCm ?? layer.corners.frontLeftCm,
          frontRightCm: frontCm ?? layer.corners.frontRightCm,
          backLeftCm: backCm ?? layer.corners.backLeftCm,
          backRightCm: backCm ?? layer.corners.backRightCm,
        },
      })),
  ),

  /** Sets a soil lift's depth at some of its corners. */
  setCorners: edit(
    z.strictObject({ layerId: IdSchema, ...CornersSchema.partial().shape }),
    (habitat, { layerId, ...to }) =>
      changeSoil(habitat, layerId, (layer) => ({
        ...layer,
        corners: CornersSchema.parse({ ...layer.corners, ...to }),
      })),
  ),

  /** Lays a lift moist or bone dry. */
  setLaid: edit(z.strictObject({ layerId: IdSchema, laid: z.enum(LAID) }), (habitat, { layerId, laid: how }) =>
    changeSoil(habitat, layerId, (layer) => ({ ...layer, laid: how })),
  ),

  addMound: edit(mound, (habitat, { layerId, ...heap }) =>
    changeSoil(habitat, layerId, (layer) => {
      mustBeFree(layer.mounds, heap.id);
      return { ...layer, mounds: [...layer.mounds, heap] };
    }),
  ),

  setMound: edit(mound.partial().required({ layerId: true, id: true }), (habitat, { layerId, ...to }) =>
    changeSoil(habitat, layerId, (layer) => {
      mustFind(layer.mounds, (heap) => heap.id === to.id, "id", to.id);
      return {
        ...layer,
        mounds: layer.mounds.map((heap) => (heap.id === to.id ? MoundSchema.parse({ ...heap, ...to }) : heap)),
      };
    }),
  ),

  removeMound: edit(z.strictObject({ layerId: IdSchema, id: IdSchema }), (habitat, { layerId, id }) =>
    changeSoil(habitat, layerId, (layer) => {
      mustFind(layer.mounds, (heap) => heap.id === id, "id", id);
      return { ...layer, mounds: layer.mounds.filter((heap) => heap.id !== id) };
    }),
  ),

  setMaterial: edit(z.strictObject({ layerId: IdSchema, materialId: z.string() }), (habitat, { layerId, materialId }) =>
    changeLayer(habitat, layerId, (layer) => {
      if (layer.kind === "soil") throw new EditRefused({ path: "layerId", code: "invalid", id: layerId });
      const changed = { ...layer, materialId };
      return changed;
    }),
  ),

  setWaterLine: edit(
    z.strictObject({ waterLineCm: DesignSchema.shape.strata.shape.waterLineCm }),
    (habitat, { waterLineCm }) => ({
      ...habitat,
      strata: { ...habitat.strata, waterLineCm },
    }),
  ),
};
