"use client";

import { fileName, printHabitat } from "@/core/files";
import type { Habitat } from "@/core/habitat";

function saveText(name: string, text: string): void {
  const url = URL.createObjectURL(new Blob([text], { type: "application/json" }));
  const link = document.createElement("a");
  link.href = url;
  link.download = name;
  link.click();
  URL.revokeObjectURL(url);
}

/** Gives the person a habitat as a file. */
export const saveHabitatFile = (habitat: Habitat): void => saveText(fileName(habitat), printHabitat(habitat));

/** Gives the person a stored document that does not open, as it lies. */
export const saveRawFile = (id: string, raw: unknown): void => saveText(`${id}.json`, JSON.stringify(raw, null, 2));
