import i18next, { type i18n } from "i18next";
import { initReactI18next } from "react-i18next";
import type { UnitSystem } from "@/core/units";
import type { CatalogKind } from "@/core/catalog";
import type { Library } from "@/core/library";
import { withoutNothing } from "./clauses";
import { nameIn, spoken, type Quantities } from "./quantities";
import { en, type WordKey } from "./resources";

/** The one instance: the words are bundled, so it is ready at once; `./atWork` adds those beyond the Shelf's. */
export const words: i18n = i18next.createInstance();
void words.use(initReactI18next).init({
  lng: "en",
  fallbackLng: "en",
  resources: { en },
  ns: Object.keys(en),
  defaultNS: "common",
  interpolation: { escapeValue: false },
  initAsync: false,
  // A page that says a word it did not read is a fault of ours; the end-to-end tests fail on it.
  saveMissing: true,
  missingKeyHandler: (_languages, space, key) => console.error(`no words for ${space}:${key}`),
});

/** Says a word or a sentence, with every quantity in the chosen units and every thing by its name. */
export type Say = {
  (key: WordKey, quantities?: Quantities): string;
  /** The common name of an entry. @example say.nameOf("plants", "nervePlant") */
  nameOf: (kind: CatalogKind, id: string) => string;
};

/** @example sayIn("us", STOCK)("strata:sillTag", { sillCm: 17 }) // "door sill 6 11/16 in" */
export function sayIn(system: UnitSystem, library: Library): Say {
  const speech = { system, locale: words.language, library };
  const say = (key: WordKey, quantities: Quantities = {}): string =>
    withoutNothing((words.t as (key: string, options: object) => string)(key, spoken(quantities, speech)));
  return Object.assign(say, { nameOf: (kind: CatalogKind, id: string) => nameIn(library, kind, id) });
}

/** Whether there is a word under a key that was put together at run time. */
export const isWord = (key: string): key is WordKey => words.exists(key, { count: 1 });

/** First letter upper case, for names that stand alone. @example capital("rosy boa") // "Rosy boa" */
export const capital = (text: string): string => text.charAt(0).toLocaleUpperCase() + text.slice(1);
