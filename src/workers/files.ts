import type { FileRead } from "@/core/files";
import type { Habitat } from "@/core/log";
import { workerClient, type Options } from "./client";
import type { FileJobs, TableAsked, TableRead } from "./files.worker";

const files = workerClient<FileJobs>(
  () => new Worker(new URL("./files.worker.ts", import.meta.url), { type: "module" }),
);

/** Prints a habitat's file away from the page. */
export const printFile = (habitat: Habitat, options?: Options): Promise<Blob> => files.call("print", habitat, options);

/** Reads a habitat's file away from the page, as it comes in. */
export const readFile = (file: Blob, options?: Options): Promise<FileRead> => files.call("read", file, options);

/** Reads a logger's table away from the page. */
export const readTableFile = (asked: TableAsked, options?: Options): Promise<TableRead> =>
  files.call("table", asked, options);
