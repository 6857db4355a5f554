import { entry, rule, type Caution } from "../catalog";
import { daysAfter, daysBetween } from "../units";
import { animalOf, plantOf, type Habitat } from "../habitat";
import { safeWaterLineCm } from "../strata";

export const DUTY_IDS = [
  "mist",
  "freshWater",
  "spotClean",
  "waterLine",
  "glass",
  "litter",
  "crew",
  "prune",
  "lamp",
] as const;
export type DutyId = (typeof DUTY_IDS)[number];

/** Something that comes round again. */
export type Duty = { id: DutyId; everyDays: number; quantities: Record<string, number>; cautions: readonly Caution[] };

/** A duty with the day it is next due. Negative days are late. */
export type Due = Duty & { dueOn: string; lastOn: string | undefined; inDays: number };

const DAYS_A_WEEK = 7;
const DAYS_A_YEAR = 365;

const isLitter = (materialId: string): boolean => entry("dressings", materialId).look.texture === "leaf";

/** How often scissors are wanted: as often as the fastest of the plants asks. */
const pruneDays = (habitat: Habitat): number =>
  Math.min(...habitat.plants.map((stand) => rule(PRUNE_RULE[plantOf(habitat, stand.plantId).pruning])));
const PRUNE_RULE = { often: "pruneOftenDays", sometimes: "pruneSometimesDays", seldom: "pruneSeldomDays" } as const;

/**
 * The duties that follow from the design: no misting duty where the animal wants none, no water line without drainage.
 *
 * @example duties(habitat).find((duty) => duty.id === "waterLine")?.everyDays // 7
 */
export function duties(habitat: Habitat): Duty[] {
  const animal = animalOf(habitat);
  const safeLineCm = safeWaterLineCm(habitat);
  const litter = habitat.strata.layers.some((layer) => layer.kind === "dressing" && isLitter(layer.materialId));
  const timesADay = animal.mistPerWeek / DAYS_A_WEEK;
  const all: (Duty | false)[] = [
    animal.mistPerWeek > 0 && {
      id: "mist",
      everyDays: Math.max(1, Math.round(1 / timesADay)),
      quantities: { timesADay: Math.max(1, Math.round(timesADay)) },
      cautions: ["electricityWater"],
    },
    { id: "freshWater", everyDays: rule("freshWaterDays"), quantities: {}, cautions: [] },
    { id: "spotClean", everyDays: rule("spotCleanDays"), quantities: {}, cautions: ["handWashing"] },
    safeLineCm !== undefined && {
      id: "waterLine",
      everyDays: rule("waterLineCheckDays"),
      quantities: { safeLineCm },
      cautions: [],
    },
    { id: "glass", everyDays: rule("glassCleanDays"), quantities: {}, cautions: [] },
    litter && { id: "litter", everyDays: rule("litterTopUpDays"), quantities: {}, cautions: [] },
    habitat.crew.length > 0 && {
      id: "crew",
      everyDays: rule("crewTopUpDays"),
      quantities: {},
      cautions: ["neverRelease"],
    },
    habitat.plants.length > 0 && {
      id: "prune",
      everyDays: pruneDays(habitat),
      quantities: { count: habitat.plants.length },
      cautions: ["blades"],
    },
    { id: "lamp", everyDays: rule("lampYears") * DAYS_A_YEAR, quantities: {}, cautions: ["electricityWater", "heat"] },
  ];
  return all.filter((duty) => duty !== false);
}

const latest = (days: readonly string[]): string | undefined =>
  days.reduce<string | undefined>((a, b) => (a === undefined || b > a ? b : a), undefined);

/**
 * What is due and when, the most late first. Empty while the habitat is not kept yet.
 * Daily duties are due on the first day, longer ones after their first interval.
 *
 * @param today calendar day, ISO 8601
 * @example dueList(habitat, "2026-03-01")[0]?.inDays // -3: three days late
 */
export function dueList(habitat: Habitat, today: string): Due[] {
  const { sinceOn, ticks } = habitat.keeping;
  if (sinceOn === null) return [];
  return duties(habitat)
    .map((duty) => {
      const lastOn = latest(ticks.filter((tick) => tick.dutyId === duty.id).map((tick) => tick.on));
      const dueOn = lastOn
        ? daysAfter(lastOn, duty.everyDays)
        : daysAfter(sinceOn, duty.everyDays === 1 ? 0 : duty.everyDays);
      return { ...duty, lastOn, dueOn, inDays: daysBetween(today, dueOn) };
    })
    .sort((a, b) => a.inDays - b.inDays);
}
