import { atLeast, atMost, sumOver, type Constraint, type Model, type Sum } from "../solve";
import type { Bins, Buyable, Pack } from "./bins";
import { covers } from "./covers";
import { takes, type Want } from "./wants";

export const AIMS = ["cheapest", "leastLeft"] as const;
/** The least money, or the least that is left over. */
export type Aim = (typeof AIMS)[number];

/**
 * A thing that may be taken: how much of it is in stock, and the packs it is sold in with what each gives, in the
 * want's unit.
 */
export type Offer = {
  key: string;
  shelf: Buyable;
  itemId: string;
  stock: number;
  packs: readonly { pack: Pack; gives: number }[];
};

/** What the choice is solved from, kept to read the answer back. */
export type PackQuestion = { model: Model; wants: readonly Want[]; unmet: readonly Want[]; offers: readonly Offer[] };

/** Small enough never to outweigh the aim, large enough to decide between equals. */
const TIE = 1e-5;
/** Deciding between a thing and what stands in for it comes after that. */
const LESSER_TIE = TIE / 10;
const HAIR = 1e-9;

/** How much of a want is taken from an offer. */
export const givenOf = (at: number, { key }: Offer): string => `y_${at}_${key}`;
/** How many of an offer's packs of one kind are bought. */
export const boughtOf = ({ key }: Offer, n: number): string => `x_${key}_${n}`;

const sumOfAmounts = (wants: readonly Want[]): number => wants.reduce((sum, want) => sum + want.amount, 0);

/** Everything the wants would take, as the bins have it. */
function offersFor(wants: readonly Want[], bins: Bins, aim: Aim): Offer[] {
  const keys = [...new Set(wants.flatMap((want) => want.accepts.map((itemId) => `${want.shelf}/${itemId}`)))];
  return keys.map((key, at): Offer => {
    const [shelf = "", itemId = ""] = key.split("/");
    const want = wants.find((other) => other.shelf === shelf && other.accepts.includes(itemId))!;
    const isIt = (other: { shelf: string; itemId: string }) => other.shelf === shelf && other.itemId === itemId;
    const stock = bins.stock.filter(isIt).map((line) => covers(line.amount, want.need.amount));
    const packs = bins.packs
      .filter((pack) => isIt(pack) && (aim !== "cheapest" || pack.price !== null))
      .map((pack) => ({ pack, gives: covers(pack.holds, want.need.amount) }));
    return {
      key: `i${at}`,
      shelf: want.shelf,
      itemId,
      stock: stock.reduce((sum, one) => sum + one, 0),
      packs: packs.filter(({ gives }) => gives > 0),
    };
  });
}

/**
 * Stock alone may not do: a want without any pack is only asked for when the stock it takes covers it and all others
 * that take it too.
 */
function unmetOf(wants: readonly Want[], offers: readonly Offer[]): Want[] {
  const packed = (want: Want) => offers.some((offer) => takes(want, offer) && offer.packs.length > 0);
  const stockFor = (want: Want) =>
    offers.filter((offer) => takes(want, offer)).reduce((sum, offer) => sum + offer.stock, 0);
  const rivals = (want: Want) =>
    wants.filter((other) => other.shelf === want.shelf && other.accepts.some((id) => want.accepts.includes(id)));
  return wants.filter((want) => !packed(want) && stockFor(want) < sumOfAmounts(rivals(want)) - HAIR);
}

/** A want gets all it asks. */
const met = (want: Want, at: number, offers: readonly Offer[]): Constraint => {
  const taken = offers.filter((offer) => takes(want, offer));
  return atLeast(
    `want_${at}`,
    sumOver(taken, (offer) => givenOf(at, offer)),
    want.amount,
  );
};

/** No more is given of a thing than is in stock and in the packs bought. */
function had(offer: Offer, wants: readonly Want[]): Constraint {
  const takers = [...wants.entries()].filter(([, want]) => takes(want, offer));
  const given = sumOver(takers, ([at]) => givenOf(at, offer));
  const bought = sumOver(
    [...offer.packs.entries()],
    ([n]) => boughtOf(offer, n),
    ([, { gives }]) => -gives,
  );
  return atMost(`have_${offer.key}`, { ...given, ...bought }, offer.stock);
}

/**
 * What a pack costs: money, or how much of all that is wanted of the thing it holds; the other decides between equals.
 */
function costs(offer: Offer, wants: readonly Want[], aim: Aim): Sum {
  const wanted = Math.max(HAIR, sumOfAmounts(wants.filter((want) => takes(want, offer))));
  return sumOver(
    [...offer.packs.entries()],
    ([n]) => boughtOf(offer, n),
    ([, { pack, gives }]) => {
      const [price, share] = [pack.price ?? 0, gives / wanted];
      return aim === "cheapest" ? price + TIE * share : share + TIE * price;
    },
  );
}

/** What the recipe names goes before what stands in for it, all else being equal. */
function swapCosts(want: Want, at: number, offers: readonly Offer[]): Sum {
  const standIns = offers.filter((offer) => takes(want, offer) && offer.itemId !== want.accepts[0]);
  return sumOver(
    standIns,
    (offer) => givenOf(at, offer),
    () => LESSER_TIE / Math.max(HAIR, want.amount),
  );
}

const joined = (sums: readonly Sum[]): Sum => Object.assign({}, ...sums) as Sum;

/**
 * The choice of whole packs as a mixed-integer programme: x whole packs of each kind, y of each thing given to each
 * want; a want gets all it asks, and no more is given of a thing than is in stock and in the packs.
 *
 * @example packQuestion(wantsOf(needs(habitat), true), bins, "cheapest").model
 */
export function packQuestion(all: readonly Want[], bins: Bins, aim: Aim): PackQuestion {
  const offered = offersFor(all, bins, aim);
  const unmet = unmetOf(all, offered);
  const wants = all.filter((want) => !unmet.includes(want) && want.amount > 0);
  const offers = offered.filter((offer) => wants.some((want) => takes(want, offer)));
  const model: Model = {
    minimise: joined([
      ...offers.map((offer) => costs(offer, wants, aim)),
      ...wants.map((want, at) => swapCosts(want, at, offers)),
    ]),
    constraints: [...wants.map((want, at) => met(want, at, offers)), ...offers.map((offer) => had(offer, wants))],
    whole: offers.flatMap((offer) => offer.packs.map((_, n) => boughtOf(offer, n))),
  };
  return { wants, unmet, offers, model };
}
