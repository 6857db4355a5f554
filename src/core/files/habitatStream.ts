import { DesignSchema } from "../habitat";
import type { Habitat, LogEvent, SampleBlock } from "../log";
import { joined, readDocument, readSeriesRow, rowOf, type FileRead } from "./habitatFile";
import { JsonPieces, type Listener } from "./jsonPieces";
import { FORMAT, FORMAT_VERSION } from "./migrations";

/**
 * A habitat's file is one JSON document, laid out so that it can be written and read line by line: the head, the
 * design, then a line for each event and for each block of samples. A file of any other layout is read as well.
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
  const told = DesignSchema.safeParse(design);
  // One that does not read is printed as it lies: no file is withheld.
  yield `${DESIGN}${JSON.stringify(told.success ? told.data : design, null, 2)}\n`;
  yield `${EVENTS}\n`;
  yield* rows<LogEvent>(events, (event) => event);
  yield `${SAMPLES}\n`;
  yield* rows<SampleBlock>(samples, rowOf);
  yield `${END}\n`;
}

/** Prints a habitat as one text. @example printHabitat(habitat).startsWith("{") // true */
export const printHabitat = (habitat: Habitat): string => [...habitatLines(habitat)].join("");

/** Lists of a habitat's file, which are read item by item. */
const LISTS = new Set(["events", "samples"]);

/** A habitat's file as it comes in: what of it is today's is read at once, and the rest once all of it is there. */
class HabitatReader implements Listener {
  private readonly members = new Map<string, unknown>();
  private blocks: SampleBlock[] = [];
  private rowsRead = 0;
  private refused: FileRead | undefined;

  member(name: string, value: unknown): void {
    this.members.set(name, value);
  }

  list(name: string): void {
    this.members.set(name, []);
    if (name === "samples") [this.blocks, this.rowsRead, this.refused] = [[], 0, undefined];
  }

  item(name: string, value: unknown): void {
    if (name === "samples" && this.isOfToday()) this.takeRow(value);
    else (this.members.get(name) as unknown[]).push(value);
  }

  private isOfToday(): boolean {
    return this.members.get("format") === FORMAT && this.members.get("formatVersion") === FORMAT_VERSION;
  }

  private takeRow(row: unknown): void {
    if (this.refused) return;
    const read = readSeriesRow(row, this.rowsRead);
    this.rowsRead += 1;
    if (read.ok) this.blocks.push(...read.blocks);
    else this.refused = read;
  }

  read(): FileRead {
    const read = readDocument(Object.fromEntries(this.members));
    if (!read.ok) return read;
    if (this.refused) return this.refused;
    const { samples, ...rest } = read.habitat;
    return {
      ok: true,
      habitat: { ...rest, samples: this.rowsRead === 0 ? samples : joined([...samples, ...this.blocks]) },
    };
  }
}

const NOT_JSON: FileRead = { ok: false, problem: { code: "file.notJson" } };

/** Reads a file that is at hand as one text, of any version: as {@link readHabitat} does. */
export function parseHabitat(text: string): FileRead {
  const reader = new HabitatReader();
  const json = new JsonPieces(reader, LISTS);
  try {
    json.push(text);
    json.finish();
  } catch (error) {
    if (error instanceof SyntaxError) return NOT_JSON;
    throw error;
  }
  return reader.read();
}

/**
 * Reads a habitat's file as it comes in. What {@link habitatLines} printed comes back identical, and so does a file that
 * was laid out anew by another program.
 *
 * @param pieces the text of the file, in pieces of any size
 * @returns the habitat, or why the file is refused and which field is to blame; never throws on bad data
 */
export async function readHabitat(pieces: AsyncIterable<string>): Promise<FileRead> {
  const reader = new HabitatReader();
  const json = new JsonPieces(reader, LISTS);
  try {
    for await (const piece of pieces) json.push(piece);
    json.finish();
  } catch (error) {
    if (error instanceof SyntaxError) return NOT_JSON;
    throw error;
  }
  return reader.read();
}
