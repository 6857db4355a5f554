import { rule, type Ingredient } from "../../catalog";
import { checkChemistry, worstStep, type Assessed, type Finding } from "../../findings";
import type { Command, Layer } from "../../habitat";
import { blend, pantryOf } from "../../mix";
import { one, type Draft, type Menders } from "../mender";

/** What is more than half lime is taken out; soils that hold a little stay. */
const MOSTLY_LIME_PCT = 50;

/** Takes some ingredients out of a mix, where what is left is a mix without that fault. */
function without(
  { about, code }: Pick<Finding, "about" | "code">,
  { habitat, library, animal }: Assessed,
  bad: (item: Ingredient) => boolean,
): Draft<object>[] {
  const mix = habitat.mixes.find(({ id }) => id === about);
  if (!mix) return [];
  const out = mix.parts.filter(({ ingredientId }) => bad(library.get("ingredients", ingredientId)));
  const rest = { ...mix, parts: mix.parts.filter((part) => !out.includes(part)) };
  const left = blend(rest.parts, pantryOf(library));
  if (!left || checkChemistry(rest, left, animal, library).some((still) => still.code === code)) return [];
  const removed = out.map(({ ingredientId }): Command => ({
    name: "removePart",
    args: { mixId: about, ingredientId },
  }));
  return one({}, ...removed);
}

const halfUp = (cm: number): number => Math.ceil(cm * 2) / 2;

export const groundMenders = {
  mixHurts: ({ about, quantities }) => {
    const { ingredientId } = quantities;
    const mixId = about.slice(0, -ingredientId.length - 1);
    return one({ ingredientId }, { name: "removePart", args: { mixId, ingredientId } });
  },
  mixLimed: (finding, assessed) => without(finding, assessed, ({ freeLimePct }) => freeLimePct >= MOSTLY_LIME_PCT),
  mixSeals: (finding, assessed) => without(finding, assessed, ({ swells }) => swells === "strongly"),
  soilInWater: () => one({}, { name: "setWaterLine", args: { waterLineCm: 0 } }),
  zoneOutside: ({ about, quantities }) => one({ zone: quantities.zone }, { name: "removeZone", args: { id: about } }),
  zoneUnheld: ({ about }, { habitat, ground, library }) => {
    const zone = habitat.strata.zones.find((other) => other.id === about);
    if (!zone) return [];
    const kind = library.get("pieceKinds", zone.retaining?.kindId ?? "corkWall");
    const thicknessCm = zone.retaining?.thicknessCm ?? kind.depthCm;
    const heightCm = halfUp(worstStep(zone, ground).high + 1);
    const retaining = { kindId: kind.id, thicknessCm, heightCm };
    return one({ kindId: kind.id, heightCm }, { name: "setZone", args: { id: about, retaining } });
  },
  drainageMissing: (_finding, { habitat }) => {
    const depthCm = rule("drainageDepthCm");
    const materialId = "clayPebbles";
    const bare = !habitat.strata.layers.some((layer) => layer.kind === "barrier");
    return one(
      { depthCm, materialId },
      { name: "addLayer", args: { layer: { id: "drainage-1", kind: "drainage", materialId, depthCm } } },
      ...(bare ? [LAY_BARRIER] : []),
      { name: "setWaterLine", args: { waterLineCm: rule("keptWaterLineCm") } },
    );
  },
  drainageInArid: (_finding, { habitat }) => {
    const wet: readonly Layer["kind"][] = ["drainage", "falseBottom", "barrier"];
    const layerIds = habitat.strata.layers.filter(({ kind }) => wet.includes(kind)).map(({ id }) => id);
    return one({}, { name: "removeLayers", args: { layerIds } }, { name: "setWaterLine", args: { waterLineCm: 0 } });
  },
  barrierMissing: () => one({ materialId: BARRIER_ID }, LAY_BARRIER),
} satisfies Partial<Menders>;

const BARRIER_ID = "insectScreen";
const LAY_BARRIER: Command = {
  name: "addLayer",
  args: { layer: { id: "barrier-1", kind: "barrier", materialId: BARRIER_ID } },
};
