import { CM_PER_INCH } from "./factors";
import type { UnitSystem } from "./parse";

/** From so many units on nobody counts parts of one. */
const WHOLE_FROM = { metric: 10, us: 6 } as const;
const PARTS = { metric: 2, us: 4 } as const;

/**
 * A length that is only ever about so long, such as how long an animal grows: in whole inches or centimetres, a small
 * one in quarters or halves.
 *
 * @returns cm
 * @example roughly(150, "us") / 2.54 // 59
 */
export function roughly(cm: number, system: UnitSystem): number {
  const unitCm = system === "us" ? CM_PER_INCH : 1;
  const units = cm / unitCm;
  const parts = units >= WHOLE_FROM[system] ? 1 : PARTS[system];
  return (Math.max(1, Math.round(units * parts)) / parts) * unitCm;
}

const HAIR = 0.02;

/**
 * A side of a box that is asked for at the least: in whole inches, rounded up, as boxes are sold; in centimetres as it
 * was told.
 *
 * @returns cm
 * @example atLeast(120, "us") / 2.54 // 48
 */
export const atLeast = (cm: number, system: UnitSystem): number =>
  system === "us" ? Math.ceil(cm / CM_PER_INCH - HAIR) * CM_PER_INCH : cm;
