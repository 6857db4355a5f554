import { rule, type Caution, type WaterKind } from "../catalog";
import { waterInBoxL } from "../living";
import type { LogState } from "../log";
import type { Scene } from "../scene";
import { daysAfter, daysBetween } from "../units";
import { gearDuties, lastDone, type GearDuty } from "./gearDuties";

const DUTY_IDS = [
  "mist",
  "freshWater",
  "waterChange",
  "spotClean",
  "waterLine",
  "glass",
  "litter",
  "crew",
  "prune",
] as const;
type DutyId = (typeof DUTY_IDS)[number];

/** What there is to do: as such, or for a kind of gear. */
export const DUTY_KINDS = [...DUTY_IDS, "renewGear", "checkGear"] as const;
type DutyKind = (typeof DUTY_KINDS)[number];

/** Something that comes round again. Its id is ticked; what it does is said. */
export type Duty = {
  id: string;
  does: DutyKind;
  everyDays: number;
  quantities: Record<string, number | string>;
  cautions: readonly Caution[];
  /** Of gear that is renewed: the pieces. */
  gear?: GearDuty;
};

/** A duty with the day it is next due. Negative days are late. */
export type Due = Duty & { dueOn: string; lastOn: string | undefined; inDays: number };

/** Of the water, a fifth to a third is changed at a time (common practice). */
const LEAST_CHANGED = 0.2;
const DAYS_A_WEEK = 7;

/** How often it is misted: every so many days, and so many times a day where it is daily. */
type Misting = { everyDays: number; timesADay: number };

/**
 * Misting as often a week as usually holds the band, worked out in one place for every page that tells it.
 *
 * @returns undefined where nothing is to be misted
 * @example mistingFor(animal) // { everyDays: 1, timesADay: 2 }
 */
export function mistingFor({ mistingsPerWeek }: Pick<Scene["animal"], "mistingsPerWeek">): Misting | undefined {
  const aWeek = (mistingsPerWeek[0] + mistingsPerWeek[1]) / 2;
  if (aWeek <= 0) return undefined;
  const timesADay = Math.round(aWeek / DAYS_A_WEEK);
  return timesADay >= 1 ? { everyDays: 1, timesADay } : { everyDays: Math.round(DAYS_A_WEEK / aWeek), timesADay: 0 };
}

/** Water the animal lives in, of which a part is changed. */
const LIVED_IN: readonly WaterKind[] = ["partLand", "aquatic"];
/** Water in something that is emptied and filled again. */
const BOWLS: readonly WaterKind[] = ["bowl", "bathBowl", "pool", "twoPools"];

const PRUNE_RULE = { often: "pruneOftenDays", sometimes: "pruneSometimesDays", seldom: "pruneSeldomDays" } as const;

/** How often scissors are wanted: as often as the fastest of the plants asks, often for one that is kept down. */
const pruneDays = ({ habitat, library }: Scene): number =>
  Math.min(
    ...habitat.plants.map(({ plantId, keptCm }) =>
      rule(PRUNE_RULE[keptCm === null ? library.get("plants", plantId).pruning : "often"]),
    ),
  );

const hasLitter = ({ habitat, library }: Scene): boolean =>
  habitat.strata.layers.some(
    (layer) => layer.kind === "dressing" && library.get("dressings", layer.materialId).look.texture === "leaf",
  );

/**
 * The duties that follow from the design: no misting where the animal wants none, no water line without drainage, gear
 * by what is set up.
 *
 * @example duties(scene).find((duty) => duty.id === "waterLine")?.everyDays // 7
 */
export function duties(scene: Scene): Duty[] {
  const { habitat, animal, ground } = scene;
  const safeLineCm = ground.water?.safeLineCm;
  const mist = mistingFor(animal);
  const all: ((Omit<Duty, "id" | "does"> & { id: DutyId }) | false)[] = [
    mist !== undefined && {
      id: "mist",
      everyDays: mist.everyDays,
      quantities: { timesADay: mist.timesADay },
      cautions: ["electricityWater"],
    },
    BOWLS.includes(animal.water.kind) && {
      id: "freshWater",
      everyDays: rule("freshWaterDays"),
      quantities: {},
      cautions: [],
    },
    LIVED_IN.includes(animal.water.kind) && {
      id: "waterChange",
      everyDays: rule("waterChangeDays"),
      quantities: { changeWaterL: waterInBoxL(animal, habitat.shell)[0] * LEAST_CHANGED },
      cautions: ["electricityWater", "handWashing"],
    },
    { id: "spotClean", everyDays: rule("spotCleanDays"), quantities: {}, cautions: ["handWashing"] },
    safeLineCm !== undefined && {
      id: "waterLine",
      everyDays: rule("waterLineCheckDays"),
      quantities: { safeLineCm },
      cautions: [],
    },
    { id: "glass", everyDays: rule("glassCleanDays"), quantities: {}, cautions: [] },
    hasLitter(scene) && { id: "litter", everyDays: rule("litterTopUpDays"), quantities: {}, cautions: [] },
    habitat.crew.length > 0 && {
      id: "crew",
      everyDays: rule("crewTopUpDays"),
      quantities: {},
      cautions: ["neverRelease"],
    },
    habitat.plants.length > 0 && {
      id: "prune",
      everyDays: pruneDays(scene),
      quantities: { count: habitat.plants.length },
      cautions: ["blades"],
    },
  ];
  const own = all.filter((duty) => duty !== false).map((duty): Duty => ({ ...duty, does: duty.id }));
  return [...own, ...gearDuties(scene).map(dutyOf)];
}

const dutyOf = (gear: GearDuty): Duty => ({
  id: gear.id,
  does: gear.does,
  everyDays: gear.everyDays,
  quantities: { kindId: gear.kind.id },
  cautions: gear.kind.cautions,
  gear,
});

/**
 * What is due and when, the most late first. Empty while the habitat is not kept yet.
 * Daily duties are due on the first day, longer ones after their first interval.
 *
 * @param today calendar day, ISO 8601
 * @example dueList(scene, state, "2026-03-01")[0]?.inDays // -3: three days late
 */
export function dueList(scene: Scene, state: LogState, today: string): Due[] {
  const { sinceOn, tickedOn } = state;
  if (sinceOn === null) return [];
  return duties(scene)
    .map((duty) => {
      const lastOn = duty.gear ? lastDone(duty.gear, state) : tickedOn[duty.id];
      const firstOn = daysAfter(sinceOn, duty.everyDays === 1 ? 0 : duty.everyDays);
      const dueOn = lastOn === undefined ? firstOn : daysAfter(lastOn, duty.everyDays);
      return { ...duty, lastOn, dueOn, inDays: daysBetween(today, dueOn) };
    })
    .sort((a, b) => a.inDays - b.inDays);
}
