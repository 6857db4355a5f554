import i18next, { type i18n } from "i18next";
import { initReactI18next } from "react-i18next";
import type { UnitSystem } from "@/core/units";
import { spoken, type Quantities } from "./quantities";
import { en, type WordKey } from "./resources";

/** The one instance: the words are bundled, so it is ready at once. */
export const words: i18n = i18next.createInstance();
void words.use(initReactI18next).init({
  lng: "en",
  fallbackLng: "en",
  resources: { en },
  ns: Object.keys(en),
  defaultNS: "common",
  interpolation: { escapeValue: false },
  initAsync: false,
});

/** Says a word or a sentence, with every quantity in the chosen units. */
export type Say = (key: WordKey, quantities?: Quantities) => string;

/** @example sayIn("us")("strata:sillTag", { sillCm: 17 }) // "door sill 6 11/16 in" */
export function sayIn(system: UnitSystem): Say {
  return (key, quantities = {}) =>
    (words.t as (key: string, options: object) => string)(key, spoken(quantities, system, words.language));
}

/** Whether there is a word under a key that was put together at run time. */
export const isWord = (key: string): key is WordKey => words.exists(key, { count: 1 });

/** First letter upper case, for names that stand alone. @example capital("rosy boa") // "Rosy boa" */
export const capital = (text: string): string => text.charAt(0).toLocaleUpperCase() + text.slice(1);
