import bins from "./en/bins.json";
import brief from "./en/brief.json";
import build from "./en/build.json";
import catalog from "./en/catalog.json";
import cautions from "./en/cautions.json";
import climate from "./en/climate.json";
import common from "./en/common.json";
import crew from "./en/crew.json";
import figures from "./en/figures.json";
import findings from "./en/findings";
import fits from "./en/fits.json";
import keeping from "./en/keeping.json";
import library from "./en/library.json";
import mix from "./en/mix.json";
import planting from "./en/planting.json";
import problems from "./en/problems.json";
import schools from "./en/schools.json";
import sheets from "./en/sheets.json";
import shelf from "./en/shelf.json";
import shell from "./en/shell.json";
import start from "./en/start.json";
import steps from "./en/steps.json";
import strata from "./en/strata.json";

/** Every visible word, one namespace for each place. */
export const en = {
  bins,
  brief,
  build,
  catalog,
  cautions,
  climate,
  common,
  crew,
  figures,
  findings,
  fits,
  keeping,
  library,
  mix,
  planting,
  problems,
  schools,
  sheets,
  shelf,
  shell,
  start,
  steps,
  strata,
};

type Plural<K extends string> = K extends `${infer Base}_${"one" | "other"}` ? Base : K;
type Leaves<T, Prefix extends string> = {
  [K in keyof T & string]: T[K] extends string ? Plural<`${Prefix}${K}`> : Leaves<T[K], `${Prefix}${K}.`>;
}[keyof T & string];

type Namespace = keyof typeof en;
/** Every key there is, `namespace:path.to.word`; plural forms count as one. */
export type WordKey = { [N in Namespace]: Leaves<(typeof en)[N], `${N}:`> }[Namespace];
