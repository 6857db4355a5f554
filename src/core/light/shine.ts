/** A place in the box: cm from the left, from the front and from the floor's glass. */
export type Point = { xCm: number; yCm: number; zCm: number };

/**
 * How a lamp spreads its light with the angle from straight down, as the power of the cosine that falls to a half at
 * the edge of its beam: 1 is a plain Lambert source, whose beam is 120 degrees.
 *
 * @example lambertOrder(120) // 1
 */
export const lambertOrder = (beamDeg: number): number =>
  Math.log(0.5) / Math.log(Math.cos((Math.min(beamDeg, 178) / 2) * (Math.PI / 180)));

/**
 * What falls on level ground from a small lamp that shines straight down, for each unit it sends out: inverse square,
 * its beam, and the slant.
 *
 * @param downM from the lamp, m
 * @param asideM from under it, m
 * @returns share a square metre
 * @example pointShine(0.5, 0, 120) // 1.27: a Lambert source gives 1/(π d²) straight below
 */
export function pointShine(downM: number, asideM: number, beamDeg: number): number {
  if (downM <= 0) return 0;
  const order = lambertOrder(beamDeg);
  const squared = downM ** 2 + asideM ** 2;
  const cosine = downM / Math.sqrt(squared);
  return ((order + 1) / (2 * Math.PI)) * (cosine ** (order + 1) / squared);
}

/** Size of what shines, m: a bar has a length alone, a bulb neither. */
export type Lit = { widthM: number; depthM: number };

/** A lit bar is so wide at the least, m: from memory. */
const LEAST_WIDE_M = 0.03;
const MOST_PARTS = 32;

/** Middles of the parts a lit length is taken in: no further apart than half the way to what they shine on. */
function partsAlong(lengthM: number, downM: number): number[] {
  const count = Math.min(MOST_PARTS, Math.max(1, Math.ceil((2 * lengthM) / downM)));
  return Array.from({ length: count }, (_, n) => ((n + 0.5) / count - 0.5) * lengthM);
}

/**
 * What falls on level ground from a lamp that is as large as it is, for each unit it sends out: as from small parts of
 * it, and never more than leaves each square metre of it, its luminous exitance.
 *
 * @param asideM from under its middle, along its width and its depth
 * @returns share a square metre
 * @example areaShine({ widthM: 0.6, depthM: 0.3 }, 0.01, { xM: 0, yM: 0 }, 120) // 5.56: 1/(0.6 · 0.3), as at the lamp
 */
export function areaShine(
  { widthM, depthM }: Lit,
  downM: number,
  { xM, yM }: { xM: number; yM: number },
  beamDeg: number,
): number {
  if (downM <= 0) return 0;
  const [along, across] = [partsAlong(widthM, downM), partsAlong(depthM, downM)];
  const each = along.flatMap((x) => across.map((y) => pointShine(downM, Math.hypot(x - xM, y - yM), beamDeg)));
  const mean = each.reduce((sum, share) => sum + share, 0) / each.length;
  const isPoint = widthM <= 0 && depthM <= 0;
  const areaM2 = Math.max(widthM, LEAST_WIDE_M) * Math.max(depthM, LEAST_WIDE_M);
  return isPoint ? mean : Math.min(mean, 1 / areaM2);
}

/** (α + sin α cos α) of one half of a line, seen from abreast of a place along it. */
const halfLine = (alongM: number, acrossM: number): number => {
  const angle = Math.atan2(alongM, acrossM);
  return angle + Math.sin(angle) * Math.cos(angle);
};

/**
 * What falls straight from a finite line source on what faces it: E ∝ (α + sin α cos α)/d with α = atan(L/2d), and so
 * of each half where the place is not under the middle. Only ratios of it mean anything.
 *
 * @param lengthCm of the tube
 * @param awayCm straight away from its axis
 * @param alongCm from its middle along it
 * @example lineShine(55, 30) / lineShine(55, 60) // 2.7
 */
export function lineShine(lengthCm: number, awayCm: number, alongCm = 0): number {
  const away = Math.max(0.1, awayCm);
  const left = halfLine(lengthCm / 2 + alongCm, away);
  const right = halfLine(lengthCm / 2 - alongCm, away);
  return (left + right) / 2 / away;
}
