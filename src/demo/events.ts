import { schedule } from "@/core/build";
import type { Design } from "@/core/habitat";
import { duties } from "@/core/keeping";
import { STOCK } from "@/core/library";
import { NOTHING_HAPPENED, type LogEvent, type Told } from "@/core/log";
import { sceneOf } from "@/core/scene";
import { daysAfter } from "@/core/units";

/** Something that happened on a day, written at noon of it. */
const event = <T extends Told>(id: string, told: T): LogEvent => ({ ...told, id, at: `${told.on}T12:00:00.000Z` });

/** Every build step done on the day its plan gave it, the last on the day the animal moved in. */
export function buildEvents(design: Design, movedInOn: string): LogEvent[] {
  const plan = schedule(sceneOf(design, STOCK), NOTHING_HAPPENED, design.build.startOn);
  const idOf = (taskId: string): string => taskId.replace(":", "-");
  const done = plan.map(({ id, startOn }) =>
    event(`done-${idOf(id)}`, { kind: "taskDone", on: id === "moveIn" ? movedInOn : startOn, taskId: id }),
  );
  const seededOn = (crewId: string): string => plan.find(({ id }) => id === `seedCrew:${crewId}`)?.startOn ?? movedInOn;
  return [
    ...done,
    ...design.crew.map(({ crewId, count }) =>
      event(`seeded-${crewId}`, { kind: "seeded", on: seededOn(crewId), crewId, count }),
    ),
    event("movedIn", { kind: "movedIn", on: movedInOn }),
  ];
}

/** The last tick of what every such box asks for, days ago; what a box does not ask for is left out. */
const USUAL_TICKS: Readonly<Record<string, number>> = {
  checkResidualCurrentDevice: 12,
  checkDimmingThermostat: 150,
  lookAtMister: 0,
  retreatWater: 2,
  waterPlants: 3,
  crewFood: 2,
  crewThin: 40,
  topDress: 200,
};

/** The last tick of each duty. */
export function tickEvents(design: Design, ticked: Readonly<Record<string, number>>, today: string): LogEvent[] {
  const asked = new Set(duties(sceneOf(design, STOCK), today).map(({ id }) => id));
  const usual = Object.entries(USUAL_TICKS).filter(([dutyId]) => asked.has(dutyId));
  return Object.entries({ ...Object.fromEntries(usual), ...ticked }).map(([dutyId, ago]) =>
    event(`tick-${dutyId}`, { kind: "tick", on: daysAfter(today, -ago), dutyId }),
  );
}

const DAYS_A_YEAR = 365;
/** Lamps of a box that is older than a year were renewed within it. */
export const renewals = (design: Design, keptAgo: number, today: string): LogEvent[] =>
  keptAgo <= DAYS_A_YEAR
    ? []
    : design.gear.map(({ id }) => event(`renewed-${id}`, { kind: "renewed", on: daysAfter(today, -60), gearId: id }));
