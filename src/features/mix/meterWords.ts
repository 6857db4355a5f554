import { SCALES, type MeterId, type Readings } from "@/core/mix";
import { moneyPrinted, type Figures, type Say } from "@/words";

const LEVELS = 6;
type Level = 0 | 1 | 2 | 3 | 4 | 5;
const levelOf = (value: number): Level => Math.min(LEVELS - 1, Math.max(0, Math.round(value))) as Level;

/** A reading as it is told beside its scale. @example sayReading("acid", 5.9, …) // "5.9 pH" */
export function sayReading(
  id: MeterId,
  value: number | undefined,
  say: Say,
  figures: Figures,
  currency: string,
): string {
  if (value === undefined) return say("mix:noPrice");
  switch (id) {
    case "water":
    case "easyWater":
    case "air":
      return say("mix:pctVol", { figure: figures.number(value, 0) });
    case "drains":
      return say(`mix:percolation.${levelOf(value)}`);
    case "dryKg":
    case "wetKg":
      return say("mix:mass", { litreKg: value });
    case "acid":
      return say("mix:phOf", { figure: figures.number(value, 1) });
    case "burrow":
      return say("mix:kPa", { figure: figures.number(value, 1) });
    case "nutrients":
    case "crewFood":
    case "dust":
      return say(`mix:levels.${levelOf(value)}`);
    case "lasts":
      return value >= SCALES.lasts[1]
        ? say("mix:monthsOver", { figure: figures.number(SCALES.lasts[1], 0) })
        : say("mix:months", { figure: figures.number(value, 0) });
    case "price":
      return moneyPrinted(value, currency);
    case "peat":
      return say("mix:share", { share: figures.number(value, 0) });
  }
}

export const readingOf = (readings: Readings, id: MeterId): number | undefined => readings[id];

/** What the meters show a second mix by. */
export type Ring = { readings: Readings; name: string } | undefined;
