import { rule, type CatalogKind } from "../catalog";
import type { Layer } from "../habitat";
import type { Library } from "../library";
import { spotOf } from "../living";
import { litresFor, pantryOf, pouredFor } from "../mix";
import type { Scene } from "../scene";
import { mixtureOf } from "../strata";

/** Where some of a loose thing goes. */
type Where = { on: "layer"; layerId: string } | { on: "piece"; pieceId: string } | { on: "mounts"; count: number };

/**
 * What of a loose thing goes to one place, litres: as it lies there, more for what settles, more for what runs into the
 * gaps of coarser stuff in mixing. Together they are what is measured out.
 */
export type Source = {
  shelf: CatalogKind;
  id: string;
  where: Where;
  /** Its share of all that lies there, 0 to 1. */
  share: number;
  liesL: number;
  settlesL: number;
  lostL: number;
};

/** What a source asks to be poured. @example pouredL({ liesL: 10, settlesL: 1, lostL: 0.5 }) // 11.5 */
export const pouredL = ({ liesL, settlesL, lostL }: Pick<Source, "liesL" | "settlesL" | "lostL">): number =>
  liesL + settlesL + lostL;

/** A mix by its parts: each lies in its share, and what mixing loses is measured out on top. */
function mixSources({ habitat, library }: Scene, mixId: string, where: Where, liesL: number, looseL: number): Source[] {
  const parts = habitat.mixes.find((mix) => mix.id === mixId)?.parts ?? [];
  const measured = litresFor(parts, looseL, pantryOf(library));
  const measuredL = measured.reduce((sum, { litres }) => sum + litres, 0);
  return measured.map(({ ingredientId, litres }) => {
    const share = measuredL > 0 ? litres / measuredL : 0;
    return {
      shelf: "ingredients",
      id: ingredientId,
      where,
      share,
      liesL: liesL * share,
      settlesL: (looseL - liesL) * share,
      lostL: litres - looseL * share,
    };
  });
}

/** What a layer is bought as: its material, or the ingredient that is the same stuff. */
export function boughtFor(
  layer: Extract<Layer, { kind: "drainage" | "dressing" }>,
  library: Library,
): { shelf: "drainageMedia" | "dressings" | "ingredients"; id: string } {
  if (layer.kind === "drainage") return { shelf: "drainageMedia", id: layer.materialId };
  const { boughtAs } = library.get("dressings", layer.materialId);
  return boughtAs ? { shelf: "ingredients", id: boughtAs } : { shelf: "dressings", id: layer.materialId };
}

function layerSources(scene: Scene, layer: Layer): Source[] {
  const level = scene.ground.levelOf(layer.id);
  if (!level) return [];
  const { volumeL, looseL } = level;
  const where: Where = { on: "layer", layerId: layer.id };
  switch (layer.kind) {
    case "drainage":
    case "dressing": {
      const bought = boughtFor(layer, scene.library);
      return [{ ...bought, where, share: 1, liesL: volumeL, settlesL: looseL - volumeL, lostL: 0 }];
    }
    case "soil":
      return mixSources(scene, layer.mixId, where, volumeL, looseL);
    default:
      return [];
  }
}

/** What hollow pieces are filled with. */
function fillingSources(scene: Scene): Source[] {
  const { habitat, ground, library } = scene;
  return ground.solids.flatMap(({ piece, fillL }) => {
    if (!piece?.fillMixId || fillL <= 0) return [];
    const settles = mixtureOf(habitat, piece.fillMixId, library)?.settlesPct ?? 0;
    const where: Where = { on: "piece", pieceId: piece.id };
    return mixSources(scene, piece.fillMixId, where, fillL, pouredFor(fillL, settles));
  });
}

/** Rosettes sit on bare wood, and mosses are pressed on; what else is tied up gets a pad of moss round its roots. */
const WITHOUT_PAD: readonly string[] = ["moss", "rosette", "lichen"];

function padSources({ habitat, library }: Scene): Source[] {
  const mounted = habitat.plants.filter((stand) => {
    const plant = library.get("plants", stand.plantId);
    return stand.inId === null && spotOf(plant, stand) === "wood" && !WITHOUT_PAD.includes(plant.form);
  });
  const { length: count } = mounted;
  if (count === 0) return [];
  const liesL = count * rule("mossPadL");
  return [
    { shelf: "ingredients", id: "sphagnum", where: { on: "mounts", count }, share: 1, liesL, settlesL: 0, lostL: 0 },
  ];
}

/**
 * Where everything that is poured goes, and how much of it: the layers from the glass up, fillings, pads under what is
 * tied to wood.
 *
 * @example looseSources(scene).filter(({ id }) => id === "coir").map(pouredL) // [12.4, 0.8]
 */
export const looseSources = (scene: Scene): Source[] =>
  [
    ...scene.habitat.strata.layers.flatMap((layer) => layerSources(scene, layer)),
    ...fillingSources(scene),
    ...padSources(scene),
  ].filter((source) => pouredL(source) > 0);
