import { describe, expect, it } from "vitest";
import { STOCK } from "@/core/library";
import { atWork } from "./en/atWork";
import { sayIn } from "./index";
import { en, type WordKey } from "./resources";

type Tree = { readonly [key: string]: string | Tree };

/** Every sentence by its key; its plural forms as one. */
function* sentences(tree: Tree, prefix: string): Generator<[key: string, text: string]> {
  for (const [name, value] of Object.entries(tree))
    if (typeof value === "string") yield [`${prefix}${name.replace(/_(one|other)$/, "")}`, value];
    else yield* sentences(value, `${prefix}${name}.`);
}
/** The blanks of all forms of each sentence: one form may tell more than another. */
const BLANKS = new Map<string, string[]>();
const ALL = Object.entries({ ...en, ...atWork }).flatMap(([space, tree]) => [...sentences(tree as Tree, `${space}:`)]);

const blanksOf = (text: string): string[] => [...text.matchAll(/\{\{(\w+)\}\}/g)].map(([, name]) => name ?? "");

/** Ids a sentence names its things by. */
const THINGS: Record<string, string> = {
  animalId: "rosyBoa",
  mateId: "rosyBoa",
  loneId: "rosyBoa",
  hunterId: "rosyBoa",
  preyId: "rosyBoa",
  toxicId: "rosyBoa",
  plantId: "nervePlant",
  otherId: "coleus",
  crewId: "powderIsopod",
  swapCrewId: "powderIsopod",
  kindId: "boulder",
  otherKindId: "log",
  materialId: "clayPebbles",
  ingredientId: "coir",
  treatmentId: "foam",
  finishId: "siliconeFibre",
  buildId: "glass",
};
/** Counts a sentence tells beside the one it is declined by. */
const COUNTS = /Count$|^count$|^times|^days|^minutes$|^hours$|^batches$/;

for (const [key, text] of ALL) BLANKS.set(key, [...(BLANKS.get(key) ?? []), ...blanksOf(text)]);

function told(key: string, count: number): string {
  const blanks = BLANKS.get(key) ?? [];
  const filled = blanks.map((name): [string, string | number] => [
    name,
    THINGS[name] ??
      (COUNTS.test(name)
        ? count
        : /(Cm|L|Kg|C|Rh|Pct|Deg|Cm2)(AtLeast)?(Figure)?$/.test(name)
          ? count
          : /On$/.test(name)
            ? "2026-03-02"
            : "x"),
  ]);
  return sayIn("metric", STOCK)(key as WordKey, { count, ...Object.fromEntries(filled) });
}

/** Nouns that are said of several end in s; these words do without being several. */
const NOT_PLURAL =
  /^(is|was|has|its|this|less|loss|moss|grass|glass|across|as|us|wants|needs|stands|lives|lies|takes|gets|reaches|weighs|makes|gives|mass|class|starts|holds|works|alas|plus|minus|thus|always|sometimes|species)$/;
const VOWEL = /^(?:[aeio]|u(?!n[ai]|s[aeu]|ni))/i;

describe("every message", () => {
  const counted = ALL.filter(([, text]) => text.includes("{{count}}"));
  it("there are enough of them to speak of", () => {
    expect(ALL.length).toBeGreaterThan(1200);
    expect(counted.length).toBeGreaterThan(60);
  });
  it.each(counted)("%s is right with 0, 1 and 2", (key, text) => {
    const [none, one, two] = [0, 1, 2].map((count) => told(key, count));
    for (const said of [none, one, two]) expect(said).not.toMatch(/\{\{|\}\}|undefined|NaN|\[object/);
    for (const [, noun] of one!.matchAll(/(?<![\d.,°%–-])\b1 (?:more |alike |other )?([a-z]+s)\b/g))
      expect(NOT_PLURAL.test(noun ?? ""), `"${one}"`).toBe(true);
    // What is said of two is said of none, but for clauses that fall away.
    if (text.includes("⟦")) return;
    const words = (said: string) => said.replace(/\d+/g, "#").replaceAll(/[^a-z# ]/gi, "");
    expect(words(none!).split(" ").length, `"${none}" "${two}"`).toBe(words(two!).split(" ").length);
  });
  it("none sets an article before a blank, where it can not know which", () => {
    const wrong = ALL.filter(([, text]) => /\b[Aa]n? \{\{\w*(Id|name|kind)\}\}/.test(text));
    expect(wrong).toEqual([]);
  });
  it("none says a before a vowel, or an before none", () => {
    const wrong = ALL.flatMap(([key, text]) =>
      [...text.matchAll(/\b([Aa]n?) ([a-z]+)/g)]
        .filter(
          ([, article, next]) =>
            (article!.length === 2) !== VOWEL.test(next!) && !/^(hour|honest|one|once)/.test(next!),
        )
        .map(([found]) => `${key}: ${found}`),
    );
    expect(wrong).toEqual([]);
  });
  it("no name of a kind of thing is said twice in a row", () => {
    const twice = ALL.filter(([, text]) => /\b(\w{3,}) \1\b/i.test(text));
    expect(twice).toEqual([]);
  });
});
