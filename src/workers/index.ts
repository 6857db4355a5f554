/** Heavy work away from the page: one client for every kind of worker. */
export { workerClient } from "./client";
export type { Options, Progress, WorkerClient } from "./client";
export { solveModel } from "./solver";
export { printFile, readFile } from "./files";
