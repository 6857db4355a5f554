import { GEAR_LIGHTS, type Animal, type Gear } from "../catalog";
import { betweenPanes, isBetweenPanes } from "./betweenPanes";
import { DAY, FAN, heldDamp, heldWarm, MIST } from "./held";
import type { Design, GearPiece, GearSize, Run } from "./schema";

const WARM: readonly Gear["purpose"][] = ["dayHeat", "nightHeat"];
const FALL: Run = { by: "hours", fromMin: 10 * 60, untilMin: 12 * 60, rampMin: 0 };

/** How gear that wets the air usually runs: by seconds where it sprays, on a humidistat where it can be. */
function wetting({ control, id }: Gear, humidityRh: Animal["humidityRh"]): Run {
  if (control.includes("humidistat")) return heldDamp(humidityRh);
  if (control.includes("secondsTimer") || control.includes("byHand")) return MIST;
  return id === "drippingWall" ? FALL : { by: "always" };
}

/**
 * How a kind usually runs: lamps by day, heaters on a thermostat at what the animal wants, wetting by seconds or on a
 * humidistat, a fan part of the time.
 *
 * @example usualRun(STOCK.get("gear", "smallFan"), animal) // 30 minutes in every 90
 */
export function usualRun(kind: Gear, { temperatureC, humidityRh }: Pick<Animal, "temperatureC" | "humidityRh">): Run {
  const { day, night } = humidityRh;
  if (GEAR_LIGHTS.includes(kind.purpose)) return { by: "hours", ...DAY, rampMin: 0 };
  if (kind.purpose === "nightHeat") return heldWarm(kind, { temperatureC });
  if (kind.purpose === "water") return wetting(kind, humidityRh);
  if (kind.id === "ductedFan") {
    return { by: "damp", ...DAY, dayRh: day.preferred[1], nightRh: night.preferred[1] };
  }
  if (kind.purpose === "air") return FAN;
  return kind.id === "waterfallPump" ? FALL : { by: "always" };
}

type SoldAs = Gear["sizes"][number];
/** Lamps and mats leave so much room at the glass. */
const AT_GLASS_CM = 4;

/** What a kind may measure where it usually goes: a mat at the wall of the warm end, all else under the lid. */
function roomFor(
  { places }: Gear,
  { widthCm, depthCm, heightCm }: Design["shell"],
): { alongCm: number; acrossCm: number } {
  const isAtWall = places[0] === "sideOfBox";
  const [along, across] = isAtWall ? [depthCm, heightCm] : [widthCm, depthCm];
  return { alongCm: along - AT_GLASS_CM, acrossCm: across - AT_GLASS_CM };
}

/**
 * The sizes of a kind that fit a box, in the order they are sold in; what has no size of its own always fits.
 *
 * @example fittingSizes(STOCK.get("gear", "radiantPanel"), shellOf45).map(({ watts }) => watts) // [20, 40]
 */
export function fittingSizes(kind: Gear, shell: Design["shell"]): readonly SoldAs[] {
  const { alongCm, acrossCm } = roomFor(kind, shell);
  return kind.sizes.filter(
    ({ lengthCm, widthCm, depthCm }) => (lengthCm ?? widthCm ?? 0) <= alongCm && (depthCm ?? 0) <= acrossCm,
  );
}

/** The longest that fits the box; of what has no size of its own, and where none fits, the smallest. */
function usualSize(kind: Gear, shell: Design["shell"]): SoldAs | undefined {
  const hasSize = kind.sizes.some(({ lengthCm, widthCm }) => lengthCm !== undefined || widthCm !== undefined);
  return (hasSize ? fittingSizes(kind, shell).at(-1) : undefined) ?? kind.sizes[0];
}

/** A size it is sold in, as it is told of a piece. */
export const sizeAsSold = ({
  lengthCm,
  widthCm,
  depthCm,
  nozzles,
  mLPerH,
  litres,
  flowLPerH,
  headCm,
  maxWatts,
}: SoldAs): GearSize =>
  Object.fromEntries(
    Object.entries({ lengthCm, widthCm, depthCm, nozzles, mLPerH, litres, flowLPerH, headCm, maxW: maxWatts }).filter(
      ([, value]) => value !== undefined,
    ),
  );

/** Pieces side by side on the top stand so far apart, as a share of its width. */
const APART = 0.18;
const LEAST_FROM_EDGE = 0.06;

/** Where it usually stands along the top, or beside that where something stands there: the nearest first. */
const placesAlong = (usual: number): number[] =>
  [0, 1, -1, 2, -2, 3, -3, 4]
    .map((step) => usual + step * APART)
    .filter((at) => at >= LEAST_FROM_EDGE && at <= 1 - LEAST_FROM_EDGE);

/** What warms stands at the warm end, on the left; the rest over the middle; each where there is room. */
function usualAlong({ shell, gear }: Pick<Design, "shell" | "gear">, { purpose }: Gear): number {
  const usual = WARM.includes(purpose) ? 0.2 : 0.5;
  const taken = gear.filter(({ upCm }) => upCm === null).map(({ xCm }) => xCm / shell.widthCm);
  const isFree = (at: number) => taken.every((other) => Math.abs(other - at) > APART * 0.9);
  return Math.round(shell.widthCm * (placesAlong(usual).find(isFree) ?? usual));
}

/** What warms from a wall does so at the warm end; all else that goes on one at the back. */
function usualWall({ places, purpose }: Gear): GearPiece["wall"] {
  const [place] = places;
  if (place === undefined || !ON_WALLS.includes(place)) return null;
  return WARM.includes(purpose) ? "left" : "back";
}

/** Where it usually is in plan: what hangs under the lid, with all of it between the panes. */
function usualAt(design: Pick<Design, "shell" | "gear">, kind: Gear, size: SoldAs | undefined) {
  const at = { xCm: usualAlong(design, kind), yCm: Math.round(design.shell.depthCm / 2) };
  if (!kind.places.some(isBetweenPanes)) return at;
  const span = { alongCm: size?.lengthCm ?? size?.widthCm ?? 0, acrossCm: size?.depthCm ?? 0 };
  return betweenPanes(at, span, design.shell);
}

type Wishes = { [K in keyof GearPiece]?: GearPiece[K] | undefined } & Pick<GearPiece, "id">;

const ON_WALLS: readonly Gear["places"][number][] = ["insideWall", "sideOfBox", "wall"];

/**
 * A piece of gear as its kind is usually bought, placed and run; whatever is told goes before that.
 *
 * @example usualGear(design, STOCK.get("gear", "smallFan"), animal, { id: "fan" }).run.by // "cycle"
 */
export function usualGear(
  design: Pick<Design, "shell" | "gear">,
  kind: Gear,
  animal: Pick<Animal, "temperatureC" | "humidityRh">,
  told: Wishes,
): GearPiece {
  const size = usualSize(kind, design.shell);
  const beamDeg = kind.reference.beamDeg?.[1];
  const isLamp = GEAR_LIGHTS.includes(kind.purpose) || kind.purpose === "nightHeat";
  return {
    kindId: kind.id,
    place: null,
    wall: usualWall(kind),
    ...usualAt(design, kind, size),
    upCm: null,
    powerW: size?.watts ?? kind.watts?.[0] ?? null,
    lumens: null,
    size: { ...(size ? sizeAsSold(size) : {}), ...(isLamp && beamDeg !== undefined ? { beamDeg } : {}) },
    run: usualRun(kind, animal),
    months: null,
    feedId: null,
    probe: null,
    ...(told as Partial<GearPiece> & Pick<GearPiece, "id">),
  };
}
