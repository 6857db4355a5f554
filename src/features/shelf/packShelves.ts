/**
 * Fills shelves from the left in the order given; what does not fit goes on the next one.
 *
 * @example packShelves([{ width: 60 }, { width: 50 }], 100, 10) // two shelves
 */
export function packShelves<T extends { width: number }>(items: readonly T[], room: number, gap: number): T[][] {
  const shelves: T[][] = [];
  let used = Number.POSITIVE_INFINITY;
  for (const item of items) {
    const shelf = shelves.at(-1);
    if (shelf && used + gap + item.width <= room) {
      shelf.push(item);
      used += gap + item.width;
    } else {
      shelves.push([item]);
      used = item.width;
    }
  }
  return shelves;
}
