import catalog from "./en/catalog.json";
import common from "./en/common.json";
import keeping from "./en/keeping.json";
import problems from "./en/problems.json";
import shelf from "./en/shelf.json";
import titles from "./en/titles";
import type { atWork } from "./en/atWork";

/** The words every page says, one namespace for each place. */
export const en = {
  catalog,
  common,
  keeping,
  problems,
  shelf,
  titles,
};

type Plural<K extends string> = K extends `${infer Base}_${"one" | "other"}` ? Base : K;
type Leaves<T, Prefix extends string> = {
  [K in keyof T & string]: T[K] extends string ? Plural<`${Prefix}${K}`> : Leaves<T[K], `${Prefix}${K}.`>;
}[keyof T & string];

/** All there are, whether read at once or where the work is done. */
type Words = typeof en & typeof atWork;
/** Every key there is, `namespace:path.to.word`; plural forms count as one. */
export type WordKey = { [N in keyof Words]: Leaves<Words[N], `${N}:`> }[keyof Words];
