/** The log of a habitat: events that are only ever added, samples in blocks with roll-ups, and what both say today. */
export { EventSchema, LOSSES, standing } from "./events";
export type { LogEvent, Told } from "./events";
export { NOTHING_HAPPENED, doneEvents, openedEvents, stateAt } from "./state";
export type { LogState, Opened } from "./state";
export {
  BLOCK_MS,
  MEASURABLES,
  PLACES,
  ReadingSchema,
  SAMPLE_LIMITS,
  SERIES,
  blockStart,
  blocksOf,
  measurableOf,
  merged,
  placeOf,
  samplesOf,
  samplesOfReading,
  seriesOf,
  withoutSamples,
} from "./samples";
export type { Measurable, Reading, Sample, SampleBlock, SamplePlace, SeriesId, SeriesSample } from "./samples";
export { ROLLUP_STEPS, STEP_MS, finenessFor, pointsOf, rollup, thin } from "./rollups";
export type { Rollup } from "./rollups";
export { newestIn } from "./newest";
export type { Newest } from "./newest";
export { NOTHING_LOGGED, blocksOfReadings, logNow } from "./habitat";
export type { Habitat, LogNow } from "./habitat";
export { isLaid, phaseOf } from "./phase";
export type { Phase } from "./phase";
