import { randomNormal } from "d3-random";
import { channelOf, type SenmlRecord } from "../files/senml";
import { seeded } from "../random";
import type { HubChannel, HubSpec } from "./spec";

const DAY_MIN = 24 * 60;
const MIN_MS = 60_000;
const DAY_MS = DAY_MIN * MIN_MS;

/** A lost radio stays away for about so long. From memory. */
const LOST_FOR_MIN = 90;

/** The first-order response: how far a value has come toward its aim after so long. */
const toward = (value: number, aim: number, minutes: number, lagMin: number): number =>
  aim + (value - aim) * Math.exp(-minutes / lagMin);

const isLit = ({ dayFromMin, dayUntilMin, aheadMin }: HubSpec, atMs: number): boolean => {
  const minute = (((atMs / MIN_MS + aheadMin) % DAY_MIN) + DAY_MIN) % DAY_MIN;
  return minute >= dayFromMin && minute < dayUntilMin;
};

const rounded = (value: number, digits: number): number => Math.round(value * 10 ** digits) / 10 ** digits;

/** Gauges of what cannot be less than nought do not show less, and none of the damp more than all. */
const shown = (value: number, { series, digits }: HubChannel): number => {
  const least = series.endsWith("temperatureC") ? -Infinity : 0;
  const most = series.endsWith("humidityRh") ? 100 : Infinity;
  return rounded(Math.min(most, Math.max(least, value)), digits);
};

/**
 * What a simulated hub tells, one SenML pack (RFC 8428) for each instant: every thing goes toward what lamps on or off
 * bring it to, by a first-order response; gauges add noise and drift, the radio is lost now and then, and a gauge that
 * sticks shows the same for ever.
 *
 * @returns packs in order of time; none while the radio is lost
 * @example [...hubPacks(spec)].length // as many as instants, less those that are lost
 */
export function* hubPacks(spec: HubSpec): Generator<SenmlRecord[]> {
  const { fromMs, untilMs, everyS, channels, sticks, lostShare } = spec;
  const chance = seeded(spec.seed);
  const noise = randomNormal.source(chance)(0, 1);
  const minutes = everyS / 60;
  const isLostNow = lostBy(chance, minutes, lostShare);
  // It has stood long enough to have come to where the half of the day it begins in brings it.
  const values = channels.map(({ day, night }) => (isLit(spec, fromMs) ? day : night));
  const stuckAt = new Map<string, number>();
  for (let atMs = fromMs; atMs < untilMs; atMs += everyS * 1000) {
    const lit = isLit(spec, atMs);
    const told = channels.map((channel, n) => {
      const value = toward(values[n] ?? 0, lit ? channel.day : channel.night, minutes, channel.lagMin);
      values[n] = value;
      const drift = (channel.driftADay * (atMs - fromMs)) / DAY_MS;
      const read = shown(value + drift + channel.noise * noise(), channel);
      if (sticks?.series !== channel.series || atMs < sticks.fromMs) return read;
      if (!stuckAt.has(channel.series)) stuckAt.set(channel.series, read);
      return stuckAt.get(channel.series) ?? read;
    });
    if (isLostNow()) continue;
    yield channels.map(({ series }, n) => ({
      ...(n === 0 ? { bn: "rincon-hub:", bt: atMs / 1000 } : {}),
      ...channelOf(series),
      v: told[n],
    }));
  }
}

/** Whether the radio is lost at each instant, one after the other: for a while each time, for such a share in all. */
function lostBy(chance: () => number, minutes: number, share: number): () => boolean {
  const comesBack = Math.min(1, minutes / LOST_FOR_MIN);
  const goes = (comesBack * share) / Math.max(1e-9, 1 - share);
  let isLost = false;
  return () => (isLost = chance() < (isLost ? 1 - comesBack : goes));
}
