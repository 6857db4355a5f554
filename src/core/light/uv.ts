import type { Range } from "../catalog";
import type { Shell } from "../habitat";
import {
  beamDegOf,
  fixtureOf,
  inUse,
  lengthCmOf,
  MESH_PASSES,
  wattsOf,
  type Between,
  type Fitted,
  type Fixture,
} from "../gear";
import type { LogState } from "../log";
import { daysBetween } from "../units";
import { lambertOrder, lineShine, type Point } from "./shine";

/** Tubes are told for so long a one: from memory. */
const TOLD_FOR_TUBE_CM = 55;
const NOTHING: Range = [1, 1];
/** What is left when a lamp is due to be renewed: from memory. */
const LEFT_AT_RENEWAL = 0.7;
const DAYS_A_MONTH = 30.4;

const times = ([a, b]: Range, [c, d]: Range): Range => [a * c, b * d];
const scaled = ([low, high]: Range, by: number): Range => [low * by, high * by];

/** What lies between lets through: glass no UV-B at all. */
function passes({ kind }: Fitted, through: Between): Range {
  if (through === "glass") return [0, 0];
  return through === "mesh" ? (kind.reference.throughMeshShare ?? MESH_PASSES) : NOTHING;
}

/** Share of its first strength a lamp still has, by its age: straight down to {@link LEFT_AT_RENEWAL} at renewal. */
export function leftByAge(ageDays: number, renewInMonths: number | null): number {
  if (renewInMonths === null) return 1;
  const share = Math.max(0, ageDays) / (renewInMonths * DAYS_A_MONTH);
  return Math.max(0.3, 1 - (1 - LEFT_AT_RENEWAL) * share);
}

/**
 * How much stronger a lamp is than the one its kind is told for: a tube by its watts a length against the size of the
 * length it is told for, a bulb by its watts against the middle of what is sold,
 * which is ours: kinds do not tell it.
 */
function byPower(one: Fitted): number {
  const { sizes } = one.kind;
  const lengthCm = lengthCmOf(one);
  if (lengthCm > 0) {
    const off = (size: (typeof sizes)[number]) => Math.abs((size.lengthCm ?? 0) - TOLD_FOR_TUBE_CM);
    const toldFor = sizes.toSorted((a, b) => off(a) - off(b) || (b.watts ?? 0) - (a.watts ?? 0))[0];
    if (!toldFor?.watts || !toldFor.lengthCm) return 1;
    return wattsOf(one) / lengthCm / (toldFor.watts / toldFor.lengthCm);
  }
  const watts = sizes.flatMap((size) => size.watts ?? []);
  if (watts.length === 0) return 1;
  return wattsOf(one) / Math.sqrt(Math.min(...watts) * Math.max(...watts));
}

/** A lamp for UV where it hangs, with how strong it is now. */
export type UvLamp = {
  fixture: Fixture;
  lengthCm: number;
  beamDeg: number;
  atCm: number;
  index: Range;
  byMeter: boolean;
};

/** Half across the lit face of a bulb, cm, from memory: nearer than that it grows no stronger. */
const FACE_CM = 5;

/** UV index straight below a lamp that gives 1 at the distance it is told for. */
function below(lamp: Pick<UvLamp, "lengthCm" | "beamDeg" | "atCm">, downCm: number, alongCm = 0, acrossCm = 0): number {
  if (downCm <= 0) return 0;
  if (lamp.lengthCm > 0) {
    const awayCm = Math.hypot(downCm, acrossCm);
    // Once by how the tube shines aside, once by how slantingly it falls on a level back.
    const slant = (downCm / awayCm) ** (lambertOrder(lamp.beamDeg) + 1);
    return (lineShine(lamp.lengthCm, awayCm, alongCm) / lineShine(TOLD_FOR_TUBE_CM, lamp.atCm)) * slant;
  }
  const squared = downCm ** 2 + alongCm ** 2 + acrossCm ** 2;
  const slant = (downCm / Math.sqrt(squared)) ** (lambertOrder(lamp.beamDeg) + 1);
  return ((lamp.atCm ** 2 + FACE_CM ** 2) / (squared + FACE_CM ** 2)) * slant;
}

/** Spread of a meter's own reading: index meters are good to about a tenth (from memory). */
const METER: Range = [0.9, 1.1];

/**
 * What the newest reading under a lamp corrects its reference to, with what is between them in it; undefined where none
 * was taken since the lamp was renewed.
 */
function byMeter(lamp: Omit<UvLamp, "index" | "byMeter">, state: MeteredState): Range | undefined {
  const { id } = lamp.fixture.piece;
  const newOn = state.renewedOn[id] ?? "";
  const read = state.metered.filter(({ gearId, on }) => gearId === id && on >= newOn).at(-1);
  if (!read) return undefined;
  const share = below(lamp, read.belowCm);
  return share > 0 ? scaled(METER, read.uvIndex / share) : undefined;
}

export type MeteredState = Pick<LogState, "renewedOn" | "metered" | "doneOn" | "sinceOn">;

/** Days since a piece of gear was new: since it was renewed, or since the gear was first run or the animal moved in. */
function ageDays(gearId: string, { renewedOn, doneOn, sinceOn }: MeteredState, on: string): number {
  const newOn = renewedOn[gearId] ?? doneOn.runGear ?? sinceOn;
  return newOn === undefined || newOn === null ? 0 : Math.max(0, daysBetween(newOn, on));
}

/**
 * The lamps that give UV on a day, as strong as their kind is told to be, as they were sized, as their age leaves them,
 * or as a meter read them.
 *
 * @param all the gear of the box with its kinds
 * @param on calendar day, ISO 8601
 */
export function uvLamps(
  all: readonly Fitted[],
  shell: Shell,
  surfaceAt: (xCm: number, yCm: number) => number,
  state: MeteredState,
  on: string,
): UvLamp[] {
  return all.flatMap((one): UvLamp[] => {
    const told = one.kind.reference.uvIndexAt;
    if (!told || !inUse(one.piece, on)) return [];
    const fixture = fixtureOf(one, shell, surfaceAt);
    const lamp = { fixture, lengthCm: lengthCmOf(one), beamDeg: beamDegOf(one), atCm: told.distanceCm };
    const passed = passes(one, fixture.through);
    const metered = fixture.through === "glass" ? undefined : byMeter(lamp, state);
    const own = one.piece.size.uvIndex;
    const first: Range = own === undefined ? scaled(told.index, byPower(one)) : [own, own];
    const aged = leftByAge(ageDays(one.piece.id, state, on), one.kind.renewInMonths);
    return [{ ...lamp, index: metered ?? times(scaled(first, aged), passed), byMeter: metered !== undefined }];
  });
}

/** UV index one lamp gives at a place. */
const fromLamp = (lamp: UvLamp, { xCm, yCm, zCm }: Point): Range =>
  scaled(lamp.index, below(lamp, lamp.fixture.zCm - zCm, xCm - lamp.fixture.xCm, yCm - lamp.fixture.yCm));

/**
 * UV index at a place with all lamps on: where they overlap, they add up.
 *
 * @example uvIndexAt(lamps, { xCm: 30, yCm: 20, zCm: 25 }) // [0.9, 1.6]
 */
export const uvIndexAt = (lamps: readonly UvLamp[], at: Point): Range =>
  lamps.reduce<Range>(
    (sum, lamp) => {
      const [low, high] = fromLamp(lamp, at);
      return [sum[0] + low, sum[1] + high];
    },
    [0, 0],
  );
