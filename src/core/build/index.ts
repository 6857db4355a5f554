/** The build: its steps, what each waits for, and the dates that follow. */
export { TASK_IDS, tasks } from "./tasks";
export type { TaskId } from "./tasks";
export { schedule } from "./schedule";
export type { Scheduled } from "./schedule";
