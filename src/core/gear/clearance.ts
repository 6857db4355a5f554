/** A lamp's clearance by its watts, cm: 15 for 25 W, 25 for 50, 35 for 100, from memory. */
export const clearanceCm = (watts: number): number => 5 + 10 * Math.log2(Math.max(1, watts / 12.5));
