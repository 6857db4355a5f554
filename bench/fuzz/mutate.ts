import type { Chance } from "../../src/core/testing/anyValue";

/** Texts and documents spoilt as chance has it: by their signs, by what stands in them, by their end. */
const pick = <T>(chance: Chance, items: readonly T[]): T => items[Math.floor(chance() * items.length)] as T;

const SIGNS = [
  '"',
  "{",
  "}",
  "[",
  "]",
  ",",
  ":",
  "\\",
  "0",
  "9",
  "-",
  ".",
  "e",
  "\n",
  "\u0000",
  "\u200b",
  "<",
  ";",
  "=",
  "é",
];
/** Values that are something else than what belongs there. */
const ODD: readonly unknown[] = [
  ...[null, true, false, "", " ", 0, -1, 1e9, 1e21, -1e21, 1e-300, 0.5, 99_999_999_999_999],
  ...[
    "__proto__",
    "constructor",
    "toString",
    "<img src=x onerror=alert(1)>",
    "\u202e",
    "\u200b",
    "\ud800",
    "a".repeat(5000),
  ],
  ...[
    "9999-12-31",
    "0000-00-00",
    "2026-02-30",
    "1970-01-01T00:00:00Z",
    "57868-01-01T00:00:00Z",
    "FREQ=YEARLY;BYMONTH=13",
  ],
  ...["FREQ=DAILY;INTERVAL=-1", "FREQ=YEARLY;BYMONTHDAY=30;BYMONTH=2", "Nowhere/Nothing", [], {}, [[]], [null]],
];

function signsSpoilt(text: string, chance: Chance): string {
  const at = Math.floor(chance() * text.length);
  const length = 1 + Math.floor(chance() * 8);
  switch (Math.floor(chance() * 5)) {
    case 0:
      return text.slice(0, at) + pick(chance, SIGNS) + text.slice(at + 1);
    case 1:
      return text.slice(0, at) + text.slice(at + length);
    case 2:
      return text.slice(0, at) + text.slice(at, at + length * 9).repeat(2) + text.slice(at + length * 9);
    case 3:
      return text.slice(0, at);
    default:
      return text.slice(0, at) + pick(chance, SIGNS).repeat(length) + text.slice(at);
  }
}

type Node = Record<string, unknown> | unknown[];
const isNode = (value: unknown): value is Node => typeof value === "object" && value !== null;

/** Any object or list within a value, deep ones as likely as flat ones. */
function anyNode(root: Node, chance: Chance): Node {
  let node = root;
  for (let depth = 0; depth < 12; depth += 1) {
    const below = Object.values(node).filter(isNode);
    if (below.length === 0 || chance() < 0.18) return node;
    node = pick(chance, below);
  }
  return node;
}

function valueSpoilt(value: unknown, chance: Chance): unknown {
  if (typeof value === "number" && chance() < 0.6)
    return pick(chance, [value * -1, value * 1000, value + 0.5, value / 7, 0, value * 1e6, Math.round(value)]);
  if (typeof value === "string" && chance() < 0.4) return signsSpoilt(value, chance);
  return pick(chance, ODD);
}

/** A document with some of what it holds put out of place. */
function documentSpoilt(document: unknown, chance: Chance): unknown {
  const copy = structuredClone(document);
  if (!isNode(copy)) return pick(chance, ODD);
  for (let n = 0; n <= Math.floor(chance() * 3); n += 1) {
    const node = anyNode(copy, chance);
    const keys = Object.keys(node);
    if (keys.length === 0) continue;
    const key = pick(chance, keys);
    const within = node as Record<string, unknown>;
    const roll = chance();
    if (roll < 0.7) within[key] = valueSpoilt(within[key], chance);
    else if (roll < 0.8) delete within[key];
    else if (roll < 0.9 && Array.isArray(node)) node.push(structuredClone(node[0]));
    else within[pick(chance, ["extra", "id", "name", key])] = structuredClone(within[pick(chance, keys)]);
  }
  return copy;
}

export function textSpoilt(text: string, chance: Chance): string {
  let spoilt = text;
  for (let n = 0; n <= Math.floor(chance() * 3); n += 1) spoilt = signsSpoilt(spoilt, chance);
  return spoilt;
}

/** A JSON text spoilt by what it holds or by its signs. */
export const jsonSpoilt = (document: unknown, text: string, chance: Chance): string =>
  chance() < 0.65 ? JSON.stringify(documentSpoilt(document, chance)) : textSpoilt(text, chance);

/** Bytes of which some are others. */
export function bytesSpoilt(bytes: Uint8Array, chance: Chance): Uint8Array<ArrayBuffer> {
  const spoilt = new Uint8Array(chance() < 0.15 ? bytes.slice(0, Math.floor(chance() * bytes.length)) : bytes);
  for (let n = 0; n <= Math.floor(chance() * 6) && spoilt.length > 0; n += 1)
    spoilt[Math.floor(chance() * spoilt.length)] = Math.floor(chance() * 256);
  return spoilt;
}
