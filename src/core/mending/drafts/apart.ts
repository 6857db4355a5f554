import { GEAR_LIGHTS, type Gear } from "../../catalog";
import type { Assessed } from "../../findings";
import { clearanceOf, fixtureOf, isOnWall, overGlassCm, shinesHeat, spanOf, wattsOf, type Fixture } from "../../gear";
import type { GearPiece } from "../../habitat";
import { BESIDE_LAMP_CM, besideCm, standCm } from "../../outlook";

/**
 * Nearer than this to another, along, across and up, one lamp or heater hangs in the other: ours. What is hot hangs
 * straight over or under none, however far: the lower would stand in its beam.
 */
const APART_CM = { along: 10, across: 10, up: 8 };

const isHung = ({ place, kind: { purpose } }: Fixture): boolean =>
  !isOnWall(place) && (GEAR_LIGHTS.includes(purpose) || purpose === "nightHeat");

function isIn(one: Fixture, other: Fixture): boolean {
  const [mine, its] = [spanOf(one), spanOf(other)];
  const alongCm = (mine.alongCm + its.alongCm) / 2 + APART_CM.along;
  const acrossCm = (mine.acrossCm + its.acrossCm) / 2 + APART_CM.across;
  return (
    Math.abs(other.xCm - one.xCm) < alongCm &&
    Math.abs(other.yCm - one.yCm) < acrossCm &&
    (Math.abs(other.zCm - one.zCm) < APART_CM.up || shinesHeat(one.kind) || shinesHeat(other.kind))
  );
}

/** Whether what is hot is far enough over what stands under it, and inside the box from what stands beside it. */
function isClearBelow(at: Fixture, { heightCm }: Assessed["habitat"]["shell"], ground: Assessed["ground"]): boolean {
  if (at.zCm - standCm(ground, at.xCm, at.yCm, at.zCm) < clearanceOf(at.kind, wattsOf(at))) return false;
  return at.zCm > heightCm || besideCm(ground, at) >= BESIDE_LAMP_CM;
}

/** One place, one lamp: whether a piece as it is tried hangs in no other, through no pane, and clear of what it shines on. */
export function isClear({ habitat, ground, outlook }: Assessed, tried: { piece: GearPiece; kind: Gear }): boolean {
  const at = fixtureOf(tried, habitat.shell, ground.surfaceAt);
  if (isOnWall(at.place)) return true;
  if (overGlassCm(at, habitat.shell) > 0) return false;
  if (shinesHeat(tried.kind) && !isClearBelow(at, habitat.shell, ground)) return false;
  return outlook.all
    .filter(({ piece }) => piece.id !== tried.piece.id)
    .map((other) => fixtureOf(other, habitat.shell, ground.surfaceAt))
    .every((other) => !isHung(other) || !isIn(at, other));
}

/** Shares of the width and depth a lamp or heater is tried at, the warm end first. */
const ASIDE = [0.2, 0.35, 0.5, 0.65, 0.8].flatMap((x) => [0.5, 0.3, 0.7, 0.15, 0.85].map((y) => [x, y] as const));

/** Places aside of what hangs there. */
export const placesAside = ({ shell }: Assessed["habitat"]): { xCm: number; yCm: number }[] =>
  ASIDE.map(([x, y]) => ({ xCm: Math.round(shell.widthCm * x), yCm: Math.round(shell.depthCm * y) }));
