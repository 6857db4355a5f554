import type { Ingredient } from "../catalog";

/** In how many scoops the whole is dealt; undefined for any shares. */
export type Total = number | undefined;

/** How much of an ingredient, in scoops or as a share. */
export const amountOf = ({ id }: Ingredient): string => `n_${id}`;
/** Whether an ingredient is used at all: 0 or 1. */
export const usedOf = ({ id }: Ingredient): string => `y_${id}`;
/** Litres of an ingredient that must be bought. */
export const boughtOf = ({ id }: Ingredient): string => `b_${id}`;
/** How far a meter stands from where it is wanted, as a share of its scale. */
export const distanceOf = (meter: string): string => `d_${meter}`;
/** By how much a rule gives way. */
export const slackOf = (at: number): string => `slack_${at}`;
/** Litres bought of what has no price, when a budget gives way. */
export const UNPRICED = "unpriced";
