import { BlobReader, TextWriter, Uint8ArrayWriter, ZipReader, type FileEntry } from "@zip.js/zip.js";
import { strToU8, zipSync } from "fflate";
import fc from "fast-check";
import { createHash } from "node:crypto";
import { describe, expect, it } from "vitest";
import { readManifest, printManifest } from "./manifest";
import { backupName, packer, unpacked, type BackupKind } from "./index";

const MADE_AT = "2026-03-02T10:00:00.000Z";
type Told = { path: string; kind: BackupKind; bytes: Uint8Array };

async function* inPieces(bytes: Uint8Array, size: number): AsyncGenerator<Uint8Array> {
  for (let at = 0; at < bytes.length; at += size) yield bytes.slice(at, at + size);
}

async function packed(files: readonly Told[], pieceSize = 7): Promise<Uint8Array> {
  const pieces: Uint8Array[] = [];
  const into = packer(MADE_AT, (piece) => pieces.push(piece.slice()));
  for (const { bytes, ...file } of files) await into.add(file, inPieces(bytes, pieceSize));
  into.finish();
  return new Uint8Array(Buffer.concat(pieces));
}

const nothing = () => undefined;
const HABITAT: Told = { path: "habitats/1-fern.rincon.json", kind: "habitat", bytes: strToU8('{"a":1}\n'.repeat(400)) };
const PHOTO: Told = { path: "photos/a.jpg", kind: "photo", bytes: new Uint8Array([255, 216, 0, 1, 2, 255, 217]) };

const file = fc.record({
  kind: fc.constantFrom<BackupKind>("habitat", "photo", "bins", "aside"),
  bytes: fc.uint8Array({ maxLength: 3000 }),
});

describe("a backup", () => {
  it("comes back byte for byte, in whatever pieces its files came", async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(file, { maxLength: 8 }), fc.integer({ min: 1, max: 4000 }), async (files, size) => {
        const named = files.map((one, at) => ({ ...one, path: `${one.kind}/${at}` }));
        const back = unpacked(await packed(named, size), nothing);
        expect(back.ok && back.files.map(({ file: { path }, bytes }) => [path, Array.from(bytes)])).toEqual(
          named.map(({ path, bytes }) => [path, Array.from(bytes)]),
        );
      }),
      { numRuns: 40 },
    );
  });

  // Outside references: another implementation of APPNOTE, and OpenSSL's SHA-256 (FIPS 180-4).
  it("is read by another reader of archives, sizes and CRC-32 and all, and its checksums are SHA-256", async () => {
    const zip = await packed([HABITAT, PHOTO]);
    const reader = new ZipReader(new BlobReader(new Blob([new Uint8Array(zip)])), { checkSignature: true });
    const entries = (await reader.getEntries()) as FileEntry[];
    expect(entries.map(({ filename }) => filename)).toEqual([HABITAT.path, PHOTO.path, "manifest.json"]);
    const [habitat, photo, manifest] = entries;
    expect(await habitat?.getData(new Uint8ArrayWriter())).toEqual(HABITAT.bytes);
    expect(await photo?.getData(new Uint8ArrayWriter())).toEqual(PHOTO.bytes);
    expect(habitat?.compressedSize).toBeLessThan(HABITAT.bytes.length / 10);
    const read = readManifest((await manifest?.getData(new TextWriter())) ?? "");
    expect(read.ok && read.manifest.files.map(({ sha256 }) => sha256)).toEqual(
      [HABITAT, PHOTO].map(({ bytes }) => createHash("sha256").update(bytes).digest("hex")),
    );
    expect(read.ok && read.manifest.madeAt).toBe(MADE_AT);
  });

  it("is refused with the file's name when any byte of any file was changed or it was cut off", async () => {
    const noise: Told = {
      path: "photos/n.jpg",
      kind: "photo",
      bytes: Uint8Array.from({ length: 500 }, (_, n) => n * 7),
    };
    const zip = await packed([noise, HABITAT]);
    // The photograph lies as it is, right behind its header of 30 bytes and its name.
    for (const at of [0, 250, 499]) {
      const broken = zip.slice();
      broken[30 + noise.path.length + at] = (broken[30 + noise.path.length + at] ?? 0) ^ 1;
      expect(unpacked(broken, nothing)).toEqual({
        ok: false,
        problem: { code: "backup.damaged", path: noise.path, count: 1 },
      });
    }
    expect(unpacked(zip.slice(0, zip.length - 30), nothing)).toEqual({ ok: false, problem: { code: "backup.notZip" } });
  });

  it("is refused when a file its manifest names is missing", () => {
    const manifest = printManifest(MADE_AT, [
      { path: "bins.json", kind: "bins", bytes: 2, sha256: createHash("sha256").update("{}").digest("hex") },
    ]);
    const zip = (files: Record<string, Uint8Array>) => unpacked(zipSync(files), nothing);
    expect(zip({ "manifest.json": strToU8(manifest), "bins.json": strToU8("{}") }).ok).toBe(true);
    expect(zip({ "manifest.json": strToU8(manifest) })).toEqual({
      ok: false,
      problem: { code: "backup.damaged", path: "bins.json", count: 1 },
    });
  });

  it("tells a stranger's archive, a newer Rincon's, and which field of a manifest is wrong", () => {
    const refused = (manifest: string) => {
      const read = unpacked(zipSync({ "manifest.json": strToU8(manifest) }), nothing);
      return read.ok ? undefined : read.problem;
    };
    expect(unpacked(new Uint8Array([1, 2, 3]), nothing)).toEqual({ ok: false, problem: { code: "backup.notZip" } });
    expect(unpacked(zipSync({ "a.txt": strToU8("a") }), nothing)).toEqual({
      ok: false,
      problem: { code: "backup.notOurs" },
    });
    expect(refused("{")).toEqual({ code: "backup.notOurs" });
    const sound = JSON.parse(printManifest(MADE_AT, [])) as Record<string, unknown>;
    expect(refused(JSON.stringify({ ...sound, formatVersion: 2 }))).toEqual({
      code: "backup.newer",
      found: 2,
      known: 1,
    });
    expect(refused(JSON.stringify({ ...sound, madeAt: "yesterday" }))).toMatchObject({
      code: "file.badField",
      path: "manifest.madeAt",
    });
  });

  it("is named by its day", () => expect(backupName(MADE_AT)).toBe("rincon-2026-03-02.zip"));
});
