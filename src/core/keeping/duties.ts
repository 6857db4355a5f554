import { rule, type Caution, type WaterKind } from "../catalog";
import type { Comes } from "../habitat";
import { waterInBoxL } from "../living";
import type { Scene } from "../scene";
import { feedEveryDays } from "./feeding";
import { gearDuties, type GearDuty } from "./gearDuties";
import { mistedByHand, mistingBy, mistingFor } from "./misting";

const DUTY_IDS = [
  "feed",
  "mist",
  "lookAtMister",
  "freshWater",
  "waterChange",
  "spotClean",
  "waterLine",
  "retreatWater",
  "waterPlants",
  "glass",
  "litter",
  "crew",
  "crewFood",
  "crewThin",
  "prune",
  "topDress",
  "weigh",
  "calciumTub",
  "vitaminsTub",
] as const;
type DutyId = (typeof DUTY_IDS)[number];

/** What there is to do: as such, for a kind of gear, or a keeper's own. */
export const DUTY_KINDS = [...DUTY_IDS, "renewGear", "checkGear", "own"] as const;
type DutyKind = (typeof DUTY_KINDS)[number];

/** Something that comes round again. Its id is ticked; what it does is said. */
export type Duty = {
  id: string;
  does: DutyKind;
  /** Of a keeper's own: what they call it. */
  name?: string;
  comes: Comes;
  /** Done late, the next is due as if it had been in time. */
  keepsPace: boolean;
  /** How long it takes, where the keeper told it. */
  minutes: number | null;
  quantities: Record<string, number | string>;
  cautions: readonly Caution[];
  /** Of gear that is renewed: the pieces. */
  gear?: GearDuty;
};

/** A duty as the design asks for it: every so many days. */
type Made = Pick<Duty, "quantities" | "cautions"> & { id: DutyId; everyDays: number };

/** Of the water, a fifth to a third is changed at a time (common practice). */
const LEAST_CHANGED = 0.2;
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

const DRY_BAND_RH = 60;
/** A damp retreat in a box whose air is drier than what it keeps. */
const hasDryRetreat = ({ animal: { humidityRh } }: Scene): boolean =>
  humidityRh.retreat !== null && humidityRh.day.preferred[0] < DRY_BAND_RH;

const hasBeetles = ({ habitat, library }: Scene): boolean =>
  habitat.crew.some(({ crewId }) => library.get("crew", crewId).group === "beetle");

/** Where an entry tells no size of prey: the rule of most kinds. */
const USUAL_PREY = "headWidth";
/** Whether anything it eats is dusted at all. */
const isDusted = ({ food }: Scene["animal"]): boolean =>
  food.calciumEveryNthFeeding !== null || food.vitaminsEveryDays !== null;

/** What the animals want. */
function animalDuties({ habitat, animal, on, misting, pump }: Asked): (Made | false)[] {
  const { openedOn } = habitat.care;
  return [
    {
      id: "feed",
      everyDays: feedEveryDays(animal, habitat.individuals, on),
      quantities: { prey: animal.food.preySize ?? USUAL_PREY, ...(isDusted(animal) ? { dusted: "yes" } : {}) },
      cautions: ["handWashing"],
    },
    misting !== undefined &&
      pump === undefined && {
        id: "mist",
        everyDays: misting.everyDays,
        quantities: { timesADay: misting.timesADay, burstS: misting.burstS ?? 0 },
        cautions: ["electricityWater"],
      },
    pump !== undefined && { id: "lookAtMister", everyDays: 1, quantities: { ...pump }, cautions: ["electricityWater"] },
    BOWLS.includes(animal.water.kind) && {
      id: "freshWater",
      everyDays: rule("freshWaterDays"),
      quantities: {},
      cautions: [],
    },
    { id: "spotClean", everyDays: rule("spotCleanDays"), quantities: {}, cautions: ["handWashing"] },
    { id: "weigh", everyDays: rule("weighDays"), quantities: {}, cautions: ["handWashing"] },
    openedOn.calcium !== undefined && {
      id: "calciumTub",
      everyDays: rule("supplementDays"),
      quantities: {},
      cautions: [],
    },
    openedOn.vitamins !== undefined && {
      id: "vitaminsTub",
      everyDays: rule("supplementDays"),
      quantities: {},
      cautions: [],
    },
  ];
}

/** What water, ground, plants and crew want. */
function boxDuties({ scene, misting, pump }: Asked): (Made | false)[] {
  const { habitat, animal, ground } = scene;
  const safeLineCm = ground.water?.safeLineCm;
  const hasSoil = habitat.strata.layers.some(({ kind }) => kind === "soil");
  return [
    LIVED_IN.includes(animal.water.kind) && {
      id: "waterChange",
      everyDays: rule("waterChangeDays"),
      quantities: { changeWaterL: waterInBoxL(animal, habitat.shell)[0] * LEAST_CHANGED },
      cautions: ["electricityWater", "handWashing"],
    },
    safeLineCm !== undefined && {
      id: "waterLine",
      everyDays: rule("waterLineCheckDays"),
      quantities: { safeLineCm },
      cautions: [],
    },
    hasDryRetreat(scene) && { id: "retreatWater", everyDays: rule("retreatWaterDays"), quantities: {}, cautions: [] },
    habitat.plants.length > 0 &&
      misting === undefined &&
      pump === undefined && { id: "waterPlants", everyDays: rule("waterPlantsDays"), quantities: {}, cautions: [] },
    { id: "glass", everyDays: rule("glassCleanDays"), quantities: {}, cautions: [] },
    hasLitter(scene) && { id: "litter", everyDays: rule("litterTopUpDays"), quantities: {}, cautions: [] },
    habitat.crew.length > 0 && {
      id: "crew",
      everyDays: rule("crewTopUpDays"),
      quantities: {},
      cautions: ["neverRelease"],
    },
    hasBeetles(scene) && { id: "crewFood", everyDays: rule("crewFoodDays"), quantities: {}, cautions: [] },
    hasBeetles(scene) && {
      id: "crewThin",
      everyDays: rule("crewThinDays"),
      quantities: {},
      cautions: ["neverRelease"],
    },
    habitat.plants.length > 0 && {
      id: "prune",
      everyDays: pruneDays(scene),
      quantities: { count: habitat.plants.length },
      cautions: ["blades"],
    },
    hasSoil &&
      habitat.plants.length > 0 && { id: "topDress", everyDays: rule("topDressDays"), quantities: {}, cautions: [] },
  ];
}

type Asked = Pick<Scene, "habitat" | "animal"> & {
  scene: Scene;
  on: string;
  misting: ReturnType<typeof mistingFor>;
  pump: ReturnType<typeof mistingBy>;
};

/** Every duty the design asks for, before its keeper changed any. */
function usualDuties(scene: Scene, on: string): Duty[] {
  const { habitat, animal } = scene;
  const asked = {
    scene,
    on,
    habitat,
    animal,
    misting: mistedByHand(scene) ?? mistingFor(animal),
    pump: mistingBy(scene),
  };
  const made = [...animalDuties(asked), ...boxDuties(asked)].filter((duty) => duty !== false);
  return [
    ...made.map(({ everyDays, ...duty }): Duty => ({ ...duty, ...every(everyDays), does: duty.id })),
    ...gearDuties(scene).map(dutyOf),
  ];
}

const every = (days: number): Pick<Duty, "comes" | "keepsPace" | "minutes"> => ({
  comes: { by: "days", days },
  keepsPace: false,
  minutes: null,
});

const dutyOf = (gear: GearDuty): Duty => ({
  id: gear.id,
  does: gear.does,
  ...every(gear.everyDays),
  quantities: { kindId: gear.kind.id, purpose: gear.kind.purpose },
  cautions: gear.kind.cautions,
  gear,
});

/** What a keeper's own duty is ticked as. @example ownDutyId("a1") // "own-a1" */
const ownDutyId = (id: string): string => `own-${id}`;

/** A duty its keeper left off, and why. */
type OffDuty = Duty & { reason: string | null };

/**
 * The duties as their keeper wants them, and those left off.
 *
 * @param on the day they are for, as the young are fed more often; calendar day, ISO 8601
 */
export function dutiesAsKept(scene: Scene, on: string): { on: Duty[]; off: OffDuty[] } {
  const { changes, own } = scene.habitat.care;
  const mine = own.map(({ id, name, ...rest }): Duty => ({
    ...rest,
    id: ownDutyId(id),
    name,
    does: "own",
    quantities: {},
    cautions: [],
  }));
  const changed = new Map(changes.map((change) => [change.dutyId, change]));
  const all = [...usualDuties(scene, on), ...mine].map((duty) => {
    const change = changed.get(duty.id);
    if (!change) return { duty, off: false, reason: null };
    const { comes, keepsPace, minutes, off, reason } = change;
    return { duty: { ...duty, comes: comes ?? duty.comes, keepsPace, minutes: minutes ?? duty.minutes }, off, reason };
  });
  return {
    on: all.filter(({ off }) => !off).map(({ duty }) => duty),
    off: all.filter(({ off }) => off).map(({ duty, reason }) => ({ ...duty, reason })),
  };
}

/**
 * The duties that follow from the design and its keeper's wishes: no misting where the animal wants none, no water line
 * without drainage, no bowl where there is none, gear by what is set up; without those left off, with their own.
 *
 * @param on the day they are for; calendar day, ISO 8601
 * @example duties(scene, "2026-03-02").find((duty) => duty.id === "waterLine")?.comes // { by: "days", days: 7 }
 */
export const duties = (scene: Scene, on: string): Duty[] => dutiesAsKept(scene, on).on;
