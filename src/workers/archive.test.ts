import { BlobReader, TextWriter, Uint8ArrayWriter, ZipReader, type FileEntry } from "@zip.js/zip.js";
import { strToU8, unzipSync, zipSync } from "fflate";
import fc from "fast-check";
import { createHash } from "node:crypto";
import { describe, expect, it } from "vitest";
import { backupName, packer, printManifest, readManifest, type BackupFile, type BackupKind } from "@/core/files/backup";
import { printHabitat } from "@/core/files";
import { readBackup, type BackupRead } from "@/core/restoring";
import { EMPTY_BINS } from "@/core/supply";
import { happened, started } from "@/core/testing";
import { openArchive } from "./archive";
import { deflate } from "./deflate";

const MADE_AT = "2026-03-02T10:00:00.000Z";
type Sent = { path: string; kind: BackupKind; bytes: Uint8Array; photo?: unknown };

async function* inPieces(bytes: Uint8Array, size: number): AsyncGenerator<Uint8Array> {
  for (let at = 0; at < bytes.length; at += size) yield bytes.slice(at, at + size);
}

async function packed(files: readonly Sent[], pieceSize = 7): Promise<Uint8Array<ArrayBuffer>> {
  const pieces: Uint8Array[] = [];
  const into = packer(MADE_AT, deflate, (piece) => pieces.push(piece.slice()));
  for (const { bytes, ...file } of files) await into.add(file, inPieces(bytes, pieceSize));
  await into.finish();
  return new Uint8Array(Buffer.concat(pieces));
}

const nothing = () => undefined;
const blobOf = (zip: Uint8Array): Blob => new Blob([new Uint8Array(zip)]);
async function look(zip: Uint8Array): Promise<BackupRead> {
  const archive = await openArchive(blobOf(zip)).catch(() => undefined);
  return archive ? readBackup(archive, nothing) : { ok: false, problem: { code: "backup.notZip" } };
}
async function sound(zip: Uint8Array) {
  const read = await look(zip);
  if (!read.ok) throw new Error(read.problem.code);
  return read;
}

const fernwall = { design: started({ id: "h" }), events: happened({ kind: "closed", on: "2026-02-01" }), samples: [] };
const json = (what: unknown): Uint8Array => strToU8(JSON.stringify(what));
const HABITAT: Sent = { path: "habitats/1-fern.rincon.json", kind: "habitat", bytes: strToU8(printHabitat(fernwall)) };
const facts = { id: "p", habitatId: "h", takenOn: "2026-02-03", widthPx: 4, heightPx: 3 };
const PHOTO: Sent = {
  ...{ path: "photos/a.jpg", kind: "photo", photo: facts },
  bytes: new Uint8Array([255, 216, 0, 1, 2, 255, 217]),
};
const BINS: Sent = { path: "bins.json", kind: "bins", bytes: json(EMPTY_BINS) };
/** A whole archive as another program would write it, with a manifest of ours. */
const written = (files: Record<string, Uint8Array>, told: Omit<BackupFile, "sha256" | "bytes">[]): Uint8Array => {
  const manifest = told.map((file): BackupFile => {
    const bytes = files[file.path] ?? new Uint8Array();
    return { ...file, bytes: bytes.length, sha256: createHash("sha256").update(bytes).digest("hex") };
  });
  return zipSync({ ...files, "manifest.json": strToU8(printManifest(MADE_AT, manifest)) });
};

describe("an archive", () => {
  const file = fc.record({
    bytes: fc.uint8Array({ maxLength: 3000 }),
    kind: fc.constantFrom<BackupKind>("photo", "own"),
  });

  it("comes back byte for byte, in whatever pieces its files came", async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(file, { maxLength: 8 }), fc.integer({ min: 1, max: 4000 }), async (files, size) => {
        const named = files.map((one, at) => ({ ...one, path: `${one.kind}/${at}` }));
        const archive = await openArchive(blobOf(await packed(named, size)));
        for (const { path, bytes } of named) {
          const pieces: Uint8Array[] = [];
          for await (const piece of archive.read(path)) pieces.push(piece);
          expect(new Uint8Array(Buffer.concat(pieces))).toEqual(bytes);
        }
      }),
      { numRuns: 40 },
    );
  });

  // Outside references: two other implementations of APPNOTE, and OpenSSL's SHA-256 (FIPS 180-4).
  it("is read by other readers of archives, sizes and CRC-32 and all, and its checksums are SHA-256", async () => {
    const zip = await packed([HABITAT, PHOTO]);
    expect(unzipSync(zip)[PHOTO.path]).toEqual(PHOTO.bytes);
    const reader = new ZipReader(new BlobReader(blobOf(zip)), { checkSignature: true });
    const entries = (await reader.getEntries()) as FileEntry[];
    expect(entries.map(({ filename }) => filename)).toEqual([HABITAT.path, PHOTO.path, "manifest.json"]);
    const [habitat, photo, manifest] = entries;
    expect(await habitat?.getData(new Uint8ArrayWriter())).toEqual(HABITAT.bytes);
    expect(await photo?.getData(new Uint8ArrayWriter())).toEqual(PHOTO.bytes);
    expect(habitat?.compressedSize).toBeLessThan(HABITAT.bytes.length / 2);
    const read = readManifest((await manifest?.getData(new TextWriter())) ?? "");
    expect(read.ok && read.manifest.files.map(({ sha256 }) => sha256)).toEqual(
      [HABITAT, PHOTO].map(({ bytes }) => createHash("sha256").update(bytes).digest("hex")),
    );
    expect(read.ok && read.manifest.madeAt).toBe(MADE_AT);
  });

  it("that unpacks to far more than it is long is not opened, nor one of files within one another", async () => {
    const bomb = written({ "aside/1.json": new Uint8Array(60_000_000) }, [{ path: "aside/1.json", kind: "aside" }]);
    expect(bomb.length).toBeLessThan(100_000);
    expect(await look(bomb)).toEqual({ ok: false, problem: { code: "backup.harmful" } });
    const zip = await packed([HABITAT, BINS]);
    const archive = await openArchive(blobOf(zip));
    const nested = archive.entries.map((entry) => ({ ...entry, atByte: 0 }));
    expect(await readBackup({ ...archive, entries: nested }, nothing)).toMatchObject({ ok: false });
  });

  it("that tells less than it holds is not read past what it tells", async () => {
    const zip = await packed([BINS]);
    const archive = await openArchive(blobOf(zip));
    let given = 0;
    const endless = {
      ...archive,
      read: (path: string) =>
        path === BINS.path
          ? (async function* () {
              for (; given < 1000; given += 1) yield new Uint8Array(1000);
            })()
          : archive.read(path),
    };
    expect(await readBackup(endless, nothing)).toMatchObject({ leftOut: [{ path: BINS.path, why: "damaged" }] });
    expect(given).toBeLessThan(3);
  });
});

describe("a backup", () => {
  it("gives each part to the reader of its kind", async () => {
    const read = await sound(await packed([HABITAT, PHOTO, BINS]));
    expect(read).toMatchObject({ habitats: [fernwall], bins: EMPTY_BINS, leftOut: [], aside: [] });
    expect(read.photos).toEqual([{ path: PHOTO.path, photo: facts }]);
  });

  it("of which any byte of a file was changed, names that file and gives the rest", async () => {
    const noise: Sent = { ...PHOTO, bytes: Uint8Array.from({ length: 500 }, (_, n) => n * 7) };
    const zip = await packed([noise, HABITAT]);
    // The photograph lies as it is, right behind its header of 30 bytes and its name.
    for (const at of [0, 250, 499]) {
      const broken = zip.slice();
      broken[30 + noise.path.length + at] = (broken[30 + noise.path.length + at] ?? 0) ^ 1;
      const read = await sound(broken);
      expect([read.leftOut, read.photos]).toEqual([[{ path: noise.path, why: "damaged" }], []]);
      expect(read.habitats).toHaveLength(1);
    }
    expect(await look(zip.slice(0, zip.length - 30))).toEqual({ ok: false, problem: { code: "backup.notZip" } });
  });

  it("of which a file is missing, names it", async () => {
    const read = await sound(written({}, [{ path: "bins.json", kind: "bins" }]));
    expect(read.leftOut).toEqual([{ path: "bins.json", why: "damaged" }]);
  });

  it("one bad part is set aside and named, and every habitat comes in all the same", async () => {
    const bad: Sent[] = [
      { path: "bins.json", kind: "bins", bytes: json({ format: "something else" }) },
      { path: "own.json", kind: "own", bytes: strToU8("{") },
      { path: "trials.json", kind: "trials", bytes: json(7) },
      { path: "settings.json", kind: "settings", bytes: json([]) },
    ];
    const read = await sound(await packed([...bad, HABITAT]));
    expect(read.leftOut).toEqual(bad.map(({ path }) => ({ path, why: "misshapen" })));
    expect(read.aside.map(({ name }) => name)).toEqual(["bins", "own", "trials", "settings"]);
    expect([read.habitats.length, read.bins, read.own, read.trials]).toEqual([1, undefined, undefined, undefined]);
  });

  it("with a photograph of a camera without a clock still opens, and the photograph is of the backup's day", async () => {
    const read = await sound(await packed([{ ...PHOTO, photo: { ...facts, takenOn: "0000-00-00" } }, HABITAT]));
    expect(read.photos[0]?.photo.takenOn).toBe("2026-03-02");
    expect(read.habitats).toHaveLength(1);
  });

  it("with an unreadable stored document, and a copy set aside at no time, is read whole", async () => {
    const events = [...fernwall.events, { kind: "nonsense" }, null];
    const samples = [{ series: "warmEnd.temperatureC", at: [1, 2], value: [20, Number.MAX_VALUE] }];
    const rows = { id: "torn", updatedAt: "never", document: "no document", events, samples };
    const copy = { id: "c", habitatId: 7, name: "Copy", why: "because", at: "noon", raw: { a: 1 } };
    const read = await sound(
      await packed([
        { path: "unread/1.json", kind: "unread", bytes: json(rows) },
        { path: "aside/1.json", kind: "aside", bytes: json(copy) },
      ]),
    );
    expect(read.rows).toMatchObject([{ id: "torn", updatedAt: MADE_AT, events: fernwall.events, samples: [] }]);
    expect(read.aside).toMatchObject([
      { habitatId: "torn", raw: [{ kind: "nonsense" }, null, samples[0]] },
      { id: "c", habitatId: null, why: "damaged", at: MADE_AT, raw: { a: 1 } },
    ]);
  });

  it("tells a stranger's archive, a newer Rincon's, and which field of a manifest is wrong", async () => {
    const refused = async (manifest: string) => {
      const read = await look(zipSync({ "manifest.json": strToU8(manifest) }));
      return read.ok ? undefined : read.problem;
    };
    expect(await look(new Uint8Array([1, 2, 3]))).toEqual({ ok: false, problem: { code: "backup.notZip" } });
    expect(await look(zipSync({ "a.txt": strToU8("a") }))).toEqual({ ok: false, problem: { code: "backup.notOurs" } });
    expect(await refused("{")).toEqual({ code: "backup.notOurs" });
    const told = JSON.parse(printManifest(MADE_AT, [])) as Record<string, unknown>;
    expect(await refused(JSON.stringify({ ...told, formatVersion: 2 }))).toEqual({
      code: "backup.newer",
      found: 2,
      known: 1,
    });
    expect(await refused(JSON.stringify({ ...told, madeAt: "yesterday" }))).toMatchObject({
      code: "file.badField",
      path: "manifest.madeAt",
    });
  });

  it("is named by its day", () => expect(backupName(MADE_AT)).toBe("rincon-2026-03-02.zip"));
});
