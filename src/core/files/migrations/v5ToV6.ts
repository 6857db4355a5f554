import { plainOf, type Migration, type Plain } from "./migration";

const listOf = (value: unknown): Plain[] => (Array.isArray(value) ? value.map(plainOf) : []);

/** Version 5 wrote calendar days; an event also tells an instant, and noon stands for it. */
const noonOf = (day: unknown): string => `${String(day)}T12:00:00.000Z`;
const event = (id: string, on: unknown, kind: string, more: Plain): Plain => ({
  id,
  at: noonOf(on),
  on,
  kind,
  ...more,
});

function overToV6(over: unknown): unknown {
  if (over === "floor" || over === "rest") return { on: over };
  return { on: "zone", zoneId: over };
}

/** What version 5 kept in the document becomes events. */
function eventsOf({ build, keeping, crew }: Plain): Plain[] {
  const { doneOn } = plainOf(build);
  const { sinceOn, ticks, topUps, lostPlants } = plainOf(keeping);
  const done = Object.entries(plainOf(doneOn));
  const seededOn = plainOf(doneOn).seedCrew;
  return [
    ...done.map(([taskId, on]) => event(`done-${taskId}`, on, "taskDone", { taskId })),
    ...(seededOn === undefined
      ? []
      : listOf(crew).map(({ crewId, count }) =>
          event(`seeded-${String(crewId)}`, seededOn, "seeded", { crewId, count }),
        )),
    ...(typeof sinceOn === "string" ? [event("movedIn", sinceOn, "movedIn", {})] : []),
    ...listOf(ticks).map(({ dutyId, on }, n) => event(`tick-${n + 1}`, on, "tick", { dutyId })),
    ...listOf(topUps).map(({ id, on, mixId, volumeL }) =>
      event(`topUp-${String(id)}`, on, "toppedUp", { mixId, volumeL }),
    ),
    ...listOf(lostPlants).map(({ id, on, plantId, how }) => event(`lost-${String(id)}`, on, "lost", { plantId, how })),
  ];
}

const WHAT = ["temperatureC", "humidityRh", "waterLineCm"] as const;

/** Readings become series, one for each gauge and place. */
function samplesOf({ keeping }: Plain): Plain[] {
  const { readings } = plainOf(keeping);
  const series = new Map<string, { at: number[]; value: number[] }>();
  const inOrder = listOf(readings).toSorted((a, b) => Date.parse(String(a.at)) - Date.parse(String(b.at)));
  for (const reading of inOrder) {
    for (const what of WHAT) {
      const value = reading[what];
      if (typeof value !== "number") continue;
      const id = `${String(reading.place)}.${what}`;
      const rows = series.get(id) ?? { at: [], value: [] };
      rows.at.push(Date.parse(String(reading.at)));
      rows.value.push(value);
      series.set(id, rows);
    }
  }
  return [...series].map(([id, rows]) => ({ series: id, ...rows }));
}

/** A lamp was only known by its light. It hangs over the middle, twelve hours a day. */
function gearOf({ planting, shell }: Plain): Plain[] {
  const { lampLumens } = plainOf(planting);
  const { widthCm, depthCm } = plainOf(shell) as Record<string, number>;
  if (typeof lampLumens !== "number") return [];
  const run = { by: "hours", fromMin: 480, untilMin: 1200 };
  const place = { xCm: (widthCm ?? 0) / 2, yCm: (depthCm ?? 0) / 2, upCm: null };
  return [{ id: "lamp-1", kindId: "ledBar", ...place, powerW: null, lumens: lampLumens, run }];
}

/**
 * Version 6 parts the design from the log, knows gear, tags where a layer lies, and carries own dressings, media and
 * gear.
 */
export const v5ToV6: Migration = (document) => {
  const { format, formatVersion, keeping: _keeping, planting: _planting, strata, build, own, ...design } = document;
  const { layers, ...ground } = plainOf(strata);
  return {
    format,
    formatVersion,
    design: {
      ...design,
      strata: {
        ...ground,
        layers: Array.isArray(layers)
          ? layers.map((layer) => ({ ...plainOf(layer), over: overToV6(plainOf(layer).over) }))
          : layers,
      },
      own: { ...plainOf(own), dressings: [], drainageMedia: [], gear: [] },
      gear: gearOf(document),
      build: { startOn: plainOf(build).startOn },
    },
    events: eventsOf(document),
    samples: samplesOf(document),
  };
};
