/** The log of a habitat: events that are only ever added, samples in blocks with roll-ups, and what both say today. */
export { EventSchema, LOSSES, standing } from "./events";
export type { LogEvent, Told } from "./events";
export type { EventsChecked } from "./gate";
export { blockProblem, checkedEvents, isSample, mustBeSamples, partedEvents } from "./gate";
export { OFFSPRING, SIGHTINGS, TAKEN } from "./journal";
export { NOTHING_HAPPENED, doneEvents, openedEvents, stateAt } from "./state";
export type { LogState, Opened } from "./state";
export {
  MEASURABLES,
  PLACES,
  SAMPLE_LIMITS,
  SERIES,
  SeriesIdSchema,
  WHERE,
  measurableOf,
  placeOf,
  seriesOf,
} from "./series";
export type { Measurable, SamplePlace, SeriesId } from "./series";
export { BLOCK_MS, blockStart, blocksOf, merged, samplesOf, withoutSamples } from "./samples";
export type { Sample, SampleBlock, SeriesSample } from "./samples";
export { ReadingSchema, samplesOfReading } from "./reading";
export type { Reading } from "./reading";
export { ROLLUP_STEPS, finenessFor, pointsOf, rollup, thin } from "./rollups";
export type { Rollup } from "./rollups";
export { newestIn } from "./newest";
export type { Newest } from "./newest";
export { NOTHING_LOGGED, blocksOfReadings, blocksOfSamples, logNow } from "./habitat";
export type { Habitat, LogNow } from "./habitat";
export { found, storyOf } from "./story";
export { isLaid, phaseOf } from "./phase";
export type { Phase } from "./phase";
