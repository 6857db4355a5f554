import { createSelector } from "reselect";
import type { Range } from "../catalog";
import { daylightOf, surfaceC, type Sizing } from "../climate";
import { chainOf, fitted, fixtureOf, inUse, MINUTES_A_DAY, type Fitted, type Fixture } from "../gear";
import type { Design } from "../habitat";
import type { Library } from "../library";
import { uvIndexAt, uvLamps, type MeteredState, type Point, type UvLamp } from "../light";
import type { LogState } from "../log";
import { meanCm, sizingFor, type Scene } from "../scene";
import { energyOf } from "./energy";
import { baskingAt, groundPoints, perchAt } from "./places";
import { toSafeLineDays, vessels, type Days, type Vessel } from "./water";
import { driesInDays, groundGainsL, runsDownL } from "./wet";

/** A place of the animal and what it meets there. */
type Met = { at: Point; uvIndex: Range };

/** What comes of all that is set up, on a day of the year. */
export type Outlook = {
  on: string;
  all: readonly Fitted[];
  /** Mean height of the ground, cm. */
  fillCm: number;
  sizing: Sizing;
  lamps: readonly UvLamp[];
  /** Under the strongest lamp that warms: how warm what lies there gets, and the UV index. */
  basking: (Met & { surfaceC: Range }) | undefined;
  perch: Met | undefined;
  /** On the ground where it is strongest, and where it is least. */
  floor: Met;
  shade: Met;
  vessels: readonly Vessel[];
  runsDownL: Range;
  /** Days until the ground has dried, where it is given nothing by hand. */
  soilDriesDays: Days | undefined;
  safeLineDays: Days | undefined;
  energyKWh: ReadonlyMap<string, Range>;
};

const allOf = createSelector(
  [(gear: Design["gear"]) => gear, (_: Design["gear"], library: Library) => library],
  (gear, library) => fitted(gear, library),
);

const met = (lamps: readonly UvLamp[], at: Point): Met => ({ at, uvIndex: uvIndexAt(lamps, at) });

const NEAR_CM = 8;

/** A thermostat that feels where the animal basks holds that place to its set point. */
function heldAt(at: Point, lamps: readonly Fixture[], gear: Design["gear"], free: Range): Range {
  const sets = lamps.flatMap(({ piece, kind }) => {
    if (piece.run.by !== "warmth" || kind.purpose !== "dayHeat") return [];
    const feels = chainOf(piece, gear).some(
      ({ probe }) => probe && Math.hypot(probe.xCm - at.xCm, probe.yCm - at.yCm, probe.upCm - at.zCm) < NEAR_CM,
    );
    return feels ? [piece.run.dayC] : [];
  });
  const most = Math.min(Infinity, ...sets);
  return [Math.min(free[0], most), Math.min(free[1], most)];
}

/**
 * What comes of all that is set up in a habitat on a day of the year: how its air settles, what the animal meets where
 * it basks, perches, walks and hides from the light, how long the water lasts, and what it draws.
 *
 * @param on calendar day, ISO 8601; its month decides what is in use
 * @example outlookOf(scene, state, "2026-01-10").basking?.surfaceC // [29, 33]
 */
export function outlookOf(scene: Scene, state: MeteredState, on: string): Outlook {
  const { habitat, ground, library } = scene;
  const { shell } = habitat;
  const all = allOf(habitat.gear, library);
  const sizing = sizingFor(scene, on);
  const lamps = uvLamps(all, shell, ground.surfaceAt, state, on);
  const fixtures = all.filter(({ piece }) => inUse(piece, on)).map((one) => fixtureOf(one, shell, ground.surfaceAt));
  const basks = baskingAt(scene, all, on);
  const perch = perchAt(scene);
  const floors = groundPoints(scene)
    .map((at) => met(lamps, at))
    .toSorted((a, b) => b.uvIndex[1] - a.uvIndex[1]);
  const [floor, shade] = [floors[0], floors.at(-1)];
  const nowhere: Met = { at: { xCm: 0, yCm: 0, zCm: 0 }, uvIndex: [0, 0] };
  const light = daylightOf(all, on);
  const gainsL = groundGainsL(sizing, (light.untilMin - light.fromMin) / MINUTES_A_DAY);
  const down = runsDownL(gainsL);
  const heats = fixtures.filter(({ kind }) => kind.purpose === "dayHeat" || kind.purpose === "uv");
  return {
    on,
    all,
    fillCm: meanCm(ground),
    sizing,
    lamps,
    basking: basks && {
      ...met(lamps, basks),
      surfaceC: heldAt(basks, heats, habitat.gear, surfaceC(heats, basks, sizing.warmEndC)),
    },
    perch: perch && met(lamps, perch),
    floor: floor ?? nowhere,
    shade: shade ?? nowhere,
    vessels: vessels(all, sizing, on),
    runsDownL: down,
    soilDriesDays: driesInDays(scene, gainsL),
    safeLineDays: toSafeLineDays(ground.water, down),
    energyKWh: energyOf(all, shell, ground.surfaceAt, sizing, on),
  };
}

/** The day a habitat is looked at: the log's, or the one its build starts on. */
export const lookedAtOn = ({ habitat }: Pick<Scene, "habitat">, { on }: Pick<LogState, "on">): string =>
  on ?? habitat.build.startOn;
