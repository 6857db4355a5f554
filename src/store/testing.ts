/** What tests of the store start from: a local storage as browsers have it. Import it before what it is for. */
import "fake-indexeddb/auto";

const kept = new Map<string, string>();

Object.assign(globalThis, {
  localStorage: {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => void kept.set(key, value),
    removeItem: (key: string) => void kept.delete(key),
  },
});
