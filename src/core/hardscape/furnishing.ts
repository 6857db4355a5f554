import type { Animal, PieceRole, Plant, Refuge, WaterKind } from "../catalog";
import { grownHeightCm, grownSpreadCm } from "../grown";
import type { Piece } from "../habitat";
import type { Setting } from "../scene";
import { contains } from "../shape";
import type { Ground, Solid } from "../strata";
import { leastHideCm, wholeCm, type Stage } from "./hideSize";
import { isDampUnder, isHalfBuried, isLee, isLying } from "./shelters";

const REFUGE_CODES = ["crevice", "corkTubeHigh", "leafTangle", "burrow", "waterPlants", "mossBed"] as const;
export type RefugeCode = (typeof REFUGE_CODES)[number];
export const FURNISHING_CODES = [
  "hideWarm",
  "hideCool",
  "hideAny",
  "humidHide",
  "climb",
  "basking",
  "bowl",
  ...REFUGE_CODES,
] as const;
export type FurnishingCode = (typeof FURNISHING_CODES)[number];

/** Something an animal wants to find in its box, how much of it there is, and of hides how long one must be, cm. */
export type Furnishing = { code: FurnishingCode; needCount: number; haveCount: number; leastCm?: number };

/** Basking places this far apart in height count as two temperatures; in a low box a tenth of its height does. */
const HEIGHTS_APART_CM = 5;
export const heightsApartCm = (boxHeightCm: number): number => Math.min(HEIGHTS_APART_CM, boxHeightCm / 10);

/** How many clearly different heights there are among some. */
function distinctHeights(heightsCm: readonly number[], apartCm: number): number {
  return heightsCm
    .toSorted((a, b) => a - b)
    .reduce<number[]>(
      (kept, cm) => (kept.length === 0 || cm - (kept.at(-1) ?? 0) >= apartCm ? [...kept, cm] : kept),
      [],
    ).length;
}

/** What stands in the box to be counted: pieces by what they are for, and plants by their kind. */
type Standing = Setting & { plantIds: readonly string[]; stage: Stage };

/** Held by a wall, or set into what is built on one. */
const isOnWall = (piece: Solid["piece"]): boolean => piece?.rest.on === "wall" || piece?.rest.on === "inWall";

const having = ({ ground }: Standing, role: PieceRole): Solid[] =>
  ground.solids.filter((solid) => solid.piece && solid.kind.roles.includes(role));

/** What is made to hide in, on the ground: a tube that stands on end is one for climbers, not for the ground. */
function isGroundHide({ piece, kind }: Solid): boolean {
  if (!piece || !kind.roles.includes("hide") || isOnWall(piece)) return false;
  return kind.form !== "tube" || isLying(kind, piece);
}

/** Whether the animal lies in it whole, a hair's breadth aside. */
const isLongEnough = ({ piece }: Solid, { animal, stage }: Standing): boolean =>
  piece !== undefined &&
  Math.max(piece.widthCm, piece.depthCm, piece.tilt ? piece.heightCm : 0) + HAIR_CM >= leastHideCm(animal, stage);

/** Hides, the dry lee under what leans, and what is half buried. */
const hidesIn = (scene: Standing): Solid[] =>
  scene.ground.solids.filter(
    (solid) =>
      isLongEnough(solid, scene) &&
      (isGroundHide(solid) || isLee(solid, scene.ground) || isHalfBuried(solid, scene.ground)),
  );

/** What lets less than this through shades what is under it. Rincon's own. */
const SHADES_PCT = 50;

/** Whether nothing hangs over it that keeps a lamp's warmth out. */
const isOpenAbove = ({ id, piece, topCm }: Solid, { solids }: Ground): boolean =>
  piece !== undefined &&
  solids.every(
    (other) =>
      other.id === id ||
      other.kind.solidPct < SHADES_PCT ||
      other.baseCm < topCm - HAIR_CM ||
      !contains(other.outline, [piece.xCm, piece.yCm]),
  );

/** Places to bask on that a lamp can shine on. @example baskingOn(ground).length // 2 */
export const baskingOn = (ground: Ground): Solid[] =>
  ground.solids.filter((solid) => solid.piece && solid.kind.roles.includes("basking") && isOpenAbove(solid, ground));

const HAIR_CM = 0.1;

/** Hides that are kept moist, and the damp under what is half buried. */
const humidHides = (scene: Standing): Solid[] =>
  scene.ground.solids.filter(
    (solid) =>
      isLongEnough(solid, scene) &&
      (solid.kind.roles.includes("humidHide") || (isHalfBuried(solid, scene.ground) && isDampUnder(solid, scene))),
  );

/** Narrower gaps are no refuge. Rincon's own. */
const LEAST_GAP_CM = 0.5;

/** Gaps between the slabs of a pile. @example crevicesOf({ count: 5, gapCm: 1.2 }) // 4 */
export const crevicesOf = (slabs: Piece["slabs"]): number =>
  slabs && slabs.gapCm >= LEAST_GAP_CM ? slabs.count - 1 : 0;

/** Gaps of a pile that are over the ground: what is under it is full of soil. */
function openCrevices({ piece, baseCm, topCm }: Solid, { surfaceAt }: Ground): number {
  if (!piece?.slabs) return 0;
  const over = (topCm - surfaceAt(piece.xCm, piece.yCm)) / Math.max(HAIR_CM, topCm - baseCm);
  return Math.floor(crevicesOf(piece.slabs) * Math.min(1, Math.max(0, over)) + HAIR_CM);
}

/** Deep tubes to dig in: only what is filled. */
const filledTubes = (scene: Standing): number =>
  having(scene, "deepTube").filter(({ piece }) => piece?.fillMixId != null).length;

/** Leaves one gets lost in. */
const TANGLES: readonly Plant["form"][] = ["bushy", "trailing", "fern", "palm", "rosette"];
const TANGLE_LEAVES = 2;
/** Leaves so far across hide whatever goes into them: from memory. */
const LARGE_LEAVES_CM = 30;

/** Whether an animal can get lost in the leaves of a plant, once it is grown. */
export function leavesToHideIn(plant: Plant, animal: Animal, stage: Stage): boolean {
  const acrossCm = Math.max(grownHeightCm(plant), grownSpreadCm(plant));
  return TANGLES.includes(plant.form) && acrossCm >= Math.min(LARGE_LEAVES_CM, wholeCm(animal, stage));
}

const leafy = (kinds: readonly Plant[], { animal, stage }: Standing): number =>
  kinds.filter((plant) => leavesToHideIn(plant, animal, stage)).length;

/** How many refuges of a kind there are. A tangle is made of leaves of more than one plant. */
function countOf({ kind, count }: Refuge, scene: Standing): number {
  const { ground, library, animal, plantIds } = scene;
  const kinds = plantIds.map((id) => library.get("plants", id));
  switch (kind) {
    case "groundHide":
      return hidesIn(scene).length;
    case "humidHide":
      return humidHides(scene).length;
    case "crevice":
      return ground.solids.reduce((sum, solid) => sum + openCrevices(solid, ground), 0);
    case "corkTubeHigh":
      return ground.solids.filter(({ piece, kind: { form } }) => form === "tube" && isOnWall(piece)).length;
    case "leafTangle":
      return Math.floor((leafy(kinds, scene) + having(scene, "leaves").length) / TANGLE_LEAVES);
    case "burrow":
      return ground.deepestSoilCm >= animal.soil.leastDepthCm ? count : filledTubes(scene);
    case "waterPlants":
      return kinds.filter(({ roots }) => roots === "submerged" || roots === "floating").length;
    case "mossBed":
      return kinds.filter(({ form }) => form === "moss").length + having(scene, "humidHide").length + mossLayers(scene);
    case "silkCorner":
      return count;
  }
}

const mossLayers = ({ ground, library }: Standing): number =>
  ground.terrain.patches.filter(
    ({ layer }) => layer.kind === "dressing" && library.get("dressings", layer.materialId).look.texture === "moss",
  ).length;

/** Hides on the ground, at the end where they are wanted: the warm end is on the left. */
function hidesWanted({ count, where }: Refuge, scene: Standing, widthCm: number): Furnishing[] {
  const hides = hidesIn(scene);
  const leastCm = leastHideCm(scene.animal, scene.stage);
  const warm = hides.filter(({ piece }) => piece && piece.xCm <= widthCm / 2).length;
  const atWarm: Furnishing = { code: "hideWarm", needCount: 1, haveCount: warm, leastCm };
  const atCool: Furnishing = { code: "hideCool", needCount: 1, haveCount: hides.length - warm, leastCm };
  if (where === "warm") return [{ ...atWarm, needCount: count }];
  if (where === "cool") return [{ ...atCool, needCount: count }];
  if (where === "both" || count > 1) return [atWarm, atCool];
  return [{ code: "hideAny", needCount: count, haveCount: hides.length, leastCm }];
}

/**
 * What the animal's entry asks of the hardscape against what stands there: refuges by kind, spans to climb, basking
 * places, at two heights for a climber that wants several.
 *
 * @example furnishing(scene, ["nervePlant"], undefined) // [{ code: "hideWarm", needCount: 1, haveCount: 0 }, …]
 */
export function furnishing(setting: Setting, plantIds: readonly string[], stage: Stage): Furnishing[] {
  const { animal, habitat } = setting;
  const { widthCm, heightCm } = habitat.shell;
  const scene = { ...setting, plantIds, stage };
  const refuges = animal.refuges.flatMap((refuge): Furnishing[] => {
    if (refuge.kind === "silkCorner") return [];
    if (refuge.kind === "groundHide") return hidesWanted(refuge, scene, widthCm);
    const counted = { code: refuge.kind, needCount: refuge.count, haveCount: countOf(refuge, scene) };
    return [refuge.kind === "humidHide" ? { ...counted, leastCm: leastHideCm(animal, stage) } : counted];
  });
  const { spans, baskingPlaces } = animal.perches;
  const places = baskingOn(scene.ground);
  const tops = places.map((solid) => solid.topCm);
  const climbs = animal.lives === "climbing" && baskingPlaces > 1;
  const basking = climbs ? distinctHeights(tops, heightsApartCm(heightCm)) : places.length;
  const climb: Furnishing = {
    code: "climb",
    needCount: Math.min(spans, SPANS_ASKED),
    haveCount: having(scene, "climb").length,
  };
  const bask: Furnishing = { code: "basking", needCount: Math.min(baskingPlaces, BASKING_ASKED), haveCount: basking };
  const bowls: Furnishing = {
    code: "bowl",
    needCount: BOWLS[animal.water.kind] ?? 0,
    haveCount: having(scene, "bowl").length,
  };
  return [...refuges, climb, bask, bowls].filter(({ needCount }) => needCount > 0);
}

/** Water that stands in a vessel; what an animal lives in is no bowl, and who drinks drops needs none. */
const BOWLS: Partial<Record<WaterKind, number>> = { bowl: 1, bathBowl: 1, pool: 1, twoPools: 2 };

/** More than these are wished for, and not missed: a plan is not scolded for want of a fifth twig. */
const SPANS_ASKED = 2;
const BASKING_ASKED = 2;
