import MiniSearch, { type Query } from "minisearch";

/** Something with names: the first is what it is called, the others are scientific, old, trade and nick-names. */
export type NamedThing = { id: string; names: readonly string[] };

/** Ids by how well they match: those that were meant, or where none were, the nearest few. */
export type Hits = { found: readonly string[]; nearest: readonly string[] };

const MOST_NEAREST = 3;
/** A shorter word is typed right, or another word. */
const FUZZY_FROM_LETTERS = 4;
const FORGIVEN_SHARE = 0.2;
const FORGIVEN_FURTHER = 0.4;

/** Small letters without accents; an apostrophe parts nothing, all else that is no letter parts words. */
const plain = (text: string): string =>
  text.normalize("NFKD").replace(/\p{M}/gu, "").replace(/['’]/g, "").toLowerCase();
const wordsOf = (text: string): string[] =>
  plain(text)
    .split(/[^\p{L}\p{N}]+/u)
    .filter((word) => word !== "");

/** The words of a name, and each two neighbours as one word: "fat-tailed" is found by "fattail" too. */
const tokensOf = (text: string): string[] => {
  const words = wordsOf(text);
  return [...words, ...words.slice(1).map((word, at) => `${words[at] ?? ""}${word}`)];
};

/** Three letters at a time, for names that are spelt nearly so. */
const threesOf = (text: string): string[] => {
  const padded = ` ${wordsOf(text).join(" ")} `;
  return Array.from({ length: Math.max(0, padded.length - 2) }, (_, at) => padded.slice(at, at + 3));
};

const joined = (text: string): string => wordsOf(text).join(" ");

type Row = { id: string; name: string; others: string };
const FIELDS = ["name", "others"];

/**
 * Makes an index of names.
 *
 * @returns finds by a typed text; of an empty text everything is meant, in its order
 * @example nameIndex([{ id: "a", names: ["African fat-tailed gecko"] }])("fat tail").found // ["a"]
 */
export function nameIndex(things: readonly NamedThing[]): (text: string) => Hits {
  const rows = things.map(({ id, names: [name = "", ...others] }): Row => ({ id, name, others: others.join(" | ") }));
  const byWord = new MiniSearch<Row>({ fields: FIELDS, tokenize: tokensOf, processTerm: (term) => term });
  const byThrees = new MiniSearch<Row>({ fields: FIELDS, tokenize: threesOf, processTerm: (term) => term });
  byWord.addAll(rows);
  byThrees.addAll(rows);
  const forgiving = (share: number) => (term: string) => (term.length >= FUZZY_FROM_LETTERS ? share : 0);
  const search = (query: Query, share: number, combineWith: "AND" | "OR"): string[] =>
    byWord
      .search(query, { prefix: true, fuzzy: forgiving(share), combineWith, boost: { name: 2 }, tokenize: wordsOf })
      .map(({ id }) => String(id));
  const nearestTo = (text: string): string[] => {
    const far = search(text, FORGIVEN_FURTHER, "OR");
    const spelt = byThrees.search(text, { combineWith: "OR" }).map(({ id }) => String(id));
    return [...new Set([...(far.length > MOST_NEAREST ? spelt : far), ...spelt])].slice(0, MOST_NEAREST);
  };
  const plainNames = new Map(things.map(({ id, names }) => [id, names.map(joined)]));
  /** Who bears that very name comes first, by what it is called before what else it is called. */
  const exactFirst = (ids: readonly string[], text: string): string[] => {
    const wanted = joined(text);
    const rank = (id: string): number => {
      const at = plainNames.get(id)?.indexOf(wanted) ?? -1;
      return at < 0 ? 2 : Math.min(at, 1);
    };
    return ids.toSorted((a, b) => rank(a) - rank(b));
  };
  /** As it is typed, in one word, then with a letter wrong: what is spelt right is not meant for another. */
  const ways = (text: string): (() => string[])[] => {
    const asOne = wordsOf(text).join("");
    return [0, FORGIVEN_SHARE].flatMap((share) => [text, asOne].map((told) => () => search(told, share, "AND")));
  };
  return (text) => {
    if (wordsOf(text).length === 0) return { found: things.map(({ id }) => id), nearest: [] };
    for (const way of ways(text)) {
      const found = way();
      if (found.length > 0) return { found: exactFirst(found, text), nearest: [] };
    }
    return { found: [], nearest: nearestTo(text) };
  };
}
