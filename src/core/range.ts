/** The two ends of a range, the lower first. */
type Ends = readonly [low: number, high: number];

/** @example middle([22, 25]) // 23.5 */
export const middle = ([low, high]: Ends): number => (low + high) / 2;

/** The middle in whole ones, as a thermostat is set. @example wholeMiddle([22, 25]) // 24 */
export const wholeMiddle = (ends: Ends): number => Math.round(middle(ends));
