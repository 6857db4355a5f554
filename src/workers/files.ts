import type { FileRead } from "@/core/files";
import type { CsvRead } from "@/core/files/ingredientCsv";
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

/**
 * Reads a table of ingredients away from the page.
 *
 * @param ids what the ids of new ingredients begin with
 */
export const readIngredients = (text: string, ids: string, options?: Options): Promise<CsvRead> =>
  files.call("ingredients", { text, ids }, options);

/** Reads a logger's table away from the page. */
export const readTableFile = (asked: TableAsked, options?: Options): Promise<TableRead> =>
  files.call("table", asked, options);
