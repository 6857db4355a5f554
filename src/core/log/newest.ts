import type { Sample, SampleBlock } from "./samples";
import type { SeriesId } from "./series";

/** The newest sample of each series that has one. */
export type Newest = Partial<Record<SeriesId, Sample>>;

const lastOf = ({ atMs, values }: SampleBlock): Sample | undefined => {
  const [at, value] = [atMs.at(-1), values.at(-1)];
  return at === undefined || value === undefined ? undefined : { atMs: at, value };
};

/** The newest sample of each series in some blocks. @example newestIn(blocks)["warmEnd.temperatureC"]?.value */
export function newestIn(blocks: Iterable<SampleBlock>): Newest {
  const newest: Newest = {};
  for (const block of blocks) {
    const last = lastOf(block);
    const before = newest[block.series];
    if (last && (!before || before.atMs <= last.atMs)) newest[block.series] = last;
  }
  return newest;
}
