import type { Gear, Range } from "../../catalog";
import type { Assessed } from "../../findings";
import { clearanceCm, fixtureOf, spanOf, wattsOf, type Fixture } from "../../gear";
import { surfaceC } from "../../climate";
import { baskingOn } from "../../hardscape";
import { uvIndexAt, uvLamps } from "../../light";
import { betweenPanes, usualGear, type GearPiece } from "../../habitat";
import { BESIDE_LAMP_CM, besideCm, standCm } from "../../outlook";
import { one, type Mender, type Menders } from "../mender";
import { isClear, placesAside } from "./apart";
import { freeId } from "./freeIds";
import { change, pieceAbout } from "./gear";
import { middle } from "../../range";

/** How near what comes is to what is wanted: nothing where the middle of the one lies within the other. */
const off = (got: Range, [low, high]: Range): number => {
  const mid = middle(got);
  return mid < low ? low - mid : mid > high ? mid - high : 0;
};
const nearest = <T extends { off: number }>(tries: readonly T[], most = 3): T[] =>
  tries.toSorted((a, b) => a.off - b.off).slice(0, most);

type Tried = { piece: GearPiece; kind: Gear };

/** Under which a lamp of its kind shines on what stands there. */
function under({ ground }: Assessed, { xCm, yCm, zCm }: Fixture) {
  return { xCm, yCm, zCm: standCm(ground, xCm, yCm, zCm) };
}

/** What basks would have under one lamp as it is tried. */
function basked(assessed: Assessed, { piece, kind }: Tried): Range {
  const fixture = fixtureOf({ piece, kind }, assessed.habitat.shell, assessed.ground.surfaceAt);
  return surfaceC([fixture], under(assessed, fixture), assessed.outlook.sizing.warmEndC);
}

/** UV index where it counts, with one lamp as it is tried and all others as they are. */
function lit(assessed: Assessed, tried: Tried): Range {
  const { habitat, ground, outlook, log } = assessed;
  const others = outlook.all.filter(({ piece }) => piece.id !== tried.piece.id);
  const lamps = uvLamps([...others, tried], habitat.shell, ground.surfaceAt, log.state, outlook.on);
  const fixture = fixtureOf(tried, habitat.shell, ground.surfaceAt);
  const meets = outlook.basking ?? outlook.perch;
  return uvIndexAt(lamps, meets?.at ?? under(assessed, fixture));
}

const HEIGHTS_TRIED = 30;

/** Heights a lamp may be hung at, cm, from the top down, over what stands under it. */
function heights({ habitat, ground }: Assessed, { xCm, yCm }: GearPiece): number[] {
  const top = habitat.shell.heightCm;
  const foot = standCm(ground, xCm, yCm, top) + 12;
  const room = Math.max(0, top - 4 - foot);
  return Array.from({ length: HEIGHTS_TRIED }, (_, n) => Math.round(top - 4 - (n * room) / HEIGHTS_TRIED));
}

const UV_KINDS = ["shadeUvTube", "linearUvTube", "strongUvTube"];

/** So far over the top a lamp that shines through the mesh is hung, cm. */
const overTop = (topCm: number): number[] => Array.from({ length: 20 }, (_, n) => topCm + 2 + n * 3);

/** Where a tube may hang: under the lid from the top down, or over the mesh, where what basks is near the top. */
function tubePlaces(assessed: Assessed, kind: Gear, piece: GearPiece) {
  const under = [null, ...heights(assessed, piece)].map((upCm) => ({ upCm, place: "insideTop" as const }));
  if (!kind.places.includes("aboveMesh")) return under;
  const over = overTop(assessed.habitat.shell.heightCm).map((upCm) => ({ upCm, place: "aboveMesh" as const }));
  return [...under, ...over];
}

/** So many places for a tube are tried, the nearest to what basks first. */
const TUBE_PLACES = 4;

/**
 * A tube of a kind at each height, over what basks or aside of what hangs there, with how near it comes: where it usually
 * hangs first.
 */
function tubesNear(assessed: Assessed, kind: Gear, wanted: Range, usual: GearPiece) {
  const { habitat, outlook } = assessed;
  const at = outlook.basking?.at ?? usual;
  const over = { xCm: Math.round(at.xCm), yCm: Math.round(at.yCm) };
  const far = ({ xCm, yCm }: typeof over) => Math.hypot(xCm - at.xCm, yCm - at.yCm);
  const places = [over, ...placesAside(habitat)].toSorted((a, b) => far(a) - far(b));
  const hangs = (along: typeof over): Tried[] => {
    const piece = { ...usual, ...along };
    const placed = { ...piece, ...betweenPanes(piece, spanOf({ piece, kind }), habitat.shell) };
    return tubePlaces(assessed, kind, placed)
      .map((at) => ({ piece: { ...placed, ...at }, kind }))
      .filter((tried) => isClear(assessed, tried));
  };
  const free = places.map((along) => hangs(along)).filter((clear) => clear.length > 0);
  return free
    .slice(0, TUBE_PLACES)
    .flatMap((clear) => clear.map((tried, step) => ({ ...tried, step, off: off(lit(assessed, tried), wanted) })))
    .toSorted((a, b) => a.step - b.step);
}

/** A new tube, of the kind, at the place and at the height that come nearest. */
function newTube(assessed: Assessed, wanted: Range) {
  const { habitat, library, animal } = assessed;
  const id = freeId(habitat.gear, "uv-tube");
  const tries = UV_KINDS.flatMap((kindId) => {
    const kind = library.get("gear", kindId);
    return tubesNear(assessed, kind, wanted, usualGear(habitat, kind, animal, { id }));
  });
  const asUsual = tries.toSorted((a, b) => a.step - b.step);
  return nearest(asUsual).flatMap(({ piece }) =>
    one({ kindId: piece.kindId, variant: "hang" as const }, { name: "addGear", args: { ...piece } }),
  );
}

/** The lamp that is there, hung lower under the lid or higher over it. */
function hung(assessed: Assessed, lamp: Fixture, wanted: Range, way: "lower" | "raise") {
  const { habitat } = assessed;
  const piece = pieceAbout(assessed, lamp.piece.id);
  if (!piece) return [];
  const top = habitat.shell.heightCm;
  const over = overTop(top).map((upCm) => ({ upCm, place: "aboveMesh" as const }));
  const under = heights(assessed, piece).map((upCm) => ({ upCm, place: "insideTop" as const }));
  const at =
    way === "lower"
      ? [...over, ...under].filter(({ upCm }) => upCm < lamp.zCm)
      : over.filter(({ upCm }) => upCm > lamp.zCm);
  const tries = at
    .filter(({ place }) => lamp.kind.places.includes(place))
    .filter((hangs) => isClear(assessed, { piece: { ...piece, ...hangs }, kind: lamp.kind }))
    .map((hangs) => ({
      hangs,
      off: off(lit(assessed, { piece: { ...piece, ...hangs }, kind: lamp.kind }), wanted),
    }));
  return nearest(tries).flatMap(({ hangs }) => one({ upCm: hangs.upCm, variant: way }, change(piece.id, hangs)));
}

/** The tube that is there, hung beside where it basks. */
function movedNear(assessed: Assessed, { piece, kind }: Fixture, wanted: Range) {
  if (!UV_KINDS.includes(kind.id)) return [];
  return nearest(tubesNear(assessed, kind, wanted, piece)).flatMap(({ piece: { xCm, yCm, upCm, place } }) =>
    one({ variant: "move" as const }, change(piece.id, { xCm, yCm, upCm, place })),
  );
}

/** A weaker or a stronger kind where it hangs. */
function swapped(assessed: Assessed, lamp: Fixture, wanted: Range) {
  const { library } = assessed;
  const piece = pieceAbout(assessed, lamp.piece.id);
  if (!piece || !UV_KINDS.includes(piece.kindId)) return [];
  const tries = UV_KINDS.filter((id) => id !== piece.kindId).map((kindId) => ({
    kindId,
    off: off(lit(assessed, { piece: { ...piece, kindId }, kind: library.get("gear", kindId) }), wanted),
  }));
  return nearest(tries, 1).flatMap(({ kindId }) =>
    one({ kindId, variant: "swap" as const }, change(piece.id, { kindId })),
  );
}

/** Sizes of a lamp that warms, by how near they bring what basks. */
function sized(assessed: Assessed, tried: Tried, wanted: Range): number[] {
  const watts = [...new Set(tried.kind.sizes.flatMap((size) => size.watts ?? []))];
  const tries = watts.map((powerW) => ({
    powerW,
    off: off(basked(assessed, { ...tried, piece: { ...tried.piece, powerW } }), wanted),
  }));
  return nearest(tries).map(({ powerW }) => powerW);
}

/** How far over the top a new lamp may hang, cm; nothing: on it. */
const OVER_TOP = [null, 8, 16, 26] as const;

/** In a high box a lamp over the top is far from what basks: guarded, it hangs inside, so far over it. */
const INSIDE_OVER_CM = [35, 45, 60] as const;

function hangingHeights(assessed: Assessed, kind: Gear, at: { xCm?: number; yCm?: number }) {
  const { habitat, ground } = assessed;
  const { shell } = habitat;
  const over = OVER_TOP.map((cm) => ({ upCm: cm === null ? null : shell.heightCm + cm, place: null }));
  if (!kind.places.includes("insideGuarded")) return over;
  const footCm = standCm(ground, at.xCm ?? shell.widthCm * 0.2, at.yCm ?? shell.depthCm / 2, shell.heightCm);
  const inside = INSIDE_OVER_CM.map((cm) => Math.round(footCm + cm)).filter((upCm) => upCm < shell.heightCm - 10);
  return [...over, ...inside.map((upCm) => ({ upCm, place: "insideGuarded" as const }))];
}

/** A lamp over each thing to bask on, where such a lamp usually stands, or aside of what hangs there; the best first. */
function newLamp(assessed: Assessed, wanted: Range) {
  const { habitat, library, animal, ground } = assessed;
  const kind = library.get("gear", "halogenLamp");
  const over = baskingOn(ground).flatMap(({ piece }) =>
    piece ? [{ xCm: Math.round(piece.xCm), yCm: Math.round(piece.yCm) }] : [],
  );
  const places = [
    ...over.map((at) => ({ ...at, isOver: true })),
    ...[{}, ...placesAside(habitat)].map((at) => ({ ...at, isOver: false })),
  ];
  const watts = kind.sizes.flatMap((size) => size.watts ?? []);
  const id = freeId(habitat.gear, "basking-lamp");
  const tries = places.flatMap(({ isOver, ...at }) =>
    hangingHeights(assessed, kind, at).flatMap(({ upCm, place }) =>
      watts.flatMap((powerW) => {
        const piece = { ...usualGear(habitat, kind, animal, { id, ...at }), powerW, upCm, place };
        const fixture = fixtureOf({ piece, kind }, habitat.shell, ground.surfaceAt);
        if (fixture.zCm - under(assessed, fixture).zCm < clearanceCm(powerW)) return [];
        if (!isClear(assessed, { piece, kind })) return [];
        const got = basked(assessed, { piece, kind });
        return [{ piece, powerW, isOver, coolest: got[0], warmest: got[1], off: off(got, wanted) }];
      }),
    ),
  );
  // On a thermostat a strong lamp is only as warm as it is set: over what is there to bask on, the weakest that comes up to it.
  const enough = tries
    .filter(({ coolest }) => coolest >= wanted[0])
    .toSorted((a, b) => Number(b.isOver) - Number(a.isOver) || a.powerW - b.powerW);
  return [...enough.slice(0, 3), ...nearest(tries, 1)].flatMap(({ piece, warmest }) =>
    hangOne(assessed, piece, wanted, warmest),
  );
}

/** A lamp on a dimming thermostat that feels where it shines, set to the middle of what is wanted. */
function hangOne(assessed: Assessed, piece: GearPiece, wanted: Range, warmestC: number) {
  const { habitat, library, ground } = assessed;
  const kind = library.get("gear", piece.kindId);
  const at = under(assessed, fixtureOf({ piece, kind }, habitat.shell, ground.surfaceAt));
  const id = freeId(habitat.gear, "basking-thermostat");
  const probe = { xCm: at.xCm, yCm: at.yCm, upCm: Math.round(at.zCm + 1) };
  const dayC = Math.round(Math.max(wanted[0], Math.min(middle(wanted), Math.floor(warmestC))));
  const held = { dayC, nightC: null, alarmLowC: null, alarmHighC: wanted[1] + 5 };
  const run: GearPiece["run"] = { by: "warmth", fromMin: 8 * 60, untilMin: 20 * 60, ...held };
  return one(
    { kindId: piece.kindId, loadW: piece.powerW ?? 0, variant: "hang" as const },
    { name: "addGear", args: { id, kindId: "dimmingThermostat", probe } },
    { name: "addGear", args: { ...piece, feedId: id, run } },
  );
}

/** A lamp over the top stands so far off the mesh. */
const OVER_MESH_CM = 4;

/** Hung where nothing stands beside it, at the height it hangs; or over the top. */
function clearOfSides({ habitat, ground }: Assessed, { piece, kind, zCm }: Fixture) {
  const { shell } = habitat;
  const free = placesAside(habitat).find((at) => besideCm(ground, { ...at, zCm }) >= BESIDE_LAMP_CM);
  const aside = free ? one({ upCm: zCm, variant: "aside" as const }, change(piece.id, free)) : [];
  const upCm = shell.heightCm + OVER_MESH_CM;
  const over = kind.places.includes("aboveMesh")
    ? one({ upCm, variant: "over" as const }, change(piece.id, { upCm, place: "aboveMesh" }))
    : [];
  return [...aside, ...over];
}

const warmest = ({ outlook }: Assessed) =>
  outlook.all.filter(({ kind }) => kind.purpose === "dayHeat").toSorted((a, b) => wattsOf(b) - wattsOf(a))[0];

export const baskingMended: Mender<"baskingOff"> = ({ quantities }, assessed) => {
  const wanted: Range = [quantities.wantLowC, quantities.wantHighC];
  const lamp = warmest(assessed);
  if (quantities.variant === "noLamp" || !lamp) return newLamp(assessed, wanted);
  const { piece } = lamp;
  const power = sized(assessed, lamp, wanted)
    .filter((powerW) => powerW !== piece.powerW)
    .flatMap((powerW) => one({ loadW: powerW, variant: "power" as const }, change(piece.id, { powerW })));
  if (quantities.variant !== "tooHot") return power;
  const upCm = Math.round(fixtureOf(lamp, assessed.habitat.shell, assessed.ground.surfaceAt).zCm + 8);
  return [...power, ...one({ upCm, variant: "raise" as const }, change(piece.id, { upCm, place: "aboveMesh" }))];
};

export const uvMended: Mender<"uvOff"> = ({ quantities }, assessed) => {
  const wanted = assessed.animal.uv.indexAtBack;
  if (!wanted) return [];
  const lamp = assessed.outlook.lamps.toSorted((a, b) => b.index[1] - a.index[1])[0];
  if (quantities.variant === "missing" || !lamp) return newTube(assessed, wanted);
  const way = quantities.variant === "tooWeak" ? "lower" : "raise";
  return [
    ...hung(assessed, lamp.fixture, wanted, way),
    ...swapped(assessed, lamp.fixture, wanted),
    ...movedNear(assessed, lamp.fixture, wanted),
  ];
};

export const lampMenders = {
  baskingOff: baskingMended,
  uvOff: uvMended,
  /** Raised until it is clear of what it shines on; moved aside or over the top, clear of what stands beside it. */
  lampNear: ({ about, quantities }, assessed) => {
    const lamp = assessed.outlook.all.find(({ piece }) => piece.id === about);
    if (!lamp) return [];
    const fixture = fixtureOf(lamp, assessed.habitat.shell, assessed.ground.surfaceAt);
    if (quantities.variant === "beside") return clearOfSides(assessed, fixture);
    const upCm = Math.ceil(fixture.zCm + quantities.needCm - quantities.nearCm);
    const over = upCm >= assessed.habitat.shell.heightCm;
    if (over && !lamp.kind.places.includes("aboveMesh")) return [];
    return one({ upCm, variant: "higher" }, change(about, { upCm, ...(over ? { place: "aboveMesh" as const } : {}) }));
  },
} satisfies Pick<Menders, "baskingOff" | "uvOff" | "lampNear">;
