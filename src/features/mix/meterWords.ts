import { SCALES, type MeterId, type Readings } from "@/core/mix";
import { L_PER_US_DRY_QUART, type UnitSystem } from "@/core/units";
import { moneyPrinted, type Figures, type Say } from "@/words";

const LEVELS = 6;
type Level = 0 | 1 | 2 | 3 | 4 | 5;
const levelOf = (value: number): Level => Math.min(LEVELS - 1, Math.max(0, Math.round(value))) as Level;

type Telling = { say: Say; figures: Figures; system: UnitSystem; currency: string };
type Teller = (value: number, told: Telling) => string;

const percolation: Teller = (value, { say }) => say(`mix:percolation.${levelOf(value)}`);
const level: Teller = (value, { say }) => say(`mix:levels.${levelOf(value)}`);
const pctVol: Teller = (value, { say, figures }) => say("mix:pctVol", { figure: figures.number(value, 0) });
const litreMass: Teller = (value, { say }) => say("mix:mass", { dryKgPerL: value });
const [, MOST_MONTHS] = SCALES.lasts;

const TELLERS: Record<MeterId, Teller> = {
  water: pctVol,
  easyWater: pctVol,
  air: pctVol,
  drains: percolation,
  dryKg: litreMass,
  wetKg: litreMass,
  acid: (value, { say, figures }) => say("mix:phOf", { figure: figures.number(value, 1) }),
  burrow: (value, { say, figures }) => say("mix:kPa", { figure: figures.number(value, 1) }),
  nutrients: level,
  crewFood: level,
  dust: level,
  lasts: (value, { say, figures }) =>
    value >= MOST_MONTHS
      ? say("mix:monthsOver", { figure: figures.number(MOST_MONTHS, 0) })
      : say("mix:months", { figure: figures.number(value, 0) }),
  price: (value, { say, system, currency }) =>
    system === "us"
      ? say("mix:pricePerQuart", { price: moneyPrinted(value * L_PER_US_DRY_QUART, currency) })
      : say("mix:pricePerLitre", { price: moneyPrinted(value, currency) }),
  peat: (value, { say, figures }) => say("mix:share", { share: figures.number(value, 0) }),
};

/** A reading as it is told beside its scale. @example sayReading("acid", 5.9, …) // "5.9 pH" */
export const sayReading = (
  id: MeterId,
  value: number | undefined,
  say: Say,
  figures: Figures,
  system: UnitSystem,
  currency: string,
): string => (value === undefined ? say("mix:noPrice") : TELLERS[id](value, { say, figures, system, currency }));

export const readingOf = (readings: Readings, id: MeterId): number | undefined => readings[id];

/** What the meters show a second mix by. */
export type Ring = { readings: Readings; name: string } | undefined;
