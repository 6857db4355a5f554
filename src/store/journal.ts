import type { Habitat } from "@/core/habitat";
import { readDocument } from "@/core/files";

/**
 * The database writes asynchronously, and a page that is being closed may not live to see it done.
 * What is still unwritten then goes here, synchronously, and is picked up when the habitat opens again.
 */
const keyOf = (id: string): string => `rincon.unsaved.${id}`;

export function keepUnsaved(habitat: Habitat): void {
  try {
    localStorage.setItem(keyOf(habitat.id), JSON.stringify(habitat));
  } catch {
    // A full or forbidden local storage leaves the database write as the only one.
  }
}

export function takeUnsaved(id: string): Habitat | undefined {
  try {
    const text = localStorage.getItem(keyOf(id));
    if (text === null) return undefined;
    localStorage.removeItem(keyOf(id));
    const read = readDocument(JSON.parse(text));
    return read.ok ? read.habitat : undefined;
  } catch {
    return undefined;
  }
}

export function forgetUnsaved(id: string): void {
  try {
    localStorage.removeItem(keyOf(id));
  } catch {
    // Nothing kept, nothing to forget.
  }
}
