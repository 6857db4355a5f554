import { grouped } from "../grouped";
import type { Design } from "../habitat";
import type { LogEvent } from "./events";
import { newestIn, type Newest } from "./newest";
import { samplesOfReading, type Reading } from "./reading";
import { blocksOf, type SampleBlock, type SeriesSample } from "./samples";
import { NOTHING_HAPPENED, stateAt, type LogState } from "./state";

/** A habitat: its design, what happened in it, and what was measured. */
export type Habitat = { design: Design; events: readonly LogEvent[]; samples: readonly SampleBlock[] };

/** What the log tells today: the state its events fold into, and the newest of each gauge. */
export type LogNow = { state: LogState; newest: Newest };

/** A habitat that has just been started. */
export const NOTHING_LOGGED: LogNow = { state: NOTHING_HAPPENED, newest: {} };

/** What a habitat's log tells on a day. @example logNow(habitat, "2026-03-01").state.sinceOn */
export const logNow = ({ events, samples }: Pick<Habitat, "events" | "samples">, day: string): LogNow => ({
  state: stateAt(events, day),
  newest: newestIn(samples),
});

/** Samples of several series as blocks, series by series. */
export function blocksOfSamples(samples: readonly SeriesSample[]): SampleBlock[] {
  return [...grouped(samples, ({ series }) => series)].flatMap(([series, list]) => blocksOf(series, list));
}

/** Readings a person took, as blocks of samples. */
export const blocksOfReadings = (readings: readonly Reading[]): SampleBlock[] =>
  blocksOfSamples(readings.flatMap(samplesOfReading));
