import { weakMapMemoize } from "reselect";
import type { CatalogKind } from "../catalog";
import type { Library } from "../library";
import { areaCm2, bounds, isSimple, regionAreaCm2 } from "../shape";
import { checkShape } from "./checkShape";
import { mostThicknessCm, sideLengthCm } from "./walls";
import type { Problem, ProblemCode } from "./problem";
import type { Design, GearPiece, Mound, Opening, Piece, Shell, Treatment, Zone } from "./schema";

/** A hair of rounding is no trespass, cm. */
const HAIR_CM = 1e-6;
/** A hundredth of a figure may be lost to rounding at its edge. */
const NEARLY = 0.99;
/** Less of a wall than this is no wall. */
const LEAST_WALL_CM = 1;

const problem = (path: string, code: ProblemCode, id?: string): Problem =>
  id === undefined ? { path, code } : { path, code, id };
const when = (wrong: boolean, path: string, code: ProblemCode, id?: string): Problem[] =>
  wrong ? [problem(path, code, id)] : [];
const twice = (path: string, ids: readonly string[]): Problem[] =>
  ids.filter((id, at) => ids.indexOf(id) !== at).map((id) => problem(path, "twice", id));

/** Says whether an id leads somewhere in a library. */
const lookup =
  (library: Library) =>
  (path: string, kind: CatalogKind, id: string): Problem[] =>
    when(library.find(kind, id) === undefined, path, "unknown", id);

const checkBrief = weakMapMemoize((brief: Design["brief"], library: Library): Problem[] => {
  const known = lookup(library);
  return [
    ...known("brief.animalId", "animals", brief.animalId),
    ...brief.mates.flatMap((mate, at) => known(`brief.mates.${at}.animalId`, "animals", mate.animalId)),
    ...twice("brief.mates", [brief.animalId, ...brief.mates.map((mate) => mate.animalId)]),
  ];
});

const openingProblems = (shell: Shell, opening: Opening, path: string): Problem[] => [
  ...when(
    opening.acrossCm + opening.widthCm > sideLengthCm(shell, opening.wall) + HAIR_CM,
    `${path}.acrossCm`,
    "passesWall",
  ),
  ...when(opening.upCm + opening.heightCm > shell.heightCm + HAIR_CM, `${path}.upCm`, "passesWall"),
];

function treatmentProblems(shell: Shell, treatment: Treatment, path: string, library: Library): Problem[] {
  const known = lookup(library);
  const { treatmentId, finishId } = treatment;
  const kind = library.find("wallTreatments", treatmentId);
  return [
    ...known(`${path}.treatmentId`, "wallTreatments", treatmentId),
    ...(finishId === null ? [] : known(`${path}.finishId`, "wallFinishes", finishId)),
    ...when(finishId !== null && kind?.takesFinish === false, `${path}.finishId`, "takesNoFinish", treatmentId),
    ...when(
      treatment.thicknessCm > mostThicknessCm(shell, treatment.wall) + HAIR_CM,
      `${path}.thicknessCm`,
      "fillsHalf",
    ),
    ...when(treatment.fromCm > shell.heightCm - LEAST_WALL_CM, `${path}.fromCm`, "passesWall"),
  ];
}

function floorProblems({ floor, widthCm, depthCm }: Shell): Problem[] {
  if (floor.shape !== "polygon") return [];
  if (!isSimple(floor.points)) return [problem("shell.floor.points", "crossesItself")];
  const { left, right, front, back } = bounds(floor.points);
  const passes = left < -HAIR_CM || front < -HAIR_CM || right > widthCm + HAIR_CM || back > depthCm + HAIR_CM;
  return when(passes, "shell.floor.points", "passesBox");
}

const checkShell = weakMapMemoize((shell: Shell, library: Library): Problem[] => [
  ...lookup(library)("shell.buildId", "boxBuilds", shell.buildId),
  ...floorProblems(shell),
  ...shell.openings.flatMap((opening, at) => openingProblems(shell, opening, `shell.openings.${at}`)),
  ...shell.treatments.flatMap((treatment, at) =>
    treatmentProblems(shell, treatment, `shell.treatments.${at}`, library),
  ),
  ...twice(
    "shell.openings",
    shell.openings.map((opening) => opening.id),
  ),
  ...twice(
    "shell.treatments",
    shell.treatments.map((treatment) => treatment.wall),
  ),
]);

const overlap = (one: Zone, other: Zone): boolean => {
  const shared = regionAreaCm2({ inside: [one.points, other.points], outside: [] });
  return shared > (1 - NEARLY) * Math.min(areaCm2(one.points), areaCm2(other.points));
};

const checkZones = weakMapMemoize((zones: readonly Zone[], library: Library): Problem[] =>
  zones.flatMap((zone, at): Problem[] => {
    const path = `strata.zones.${at}`;
    if (!isSimple(zone.points)) return [problem(`${path}.points`, "crossesItself", zone.name)];
    const { retaining } = zone;
    const kind = retaining && library.find("pieceKinds", retaining.kindId);
    return [
      ...zones
        .slice(0, at)
        .filter((other) => isSimple(other.points) && overlap(zone, other))
        .map((other) => problem(`${path}.points`, "overlapsZone", other.name)),
      ...(retaining ? lookup(library)(`${path}.retaining.kindId`, "pieceKinds", retaining.kindId) : []),
      ...when(!!kind && !kind.roles.includes("retaining"), `${path}.retaining.kindId`, "holdsNothing", kind?.id),
    ];
  }),
);

const moundProblems = (mound: Mound, path: string): Problem[] => [
  ...when(mound.topRadiusCm > mound.radiusCm, `${path}.topRadiusCm`, "topWiderThanFoot"),
  ...when(mound.form === "dome" && mound.heightCm > mound.radiusCm, `${path}.heightCm`, "domeTooHigh"),
];

const MATERIALS = {
  drainage: "drainageMedia",
  falseBottom: "falseBottoms",
  barrier: "barriers",
  dressing: "dressings",
} as const;

const checkStrata = weakMapMemoize(
  ({ layers, zones }: Design["strata"], mixes: Design["mixes"], library: Library): Problem[] => {
    const zoneIds = zones.map((zone) => zone.id);
    const inLayer = layers.flatMap((layer, at): Problem[] => {
      const path = `strata.layers.${at}`;
      const { over } = layer;
      const lost =
        over.on === "zone" && !zoneIds.includes(over.zoneId) ? [problem(`${path}.over`, "unknown", over.zoneId)] : [];
      if (layer.kind !== "soil")
        return [...lost, ...lookup(library)(`${path}.materialId`, MATERIALS[layer.kind], layer.materialId)];
      return [
        ...lost,
        ...when(!mixes.some((mix) => mix.id === layer.mixId), `${path}.mixId`, "unknown", layer.mixId),
        ...layer.mounds.flatMap((mound, n) => moundProblems(mound, `${path}.mounds.${n}`)),
        ...twice(
          `${path}.mounds`,
          layer.mounds.map((mound) => mound.id),
        ),
      ];
    });
    return [
      ...inLayer,
      ...checkZones(zones, library),
      ...twice("strata.zones", zoneIds),
      ...twice(
        "strata.layers",
        layers.map((layer) => layer.id),
      ),
    ];
  },
);

const checkMixes = weakMapMemoize((mixes: Design["mixes"], library: Library): Problem[] => [
  ...mixes.flatMap((mix, at) =>
    mix.parts.flatMap((part, n) =>
      lookup(library)(`mixes.${at}.parts.${n}.ingredientId`, "ingredients", part.ingredientId),
    ),
  ),
  ...mixes.flatMap((mix, at) =>
    twice(
      `mixes.${at}.parts`,
      mix.parts.map((part) => part.ingredientId),
    ),
  ),
  ...twice(
    "mixes",
    mixes.map((mix) => mix.id),
  ),
]);

/** What a piece is glued to is there, and is not glued to it in turn. */
function heldProblems(piece: Piece, pieceId: string, pieces: readonly Piece[], path: string): Problem[] {
  const at = `${path}.rest.pieceId`;
  const below = new Set([piece.id]);
  for (let id: string | undefined = pieceId; id !== undefined;) {
    if (below.has(id)) return [problem(at, "holdsItself", piece.kindId)];
    below.add(id);
    const holder = pieces.find((other) => other.id === id);
    if (!holder) return [problem(at, "unknown", pieceId)];
    id = holder.rest.on === "piece" ? holder.rest.pieceId : undefined;
  }
  return [];
}

const checkPieces = weakMapMemoize((pieces: Design["pieces"], mixes: Design["mixes"], library: Library): Problem[] => [
  ...pieces.flatMap((piece, at): Problem[] => {
    const kind = library.find("pieceKinds", piece.kindId);
    const { fillMixId } = piece;
    const fillable = kind?.hollow?.opensTo === "soil";
    const path = `pieces.${at}`;
    const { rest } = piece;
    return [
      ...lookup(library)(`${path}.kindId`, "pieceKinds", piece.kindId),
      ...when(!!kind && (piece.slabs !== null) !== (kind.form === "slabs"), `${path}.slabs`, "invalid", piece.kindId),
      ...(rest.on === "piece" ? heldProblems(piece, rest.pieceId, pieces, path) : []),
      ...when(!!kind && fillMixId !== null && !fillable, `${path}.fillMixId`, "takesNoFilling", piece.kindId),
      ...when(
        fillMixId !== null && !mixes.some((mix) => mix.id === fillMixId),
        `${path}.fillMixId`,
        "unknown",
        fillMixId ?? "",
      ),
    ];
  }),
  ...twice(
    "pieces",
    pieces.map((piece) => piece.id),
  ),
]);

/** What stands in a piece needs that piece, and one that is open above. */
const checkPlanted = weakMapMemoize((plants: Design["plants"], pieces: Design["pieces"], library: Library): Problem[] =>
  plants.flatMap(({ inId }, at): Problem[] => {
    if (inId === null) return [];
    const piece = pieces.find(({ id }) => id === inId);
    const holds = piece && library.find("pieceKinds", piece.kindId)?.hollow?.opensTo === "soil";
    return when(!holds, `plants.${at}.inId`, piece ? "takesNoFilling" : "unknown", inId);
  }),
);

const checkPlants = weakMapMemoize((plants: Design["plants"], library: Library): Problem[] => [
  ...plants.flatMap((stand, at) => lookup(library)(`plants.${at}.plantId`, "plants", stand.plantId)),
  ...twice(
    "plants",
    plants.map((stand) => stand.id),
  ),
]);

const checkCrew = weakMapMemoize((crew: Design["crew"], library: Library): Problem[] => [
  ...crew.flatMap((seeding, at) => lookup(library)(`crew.${at}.crewId`, "crew", seeding.crewId)),
  ...twice(
    "crew",
    crew.map((seeding) => seeding.crewId),
  ),
]);

const checkStarters = weakMapMemoize((starters: Design["starters"], library: Library): Problem[] => [
  ...starters.flatMap(({ supplyId }, at) => {
    const starts = library.find("supplies", supplyId)?.startsPerM2 !== undefined;
    return when(!starts, `starters.${at}.supplyId`, "unknown", supplyId);
  }),
  ...twice(
    "starters",
    starters.map(({ supplyId }) => supplyId),
  ),
]);

/** What it is plugged into is there, and is not fed by itself. */
function wiring({ id, feedId }: GearPiece, path: string, gear: Design["gear"]): Problem[] {
  if (feedId === null) return [];
  const feeds = new Map(gear.map((piece) => [piece.id, piece.feedId]));
  if (!feeds.has(feedId)) return [{ path: `${path}.feedId`, code: "unknown", id: feedId }];
  const met = new Set([id]);
  for (let next: string | null = feedId; next !== null; next = feeds.get(next) ?? null) {
    if (met.has(next)) return [{ path: `${path}.feedId`, code: "feedsItself", id: feedId }];
    met.add(next);
  }
  return [];
}

const SECONDS_A_DAY = 24 * 60 * 60;

/** No schedule is longer than its day. */
function switching(run: GearPiece["run"], path: string): Problem[] {
  if (run.by === "cycle" && run.onMin > run.everyMin)
    return [{ path: `${path}.onMin`, code: "outOfRange", most: run.everyMin }];
  const most = run.by === "bursts" ? Math.floor(SECONDS_A_DAY / run.atMin.length) : Infinity;
  return run.by === "bursts" && run.forS > most ? [{ path: `${path}.forS`, code: "outOfRange", most }] : [];
}

const checkGear = weakMapMemoize((gear: Design["gear"], library: Library): Problem[] => [
  ...gear.flatMap((piece, at) => lookup(library)(`gear.${at}.kindId`, "gear", piece.kindId)),
  ...gear.flatMap((piece, at) => wiring(piece, `gear.${at}`, gear)),
  ...gear.flatMap(({ run }, at) => switching(run, `gear.${at}.run`)),
  ...twice(
    "gear",
    gear.map((piece) => piece.id),
  ),
]);

const checkOwn = weakMapMemoize((own: Design["own"]): Problem[] =>
  Object.entries(own).flatMap(([kind, entries]) =>
    twice(
      `own.${kind}`,
      entries.map((item) => item.id),
    ),
  ),
);

/**
 * Every invariant of a design that its schema cannot see: each id leads somewhere and none is used twice, outlines are
 * proper figures within the box and apart, openings lie in their walls, walls leave room, heaps have a shape. Each part
 * is checked again only when it changed.
 *
 * @param library one that holds what the design carries
 * @example checkHabitat(startHabitat(start, STOCK), STOCK) // []
 */
export const checkHabitat = (design: Design, library: Library): Problem[] => [
  ...checkBrief(design.brief, library),
  ...checkShell(design.shell, library),
  ...checkStrata(design.strata, design.mixes, library),
  ...checkMixes(design.mixes, library),
  ...checkPieces(design.pieces, design.mixes, library),
  ...checkPlants(design.plants, library),
  ...checkPlanted(design.plants, design.pieces, library),
  ...checkCrew(design.crew, library),
  ...checkStarters(design.starters, library),
  ...checkGear(design.gear, library),
  ...checkOwn(design.own),
];

/**
 * All that is wrong with a design: what its schema sees, and, where it has its shape, what that cannot see. What passes
 * here can be written, exported, backed up and read again.
 */
export function problemsIn(design: Design, library: Library): Problem[] {
  const misshapen = checkShape(design);
  return misshapen.length > 0 ? misshapen : checkHabitat(design, library);
}
