import type { Habitat } from "@/core/log";
import { metBefore, putHabitats, takeIn } from "@/store";
import { sayFileProblem, type Say } from "@/words";
import { readFile } from "@/workers/files";
import type { Notice } from "./notice";

/** A habitat of a file, and one of its own id that stands here: whether it goes in its place is asked. */
export type Asked = { habitat: Habitat; name: string };

/** What came of a file: a notice where it is on the shelf or was there already, a problem, or a question. */
type Taken = { notice: Notice } | { problem: string } | { asked: Asked };

/** Puts a habitat on the shelf, in the place of the one that stands there or beside it. */
export async function put(habitat: Habitat, how: "replace" | "keepBoth", say: Say): Promise<Notice> {
  const { before } = await takeIn(habitat, how);
  const { name } = habitat.design;
  return before
    ? { text: say("shelf:replaced", { name }), undo: () => void putHabitats([before]) }
    : { text: say("shelf:imported", { name }) };
}

/** Reads a habitat file and puts it on the shelf; one that stands here is asked of first. */
export async function take(file: File, say: Say, onNotice: (notice: Notice) => void): Promise<Taken> {
  const read = await readFile(file, {
    onProgress: (share) => onNotice({ text: say("shelf:importing", { sharePct: share * 100 }) }),
  });
  if (!read.ok) return { problem: sayFileProblem(read.problem, say) };
  const { habitat } = read;
  const met = await metBefore(habitat);
  if (met.kind === "same") return { notice: { text: say("shelf:same", { name: habitat.design.name }) } };
  if (met.kind === "other") return { asked: { habitat, name: met.name } };
  return { notice: await put(habitat, "replace", say) };
}
