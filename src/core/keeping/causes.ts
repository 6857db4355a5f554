import type { Range } from "../catalog";
import { LEAST_CHANGES } from "../climate";
import { measurableOf, placeOf, type LogEvent, type LogState } from "../log";
import type { Outlook } from "../outlook";
import type { Scene } from "../scene";
import { daysBetween } from "../units";
import type { Due } from "./due";
import type { GaugeFault } from "./faults";
import type { HeaterFault } from "./heaters";
import type { Spell } from "./report";

/** What may have brought readings out of their band. */
export type Cause =
  /** The gauge lies: look at another one first. */
  | { kind: "gauge"; fault: GaugeFault }
  /** Something was changed just before. */
  | { kind: "changed"; event: LogEvent }
  | { kind: "heater"; fault: HeaterFault }
  /** A duty that would help is late. */
  | { kind: "dutyLate"; duty: Due }
  /** A vessel that mists or fogs may have run dry. */
  | { kind: "vessel"; gearId: string; days: number }
  /** Water stands over its safe line and evaporates. */
  | { kind: "waterOver" }
  /** A lamp is older than it is good for. */
  | { kind: "lampOld"; gearId: string; months: number }
  /** As it is set up, the design comes to no more or no less: it is no fault of today's. */
  | { kind: "design"; comesTo: Range }
  /** More is sprayed than the air takes: so much runs down a day, litres. */
  | { kind: "runsDown"; litresADay: Range }
  | { kind: "fewChanges"; changesPerH: Range }
  | { kind: "manyChanges"; changesPerH: Range }
  /** The room itself is so. */
  | { kind: "room" };

/** All that causes are looked for in. */
export type Circumstances = {
  scene: Pick<Scene, "animal" | "habitat" | "ground">;
  outlook: Outlook;
  state: LogState;
  dues: readonly Due[];
  gauges: readonly GaugeFault[];
  heaters: readonly HeaterFault[];
  isOverSafeLine: boolean;
  today: string;
};

type Look = (spell: Spell, around: Circumstances) => Cause[];

/** Water is read every few days. */
const RECENT_DAYS = 4;
const isNow = ({ untilOn }: Spell, today: string): boolean => daysBetween(untilOn, today) <= RECENT_DAYS;

const gauge: Look = ({ series }, { gauges }) =>
  gauges.filter((fault) => fault.series === series).map((fault) => ({ kind: "gauge", fault }));

const changed: Look = ({ after }) => (after ? [{ kind: "changed", event: after }] : []);

const heater: Look = ({ series, side }, { heaters }) => {
  if (measurableOf(series) !== "temperatureC") return [];
  const kind = side === "above" ? "staysOn" : "staysOff";
  return heaters.filter((fault) => fault.kind === kind).map((fault) => ({ kind: "heater", fault }));
};

/** Duties that wet a box, and those that draw its water. */
const HELPS = { below: ["mist", "lookAtMister", "retreatWater", "freshWater"], above: ["waterLine"] } as const;
const dutyLate: Look = (spell, { dues, today }) => {
  const what = measurableOf(spell.series);
  if (!isNow(spell, today) || (what !== "humidityRh" && what !== "waterLineCm")) return [];
  const ids: readonly string[] = HELPS[spell.side];
  return dues.filter(({ id, inDays }) => ids.includes(id) && inDays < 0).map((duty) => ({ kind: "dutyLate", duty }));
};

/** A vessel that was filled when something was last done to it, or when the box was first lived in. */
const vessel: Look = ({ series, side }, { outlook, state, today }) => {
  if (measurableOf(series) !== "humidityRh" || side !== "below") return [];
  const filledOn = state.tickedOn.lookAtMister ?? state.sinceOn;
  if (filledOn === null) return [];
  const since = daysBetween(filledOn, today);
  return outlook.vessels.flatMap(({ gearId, days }): Cause[] =>
    days && since >= days.least ? [{ kind: "vessel", gearId, days: Math.floor(days.least) }] : [],
  );
};

const waterOver: Look = ({ series, side }, { isOverSafeLine }) =>
  side === "above" && measurableOf(series) === "humidityRh" && isOverSafeLine ? [{ kind: "waterOver" }] : [];

const DAYS_A_MONTH = 30;
const lampOld: Look = ({ series, side }, { outlook, state, today }) => {
  if (measurableOf(series) !== "uvIndex" || side !== "below") return [];
  return outlook.all.flatMap(({ piece, kind }): Cause[] => {
    const sinceOn = state.renewedOn[piece.id] ?? state.sinceOn;
    if (kind.purpose !== "uv" || kind.renewInMonths === null || sinceOn === null) return [];
    const months = Math.floor(daysBetween(sinceOn, today) / DAYS_A_MONTH);
    return months >= kind.renewInMonths ? [{ kind: "lampOld", gearId: piece.id, months }] : [];
  });
};

/** What the design comes to at the place of a series, by day. */
function comesTo(series: Spell["series"], { sizing, basking }: Outlook): Range | undefined {
  const what = measurableOf(series);
  const place = placeOf(series);
  if (place === "basking") return what === "uvIndex" ? basking?.uvIndex : basking?.surfaceC;
  if (place === "nightLow") return what === "humidityRh" ? sizing.night.humidityRh : sizing.night.temperatureC;
  if (place !== "warmEnd" && place !== "coolEnd") return undefined;
  if (what === "temperatureC") return place === "warmEnd" ? sizing.warmEndC : sizing.coolEndC;
  if (what === "humidityRh") return place === "warmEnd" ? sizing.warmEndRh : sizing.coolEndRh;
  return undefined;
}

/** The middle of what the design comes to lies out on the same side as what was read. */
const design: Look = ({ series, side, band }, { outlook }) => {
  const range = comesTo(series, outlook);
  if (!range) return [];
  const middle = (range[0] + range[1]) / 2;
  const isOut = side === "below" ? middle < band[0] : middle > band[1];
  return isOut ? [{ kind: "design", comesTo: range }] : [];
};

const LEAST_L = 0.02;
const runsDown: Look = ({ series, side }, { outlook }) =>
  side === "above" && measurableOf(series) === "waterLineCm" && outlook.runsDownL[1] > LEAST_L
    ? [{ kind: "runsDown", litresADay: outlook.runsDownL }]
    : [];

/** Where dry air was read, so many times the least air is looked at as its cause: ours. */
const MANY_TIMES = 10;
const changesOfAir: Look = ({ series, side }, { scene, outlook }) => {
  if (measurableOf(series) !== "humidityRh") return [];
  const leastPerH = LEAST_CHANGES[scene.animal.air.movement];
  const { changesPerH } = outlook.sizing.day;
  if (side === "above" && changesPerH[1] < leastPerH) return [{ kind: "fewChanges", changesPerH }];
  if (side === "below" && changesPerH[0] > leastPerH * MANY_TIMES) return [{ kind: "manyChanges", changesPerH }];
  return [];
};

const room: Look = ({ series, side, band }, { scene }) => {
  const { temperatureC, humidityRh } = scene.habitat.brief.room;
  const what = measurableOf(series);
  if (what === "temperatureC" && side === "above" && temperatureC > band[1]) return [{ kind: "room" }];
  if (what === "humidityRh" && side === "above" && humidityRh > band[1]) return [{ kind: "room" }];
  return [];
};

/** In the order they are worth looking into: what is seen at once, what was done, what runs out, what it is built like. */
const LOOKS: readonly Look[] = [
  gauge,
  changed,
  heater,
  waterOver,
  dutyLate,
  vessel,
  lampOld,
  runsDown,
  design,
  changesOfAir,
  room,
];

/**
 * What may have brought a spell out of band, from design and log, in the order it is worth looking into.
 *
 * @example causesOf(spell, around)[0]?.kind // "gauge"
 */
export const causesOf = (spell: Spell, around: Circumstances): Cause[] => LOOKS.flatMap((look) => look(spell, around));
