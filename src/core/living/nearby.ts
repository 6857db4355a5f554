/** A place in plan and how far what stands there reaches, cm. */
export type Reaching = { xCm: number; yCm: number; reachCm: number };

/** More columns than any floor has cells. */
const COLUMNS = 1 << 16;
const STEPS = [-1, 0, 1] as const;

/**
 * A grid over some places, by which those that can reach one of them are found without looking at all of them.
 *
 * @returns by the index of a place, the indexes of the others whose reach meets its own, in order
 * @example nearbyIn([{ xCm: 0, yCm: 0, reachCm: 2 }, { xCm: 3, yCm: 0, reachCm: 2 }])(0) // [1]
 */
export function nearbyIn(places: readonly Reaching[]): (at: number) => readonly number[] {
  const cellCm = Math.max(1, 2 * Math.max(0, ...places.map((place) => place.reachCm)));
  const keyOf = (column: number, row: number): number => column + row * COLUMNS;
  const columnOf = ({ xCm }: Reaching) => Math.floor(xCm / cellCm);
  const rowOf = ({ yCm }: Reaching) => Math.floor(yCm / cellCm);
  const cells = new Map<number, number[]>();
  for (const [at, place] of places.entries()) {
    const key = keyOf(columnOf(place), rowOf(place));
    const cell = cells.get(key);
    if (cell) cell.push(at);
    else cells.set(key, [at]);
  }
  const meet = (one: Reaching, other: Reaching): boolean =>
    (one.xCm - other.xCm) ** 2 + (one.yCm - other.yCm) ** 2 < (one.reachCm + other.reachCm) ** 2;
  return (at) => {
    const place = places[at];
    if (!place) return [];
    const found: number[] = [];
    for (const dx of STEPS)
      for (const dy of STEPS)
        for (const other of cells.get(keyOf(columnOf(place) + dx, rowOf(place) + dy)) ?? [])
          if (other !== at && meet(place, places[other]!)) found.push(other);
    return found.sort((a, b) => a - b);
  };
}
