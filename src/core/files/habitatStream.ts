import { DesignSchema } from "../habitat";
import type { Habitat, LogEvent, SampleBlock } from "../log";
import { joined, readDesign, readDocument, readEvents, readSeriesRow, rowOf, type FileRead } from "./habitatFile";
import { FORMAT, FORMAT_VERSION } from "./migrations";

/**
 * A habitat's file is one JSON document, laid out so that it can be written and read line by line: the head, the
 * design, then a line for each event and for each block of samples. A file of any other layout is read as a whole.
 */
const HEAD = `{"format":"${FORMAT}","formatVersion":${FORMAT_VERSION},`;
const DESIGN = '"design":';
const EVENTS = ',"events":[';
const SAMPLES = '],"samples":[';
const END = "]}";

/** Rows of a list, all but the last with a comma. */
function* rows<T>(items: readonly T[], print: (item: T) => unknown): Generator<string> {
  for (const [at, item] of items.entries())
    yield `${JSON.stringify(print(item))}${at === items.length - 1 ? "" : ","}\n`;
}

/**
 * Prints a habitat as its file, piece by piece, so that the whole of it need never be one text.
 *
 * @example [...habitatLines(habitat)].join("") // one JSON document
 */
export function* habitatLines({ design, events, samples }: Habitat): Generator<string> {
  yield `${HEAD}\n`;
  // In the order of the schema, whatever edits did to it: the same design makes the same text.
  yield `${DESIGN}${JSON.stringify(DesignSchema.parse(design), null, 2)}\n`;
  yield `${EVENTS}\n`;
  yield* rows<LogEvent>(events, (event) => event);
  yield `${SAMPLES}\n`;
  yield* rows<SampleBlock>(samples, rowOf);
  yield `${END}\n`;
}

/** Prints a habitat as one text. @example printHabitat(habitat).startsWith("{") // true */
export const printHabitat = (habitat: Habitat): string => [...habitatLines(habitat)].join("");

/** Cuts pieces of text into lines. */
async function* linesOf(pieces: AsyncIterable<string>): AsyncGenerator<string> {
  let rest = "";
  for await (const piece of pieces) {
    const lines = `${rest}${piece}`.split("\n");
    rest = lines.pop() ?? "";
    yield* lines;
  }
  if (rest !== "") yield rest;
}

const rowText = (line: string): string => (line.endsWith(",") ? line.slice(0, -1) : line);

type Part = "head" | "design" | "events" | "samples" | "end";
/** The line that ends each part, and the part that follows it. */
const NEXT: Partial<Record<Part, [line: string, part: Part]>> = {
  design: [EVENTS, "events"],
  events: [SAMPLES, "samples"],
  samples: [END, "end"],
};

/** Reads a file in our own layout, line by line. */
class LineReader {
  private part: Part = "head";
  private designText: string[] = [];
  private events: unknown[] = [];
  private blocks: SampleBlock[] = [];
  private rowsRead = 0;
  private refused: FileRead | undefined;

  take(line: string): void {
    if (this.refused) return;
    const next = NEXT[this.part];
    if (next && line === next[0]) this.part = next[1];
    else if (this.part === "head") this.part = "design";
    else if (this.part === "design") this.designText.push(line);
    else if (this.part === "events") this.events.push(JSON.parse(rowText(line)));
    else if (this.part === "samples") this.takeRow(JSON.parse(rowText(line)));
  }

  private takeRow(row: unknown): void {
    const read = readSeriesRow(row, this.rowsRead);
    this.rowsRead += 1;
    if (read.ok) this.blocks.push(...read.blocks);
    else this.refused = read;
  }

  finish(): FileRead {
    if (this.refused) return this.refused;
    if (this.part !== "end") return { ok: false, problem: { code: "file.notJson" } };
    const design = readDesign(JSON.parse(this.designText.join("\n").slice(DESIGN.length)));
    if (!design.ok) return design;
    const log = readEvents(this.events);
    if (!log.ok) return log;
    return { ok: true, habitat: { design: design.design, events: log.events, samples: joined(this.blocks) } };
  }
}

/** Reads a file that is at hand as one text, of any version. */
export function parseHabitat(text: string): FileRead {
  try {
    return readDocument(JSON.parse(text));
  } catch {
    return { ok: false, problem: { code: "file.notJson" } };
  }
}

/**
 * Reads a habitat's file as it comes in. What {@link habitatLines} printed comes back identical; a file of an earlier
 * version, or one that was laid out anew by another program, is read as a whole.
 *
 * @param pieces the text of the file, in pieces of any size
 * @returns the habitat, or why the file is refused and which field is to blame; never throws on bad data
 */
export async function readHabitat(pieces: AsyncIterable<string>): Promise<FileRead> {
  let reader: LineReader | undefined;
  const whole: string[] = [];
  let first = true;
  try {
    for await (const line of linesOf(pieces)) {
      if (first && line === HEAD) reader = new LineReader();
      first = false;
      if (reader) reader.take(line);
      else whole.push(line);
    }
    return reader ? reader.finish() : parseHabitat(whole.join("\n"));
  } catch (error) {
    if (error instanceof SyntaxError) return { ok: false, problem: { code: "file.notJson" } };
    throw error;
  }
}
