import type { Amount, Buyable, Pack } from "@/core/supply";
import { words, type Say } from "./say";

/** An amount in its own unit. @example amountPrinted({ kind: "loose", looseL: 8 }, say) // "8 L" */
export function amountPrinted(amount: Amount, say: Say, shelf?: Buyable): string {
  switch (amount.kind) {
    case "loose":
      return say("mix:litres", { looseL: amount.looseL });
    case "sheet":
      return say("build:amountSheet", { widthCm: amount.widthCm, depthCm: amount.depthCm });
    case "length":
      return say("build:amountLength", { lengthCm: amount.lengthCm });
    case "pieces":
      return say(shelf === "crew" ? "build:amountCrew" : "build:amountPieces", { count: amount.count });
  }
}

/** A pack as one asks for it: a single piece needs no count. @example packPrinted(pack, say) // "brick 8 L" */
export const packPrinted = ({ form, holds, shelf }: Pick<Pack, "form" | "holds" | "shelf">, say: Say): string =>
  holds.kind === "pieces" && holds.count === 1
    ? say(`bins:forms.${form}`)
    : `${say(`bins:forms.${form}`)} ${amountPrinted(holds, say, shelf)}`;

/** A sum of money. @example moneyPrinted(7.5, "EUR") // "€7.50" */
export function moneyPrinted(value: number, currency: string): string {
  try {
    return new Intl.NumberFormat(words.language, { style: "currency", currency }).format(value);
  } catch {
    // Three letters that are no currency this browser knows are printed as they are.
    return `${value.toFixed(2)} ${currency}`;
  }
}
