"use client";

import { rawText } from "@/core/files";

/** A browser may still be reading a file it was just told to save. */
const LET_GO_MS = 60_000;

/** Gives the person a file. */
export function saveBlob(name: string, blob: Blob): void {
  const url = URL.createObjectURL(blob);
  const link = document.createElement("a");
  link.href = url;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), LET_GO_MS);
}

/** Gives the person a file that has its name, if there is one. */
export const saveFile = (file: { name: string; blob: Blob } | undefined): void => {
  if (file) saveBlob(file.name, file.blob);
};

/** Gives the person a text as a file. */
export const saveText = (name: string, text: string, type = "application/json"): void =>
  saveBlob(name, new Blob([text], { type }));

/**
 * The text of a file, whatever encoding it was saved in: UTF-16 by its mark, UTF-8 when it reads as such, else the old
 * western one of spreadsheets.
 */
export function decodeText(bytes: Uint8Array): string {
  const [first, second] = bytes;
  if (first === 0xff && second === 0xfe) return new TextDecoder("utf-16le").decode(bytes);
  if (first === 0xfe && second === 0xff) return new TextDecoder("utf-16be").decode(bytes);
  try {
    return new TextDecoder("utf-8", { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder("windows-1252").decode(bytes);
  }
}

/** Reads a file the person chose as text. */
export const openText = async (file: Blob): Promise<string> => decodeText(new Uint8Array(await file.arrayBuffer()));

/** Gives the person bytes as a file. */
export const saveBytes = (name: string, bytes: Uint8Array, type: string): void =>
  saveBlob(name, new Blob([new Uint8Array(bytes)], { type }));

/** Gives the person what does not open, as it lies. */
export const saveRawFile = (name: string, raw: unknown): void =>
  saveText(`${name === "" ? "set-aside" : name}.json`, rawText(raw));
