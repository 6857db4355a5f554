/** The build: its steps, what each waits for, the dates that follow, how sure they are, and when the animal may come. */
export { activities, JOBS } from "./activities";
export type { About, Activity } from "./activities";
export { hasWoodInFoam } from "./activities/walls";
export type { PlanProblem } from "./adapted";
export { marking, unmarking } from "./marking";
export { planFor, planOf, schedule } from "./schedule";
export type { Plan, Scheduled } from "./schedule";
export { forecast } from "./forecast";
export type { Forecast } from "./forecast";
export { savings } from "./savings";
export { DAYS_IN_BAND, GATES, readiness } from "./readiness";
export type { Gate } from "./readiness";
export { reworkMarking, reworkPlan } from "./reworkPlan";
export type { ReworkPlan } from "./reworkPlan";
