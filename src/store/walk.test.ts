import "./testing";
import { beforeEach, describe, expect, it } from "vitest";
import { derive } from "@/core/derive";
import { parseHabitat, printHabitat } from "@/core/files";
import { packer, type BackupKind } from "@/core/files/backup";
import { attempt, problemsIn, type Design } from "@/core/habitat";
import { STOCK, withOwn } from "@/core/library";
import { blocksOf, logNow, type Habitat } from "@/core/log";
import { readBackup } from "@/core/restoring";
import { seeded } from "@/core/random";
import { happened, started } from "@/core/testing";
import { GROWING } from "@/core/testing/growing";
import { walked } from "@/core/testing/walk";
import { openArchive } from "@/workers/archive";
import { deflate } from "@/workers/deflate";
import { db } from "./db";
import { putHabitats, takeIn, wholeHabitat } from "./habitats";
import { restore } from "./restore";

beforeEach(async () => {
  for (const table of db().tables) await table.clear();
});

async function* whole(bytes: Uint8Array): AsyncGenerator<Uint8Array> {
  yield bytes;
}

/** A backup of a text of ours, as the archive it is. */
async function backedUp(files: readonly { path: string; kind: BackupKind; text: string }[]): Promise<Blob> {
  const pieces: Uint8Array[] = [];
  const into = packer("2026-03-02T10:00:00.000Z", deflate, (piece) => pieces.push(piece.slice()));
  for (const { text, ...file } of files) await into.add(file, whole(new TextEncoder().encode(text)));
  await into.finish();
  return new Blob([new Uint8Array(Buffer.concat(pieces))]);
}

/** Export, import, export: the same text; and a backup of it restores to the same habitat. */
async function expectKept(habitat: Habitat): Promise<void> {
  const { id } = habitat.design;
  await putHabitats([habitat]);
  const kept = await wholeHabitat(id);
  if (!kept) throw new Error("it does not open");
  const text = printHabitat(kept);
  const read = parseHabitat(text);
  if (!read.ok) throw new Error(JSON.stringify(read.problem));
  await takeIn(read.habitat, "replace");
  expect(printHabitat((await wholeHabitat(id))!)).toBe(text);
  const zip = await backedUp([{ path: "habitats/1.rincon.json", kind: "habitat", text }]);
  const backup = await readBackup(await openArchive(zip), () => undefined);
  if (!backup.ok) throw new Error(backup.problem.code);
  expect([backup.leftOut, backup.unread]).toEqual([[], []]);
  await restore(backup, "replace", async () => []);
  expect(printHabitat((await wholeHabitat(id))!)).toBe(text);
}

const samples = blocksOf("warmEnd.temperatureC", [{ atMs: Date.UTC(2026, 0, 5), value: 24.125 }]);

describe("whatever can be made can be kept, taken out, taken in and restored", () => {
  it("after any walk of edits and events, up to and past every limit of a field", { timeout: 120_000 }, async () => {
    for (let seed = 1; seed <= 40; seed += 1) {
      const { design, events, taken } = walked(started({ id: `walk-${seed}` }), 120, seeded(seed));
      expect(taken).toBeGreaterThan(5);
      expect(problemsIn(design, withOwn(STOCK, design.own))).toEqual([]);
      await expectKept({ design, events, samples });
      expect(derive(design, logNow({ events, samples }, "2026-06-01"), STOCK).findings).toBeDefined();
    }
  });

  it.each(GROWING)("with $most of its $list; one more is refused at its list", async ({ list, most, of, add }) => {
    let design: Design = started({ id: "full" });
    let refused: string | undefined;
    for (let n = 0; n <= most + 3 && refused === undefined; n += 1) {
      const tried = attempt(design, [add(n)], STOCK);
      if (tried.ok) design = tried.design;
      else if (tried.problem.code === "outOfRange") refused = tried.problem.path;
      // Ids that are there already, such as of the animal that lives there.
      else expect(tried.problem.code).toBe("twice");
    }
    expect([of(design).length, refused?.split(".").at(-1)]).toEqual([most, list]);
    await expectKept({ design, events: [], samples });
  });

  it("a box made smaller under a piece set in its back wall keeps the piece within", async () => {
    const wall = { on: "inWall", wall: "back", upCm: 20 } as const;
    const piece = { id: "s", kindId: "corkTube", xCm: 30, yCm: 40, turnDeg: 0, widthCm: 20, depthCm: 60, heightCm: 8 };
    for (const walls of [{ depthCm: 10 }, { widthCm: 10 }]) {
      const tried = attempt(
        started({ id: "small" }),
        [
          { name: "addPiece", args: { ...piece, fillMixId: null, rest: wall } },
          { name: "setShell", args: walls },
        ],
        STOCK,
      );
      if (!tried.ok) throw new Error(tried.problem.path);
      const [set] = tried.design.pieces;
      expect([set!.xCm, set!.yCm].every((cm) => cm >= 0)).toBe(true);
      await expectKept({ design: tried.design, events: happened(), samples });
    }
  });
});
