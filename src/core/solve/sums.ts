import type { Constraint, Sum } from "./model";

/**
 * A sum over things: the variable of each, with its weight.
 *
 * @example sumOver(packs, (pack) => `x_${pack.id}`, (pack) => pack.litres) // { x_bag: 10, x_brick: 8 }
 */
export const sumOver = <T>(
  things: readonly T[],
  variable: (thing: T) => string,
  weight: (thing: T) => number = () => 1,
): Sum => Object.fromEntries(things.map((thing) => [variable(thing), weight(thing)]));

export const atMost = (name: string, sum: Sum, to: number): Constraint => ({ name, sum, is: "<=", to });
export const atLeast = (name: string, sum: Sum, to: number): Constraint => ({ name, sum, is: ">=", to });
export const exactly = (name: string, sum: Sum, to: number): Constraint => ({ name, sum, is: "=", to });

/** The same limits for many variables. @example boundsOf(["x", "y"], 0, 9) // { x: [0, 9], y: [0, 9] } */
export const boundsOf = (variables: readonly string[], least: number, most: number) =>
  Object.fromEntries(variables.map((name) => [name, [least, most] as const]));
