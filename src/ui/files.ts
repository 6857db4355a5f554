"use client";

import { fileName, printHabitat } from "@/core/files";
import type { Habitat } from "@/core/habitat";

function saveBlob(name: string, blob: Blob): void {
  const url = URL.createObjectURL(blob);
  const link = document.createElement("a");
  link.href = url;
  link.download = name;
  link.click();
  URL.revokeObjectURL(url);
}

/** Gives the person a text as a file. */
export const saveText = (name: string, text: string, type = "application/json"): void => saveBlob(name, new Blob([text], { type }));

/** Gives the person bytes as a file. */
export const saveBytes = (name: string, bytes: Uint8Array, type: string): void => saveBlob(name, new Blob([new Uint8Array(bytes)], { type }));

/** Gives the person a habitat as a file. */
export const saveHabitatFile = (habitat: Habitat): void => saveText(fileName(habitat), printHabitat(habitat));

/** Gives the person a stored document that does not open, as it lies. */
export const saveRawFile = (id: string, raw: unknown): void => saveText(`${id}.json`, JSON.stringify(raw, null, 2));
