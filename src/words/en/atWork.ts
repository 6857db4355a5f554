import advice from "./advice.json";
import backup from "./backup.json";
import bins from "./bins.json";
import brief from "./brief.json";
import build from "./build.json";
import cautions from "./cautions.json";
import climate from "./climate.json";
import compare from "./compare.json";
import crew from "./crew.json";
import figures from "./figures.json";
import findings from "./findings";
import fits from "./fits.json";
import journal from "./journal.json";
import library from "./library.json";
import mix from "./mix.json";
import planting from "./planting.json";
import schools from "./schools.json";
import sheets from "./sheets.json";
import shelfWork from "./shelfWork.json";
import shell from "./shell.json";
import start from "./start.json";
import steps from "./steps.json";
import strata from "./strata.json";
import things from "./things.json";

/** The words only the places of work say, so that the Shelf need not read them. */
export const atWork = {
  advice,
  backup,
  bins,
  brief,
  build,
  cautions,
  climate,
  compare,
  crew,
  figures,
  findings,
  fits,
  journal,
  library,
  mix,
  planting,
  schools,
  sheets,
  shelfWork,
  shell,
  start,
  steps,
  strata,
  things,
};
