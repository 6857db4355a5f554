"use client";

import { useSyncExternalStore } from "react";

/**
 * A choice kept on this device: the other tabs follow, and without storage it lasts as long as the page.
 *
 * @param read makes the value of what is kept; null when nothing is. What it gives must be the same object for the same
 * text.
 * @param onDevice what holds on a device where nothing is kept, where that hangs on the device; pages are sent without it
 */
export function localSetting<T>(
  key: string,
  read: (text: string | null) => T,
  print: (value: T) => string,
  onDevice?: () => T,
): { use: () => T; choose: (value: T) => void } {
  const listeners = new Set<() => void>();
  const usual = read(null);
  const held = (text: string | null): T => (text === null && onDevice ? onDevice() : read(text));
  let known: { text: string | null; value: T } | undefined;
  const current = (): T => {
    let text: string | null;
    try {
      text = localStorage.getItem(key);
    } catch {
      known ??= { text: null, value: held(null) };
      return known.value;
    }
    if (known?.text !== text) known = { text, value: held(text) };
    return known.value;
  };
  const subscribe = (listener: () => void): (() => void) => {
    listeners.add(listener);
    window.addEventListener("storage", listener);
    return () => {
      listeners.delete(listener);
      window.removeEventListener("storage", listener);
    };
  };
  return {
    use: () => useSyncExternalStore(subscribe, current, () => usual),
    choose: (value) => {
      try {
        localStorage.setItem(key, print(value));
      } catch {
        known = { text: null, value };
      }
      for (const listener of listeners) listener();
    },
  };
}
