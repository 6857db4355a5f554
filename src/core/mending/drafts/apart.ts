import { GEAR_LIGHTS, type Gear } from "../../catalog";
import type { Assessed } from "../../findings";
import { fixtureOf, lengthCmOf, type Fitted, type Fixture } from "../../gear";
import type { GearPiece } from "../../habitat";
import { BESIDE_LAMP_CM, besideCm } from "../../outlook";

/** Nearer than this to another, along, across and up, one lamp or heater hangs in the other: ours. */
const APART_CM = { along: 10, across: 10, up: 8 };

const isHung = ({ purpose }: Gear): boolean => GEAR_LIGHTS.includes(purpose) || purpose === "nightHeat";

/** How far it reaches along the box. */
const acrossCm = (one: Fitted): number => Math.max(lengthCmOf(one), one.piece.size.widthCm ?? 0);

function isIn(one: Fixture, other: Fixture): boolean {
  const alongCm = (acrossCm(one) + acrossCm(other)) / 2 + APART_CM.along;
  return (
    Math.abs(other.xCm - one.xCm) < alongCm &&
    Math.abs(other.yCm - one.yCm) < APART_CM.across &&
    Math.abs(other.zCm - one.zCm) < APART_CM.up
  );
}

/** One place, one lamp: whether a piece as it is tried hangs in no other, and inside the box beside no piece. */
export function isClear({ habitat, ground, outlook }: Assessed, tried: { piece: GearPiece; kind: Gear }): boolean {
  const at = fixtureOf(tried, habitat.shell, ground.surfaceAt);
  if (at.zCm <= habitat.shell.heightCm && besideCm(ground, at) < BESIDE_LAMP_CM) return false;
  return outlook.all
    .filter(({ piece, kind }) => piece.id !== tried.piece.id && isHung(kind))
    .every((other) => !isIn(at, fixtureOf(other, habitat.shell, ground.surfaceAt)));
}
