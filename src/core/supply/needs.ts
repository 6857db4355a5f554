import type { CatalogKind, Gear } from "../catalog";
import { fitted, placeOf } from "../gear";
import type { Design, Layer, Treatment } from "../habitat";
import type { Scene } from "../scene";
import { panelSize, sealOf, wallWork } from "../shell";
import { cutSheets, mouldedL, setInL, type Solid } from "../strata";
import type { Amount } from "./bins";
import { looseSources, pouredL } from "./sources";

export type Need = { shelf: CatalogKind; id: string; amount: Amount };

/** Two amounts of one thing as one; undefined where they do not add up, as two sheets do not. */
function sumOf(one: Amount, other: Amount): Amount | undefined {
  if (one.kind === "loose" && other.kind === "loose") return { ...one, looseL: one.looseL + other.looseL };
  if (one.kind === "pieces" && other.kind === "pieces") return { ...one, count: one.count + other.count };
  if (one.kind === "length" && other.kind === "length") return { ...one, lengthCm: one.lengthCm + other.lengthCm };
  return undefined;
}

function addUp(needs: readonly Need[]): Need[] {
  const byThing = new Map<string, Need>();
  for (const need of needs) {
    const key = `${need.shelf}/${need.id}/${need.amount.kind}`;
    const before = byThing.get(key);
    const amount = before && sumOf(before.amount, need.amount);
    if (amount) byThing.set(key, { ...need, amount });
    else byThing.set(before ? `${key}/${byThing.size}` : key, need);
  }
  return [...byThing.values()];
}

const looseNeed = (shelf: CatalogKind, id: string, looseL: number): Need[] =>
  looseL > 0 ? [{ shelf, id, amount: { kind: "loose", looseL } }] : [];
const pieceNeed = (shelf: CatalogKind, id: string, count: number): Need[] =>
  count > 0 ? [{ shelf, id, amount: { kind: "pieces", count } }] : [];

/** The paint a finish is made of, as one asks for it in the shop. */
const PAINTS: Record<string, string> = { cementPaint: "cementPaint", plasterPaint: "wallPaint", epoxyPutty: "putty" };

const sheetNeed = (shelf: CatalogKind, id: string, size: { widthCm: number; depthCm: number }): Need => ({
  shelf,
  id,
  amount: { kind: "sheet", widthCm: size.widthCm, depthCm: size.depthCm },
});

/** The sheet a wall is built from, where it is one. */
const PANELS: Record<string, string> = { corkPanel: "corkSheet", removablePanel: "rigidPanel" };

function wallNeeds(scene: Scene, treatment: Treatment): Need[] {
  const { habitat, library } = scene;
  const { shell } = habitat;
  const work = wallWork(shell, treatment, library, setInL(scene, treatment));
  const panel = PANELS[treatment.treatmentId];
  const size = panelSize(shell, treatment);
  return [
    ...pieceNeed("supplies", "foamCan", work.foamCans),
    ...pieceNeed("supplies", "siliconeCartridge", work.cartridges),
    ...looseNeed("supplies", PAINTS[treatment.finishId ?? ""] ?? "wallPaint", work.paintL),
    ...looseNeed("ingredients", "coir", work.fibreL),
    ...looseNeed("supplies", "sculptingClay", work.clayL),
    ...(panel && work.sheetCm2 > 0
      ? [sheetNeed("supplies", panel, { widthCm: size.widthCm, depthCm: size.heightCm })]
      : []),
  ];
}

/** What bare boards are sealed with. */
function sealNeed({ habitat, library }: Scene): Need[] {
  return looseNeed("supplies", "woodSealer", sealOf(habitat.shell, library)?.paintL ?? 0);
}

/** A plate, and the pipe its legs are cut from; a grid on foam stands without legs. */
function plateNeeds({ ground }: Scene, layer: Extract<Layer, { kind: "falseBottom" }>): Need[] {
  const legs = ground.legs.find((plan) => plan.layerId === layer.id);
  if (!legs) return [];
  const pipe: Need = { shelf: "supplies", id: "legPipe", amount: { kind: "length", lengthCm: legs.pipeCm } };
  return [
    sheetNeed("falseBottoms", layer.materialId, legs.plate),
    ...(layer.materialId === "gridOnFoam" ? [] : [pipe]),
  ];
}

/** What is not poured: plates and sheets. */
function sheetNeeds(scene: Scene, layer: Layer): Need[] {
  if (layer.kind === "falseBottom") return plateNeeds(scene, layer);
  if (layer.kind !== "barrier") return [];
  const sheet = cutSheets(scene.ground, scene.library).find((other) => other.layerId === layer.id);
  return sheet ? [sheetNeed("barriers", layer.materialId, sheet)] : [];
}

/** What starts the life in the soil, in its own unit. */
const starterNeed = ({ library }: Scene, { supplyId, amount }: Design["starters"][number]): Need[] =>
  library.get("supplies", supplyId).unit === "litres"
    ? looseNeed("supplies", supplyId, amount)
    : pieceNeed("supplies", supplyId, Math.ceil(amount));

/** A piece as a thing to buy, or what it is moulded of. */
function hardscapeNeeds(solid: Solid): Need[] {
  const { piece, kind } = solid;
  if (!piece) return [];
  return kind.mouldedOf
    ? looseNeed("supplies", kind.mouldedOf, mouldedL(solid))
    : pieceNeed("pieceKinds", piece.kindId, 1);
}

const BULBS: readonly Gear["purpose"][] = ["dayHeat", "nightHeat", "uv"];
const IN_HOLDERS: readonly string[] = ["aboveMesh", "insideGuarded"];
const HOLDER = "lampHolderReflector";

/** Each bulb wants a holder, unless one stands in the gear already; one that hangs inside wants a guard as well. */
function holderNeeds({ habitat, library }: Scene): Need[] {
  const all = fitted(habitat.gear, library);
  const bulbs = all.filter(
    ({ kind }) =>
      BULBS.includes(kind.purpose) &&
      kind.reference.beamDeg !== undefined &&
      kind.places.some((place) => IN_HOLDERS.includes(place)) &&
      kind.sizes.every(({ lengthCm, widthCm }) => lengthCm === undefined && widthCm === undefined),
  );
  const have = all.filter(({ kind }) => kind.id === HOLDER).length;
  const inside = bulbs.filter((one) => placeOf(one, habitat.shell) === "insideGuarded").length;
  const guards = all.filter(({ kind }) => kind.id === "lampGuard").length;
  return [...pieceNeed("gear", HOLDER, bulbs.length - have), ...pieceNeed("gear", "lampGuard", inside - guards)];
}

/**
 * All a habitat is built from, with the allowance for settling: what to have at hand, before looking at what is in
 * stock.
 *
 * @example needs(scene).find((n) => n.id === "clayPebbles")?.amount // { kind: "loose", looseL: 14.85 }
 */
export function needs(scene: Scene): Need[] {
  const { shell, strata, plants, starters, crew, gear } = scene.habitat;
  return addUp([
    ...sealNeed(scene),
    ...shell.treatments.flatMap((treatment) => wallNeeds(scene, treatment)),
    ...strata.layers.flatMap((layer) => sheetNeeds(scene, layer)),
    ...looseSources(scene).flatMap((source) => looseNeed(source.shelf, source.id, pouredL(source))),
    ...scene.ground.solids.flatMap((solid) => hardscapeNeeds(solid)),
    ...strata.zones.flatMap(({ retaining }) => (retaining ? pieceNeed("pieceKinds", retaining.kindId, 1) : [])),
    ...plants.flatMap((stand) => pieceNeed("plants", stand.plantId, 1)),
    ...starters.flatMap((starter) => starterNeed(scene, starter)),
    ...crew.flatMap(({ crewId, count }) => pieceNeed("crew", crewId, count)),
    ...gear.flatMap(({ kindId }) => pieceNeed("gear", kindId, 1)),
    ...holderNeeds(scene),
  ]);
}
