import type { Gear, Range } from "../catalog";
import type { Fitted } from "./fitted";

const both = (value: number): Range => [value, value];

type SoldAs = Gear["sizes"][number];

/** The size it is sold in that draws nearest to what this piece draws. */
function nearestSize({ piece, kind }: Fitted): SoldAs | undefined {
  const off = ({ watts }: SoldAs) => Math.abs((watts ?? 0) - (piece.powerW ?? 0));
  return piece.powerW === null ? kind.sizes[0] : kind.sizes.toSorted((a, b) => off(a) - off(b))[0];
}

/** Length along the box of what is long, cm; nothing for a lamp. @example lengthCmOf(tube) // 55 */
export const lengthCmOf = (one: Fitted): number => one.piece.size.lengthCm ?? nearestSize(one)?.lengthCm ?? 0;

/** Width and depth of what is flat, cm. */
export function flatCmOf(one: Fitted): { widthCm: number; depthCm: number } {
  const { size } = one.piece;
  const sold = nearestSize(one);
  const widthCm = size.widthCm ?? sold?.widthCm ?? 0;
  return { widthCm, depthCm: size.depthCm ?? sold?.depthCm ?? widthCm };
}

/** Angle of the beam at half its strength, degrees: a lamp that does not tell shines into the half space. */
export const beamDegOf = ({ piece, kind }: Fitted): number => piece.size.beamDeg ?? kind.reference.beamDeg?.[1] ?? 120;

/** Watts it draws while it runs. */
export const wattsOf = ({ piece, kind }: Fitted): number => piece.powerW ?? kind.watts?.[0] ?? 0;

/** What a nozzle gives, ml a minute; of a hand sprayer, a stroke a second. */
function nozzleMLPerMin({ piece, kind }: Fitted): Range {
  const { mLPerMin } = piece.size;
  if (mLPerMin !== undefined) return both(mLPerMin);
  const { mLPerMinPerNozzle, flowMLPerMin, mLPerStroke } = kind.reference;
  if (mLPerStroke) return [mLPerStroke[0] * 60, mLPerStroke[1] * 60];
  return mLPerMinPerNozzle ?? flowMLPerMin ?? [0, 0];
}

const DEFAULT_NOZZLES = 2;
/** How many nozzles a piece feeds: a pump two where it is not told, a single thing one. */
export const nozzlesOf = ({ piece, kind }: Fitted): number =>
  piece.size.nozzles ?? (kind.id === "mistingPump" ? DEFAULT_NOZZLES : 1);

/** Water a piece gives to the air while it runs, ml an hour: mist, fog, steam, drops. @example waterMLPerH(fogger) */
export function waterMLPerH(one: Fitted): Range {
  const { piece, kind } = one;
  if (kind.purpose !== "water") return [0, 0];
  if (piece.size.mLPerH !== undefined) return both(piece.size.mLPerH);
  if (kind.reference.mLPerH) return kind.reference.mLPerH;
  const each = nozzleMLPerMin(one);
  const nozzles = nozzlesOf(one);
  return [each[0] * nozzles * 60, each[1] * nozzles * 60];
}

/** What its vessel holds, litres; undefined where it has none that is told. */
export const vesselLOf = ({ piece }: Fitted): number | undefined => piece.size.litres;

/** A fan gives so much of its free flow through mesh and round a corner: from memory. */
const THROUGH_MESH: Range = [0.15, 0.4];

/** Air a fan moves in or out of the box, m³ an hour; one that stirs the air within moves none. */
export function airM3PerH({ piece, kind }: Fitted, exchanges: boolean): Range {
  if (kind.purpose !== "air" || !exchanges) return [0, 0];
  if (piece.size.flowM3PerH !== undefined) return both(piece.size.flowM3PerH);
  const sold = kind.sizes[0]?.flowM3PerH ?? kind.reference.flowM3PerH ?? [0, 0];
  return [sold[0] * THROUGH_MESH[0], sold[1] * THROUGH_MESH[1]];
}

/** What a controller or a strip may switch, watts; undefined where it does not tell. */
export const mostWattsOf = ({ piece, kind }: Fitted): number | undefined => piece.size.maxW ?? kind.sizes[0]?.maxWatts;

/** What a pump moves at a head, litres an hour: straight down from its free flow to nothing at its greatest head. */
export function pumpLPerH({ piece, kind }: Fitted, atHeadCm: number): number {
  const flowLPerH = piece.size.flowLPerH ?? kind.sizes[0]?.flowLPerH ?? kind.reference.flowLPerH?.[0] ?? 0;
  const headCm = piece.size.headCm ?? kind.sizes[0]?.headCm ?? kind.reference.headCm?.[0] ?? Infinity;
  return flowLPerH * Math.max(0, 1 - atHeadCm / headCm);
}
