import "@/core/library/whole";
import { transfer } from "comlink";
import { habitatLines, readHabitat, type FileRead } from "@/core/files";
import { readTable, textIn, type BadRow, type Layout } from "@/core/files/readingTable";
import { blocksOfSamples, type Habitat, type SampleBlock } from "@/core/log";
import { parseIngredients, type CsvRead } from "@/core/files/ingredientCsv";
import type { TimeZone } from "@/core/units";
import type { Progress } from "./client";
import { exposeJobs } from "./alive";

/** Pieces of the file are handed on once they are this long, so that no text is ever the whole of it. */
const PIECE_CHARS = 256 * 1024;

function print(habitat: Habitat, onProgress: Progress): Blob {
  const pieces: Blob[] = [];
  const inAll = Math.max(1, habitat.samples.length);
  let [text, lines] = ["", 0];
  for (const line of habitatLines(habitat)) {
    text += line;
    lines += 1;
    if (text.length < PIECE_CHARS) continue;
    pieces.push(new Blob([text]));
    text = "";
    onProgress(Math.min(1, lines / (inAll + habitat.events.length)));
  }
  return new Blob([...pieces, text], { type: "application/json" });
}

/** The text of a file as it comes in. */
async function* textOf(file: Blob, onProgress: Progress): AsyncGenerator<string> {
  const reader = file.stream().pipeThrough(new TextDecoderStream()).getReader();
  let chars = 0;
  for (;;) {
    const { done, value } = await reader.read();
    if (done) return;
    chars += value.length;
    onProgress(Math.min(1, chars / Math.max(1, file.size)));
    yield value;
  }
}

const buffersOf = (read: FileRead): ArrayBuffer[] =>
  read.ok
    ? read.habitat.samples.flatMap(({ atMs, values }) => [atMs.buffer as ArrayBuffer, values.buffer as ArrayBuffer])
    : [];

export type TableAsked = { bytes: Uint8Array<ArrayBuffer>; layout: Layout; zone: TimeZone };
/** A logger's table as blocks of samples, how many rows it had, and which could not be read. */
export type TableRead = { blocks: SampleBlock[]; rows: number; bad: BadRow[] };

const jobs = {
  print: async (habitat: Habitat, onProgress: Progress): Promise<Blob> => print(habitat, onProgress),
  read: async (file: Blob, onProgress: Progress): Promise<FileRead> => {
    const read = await readHabitat(textOf(file, onProgress));
    return transfer(read, buffersOf(read));
  },
  table: async ({ bytes, layout, zone }: TableAsked, onProgress: Progress): Promise<TableRead> => {
    const { samples, rows, bad } = readTable(textIn(bytes), layout, zone, onProgress);
    const blocks = blocksOfSamples(samples);
    const buffers = blocks.flatMap(({ atMs, values }) => [atMs.buffer as ArrayBuffer, values.buffer as ArrayBuffer]);
    return transfer({ blocks, rows, bad }, buffers);
  },
  ingredients: async ({ text, ids }: { text: string; ids: string }): Promise<CsvRead> =>
    parseIngredients(text, (at) => `${ids}${at}`),
};
export type FileJobs = typeof jobs;

exposeJobs(jobs);
