import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { derive } from "../derive";
import { STOCK } from "../library";
import { logNow, samplesOf, stateAt, type Habitat } from "../log";
import { migrate, NewerVersionError, parseHabitat, parseOwn, printHabitat } from "./index";

/** Files as each version of Rincon wrote them, frozen. They are never written again. */
const frozen = (name: string): string => readFileSync(new URL(`./fixtures/${name}.json`, import.meta.url), "utf8");

type Old = {
  id: string;
  name: string;
  strata: { layers: { kind: string }[] };
  plants: { plantId: string }[];
  crew: { crewId: string; count: number }[];
  mixes: { parts: object[] }[];
  planting?: { lampLumens: number | null };
  build: { doneOn: Record<string, string> };
  keeping: {
    sinceOn: string | null;
    ticks: { dutyId: string; on: string }[];
    readings: { at: string; place: string; temperatureC?: number; humidityRh?: number; waterLineCm?: number }[];
    topUps?: { on: string; volumeL: number }[];
    lostPlants?: { plantId: string; how: string }[];
  };
};

const opened = (version: number): { old: Old; habitat: Habitat } => {
  const text = frozen(`habitat-v${version}`);
  const read = parseHabitat(text);
  if (!read.ok) throw new Error(JSON.stringify(read.problem));
  return { old: JSON.parse(text) as Old, habitat: read.habitat };
};

const LAST_DAY = "2099-12-31";
const WHAT = ["temperatureC", "humidityRh", "waterLineCm"] as const;

describe.each([1, 2, 3, 4, 5])("a file of version %i, as it was written then", (version) => {
  const { old, habitat } = opened(version);
  const { design, events, samples } = habitat;

  it("says of itself that it is that version", () => {
    expect(JSON.parse(frozen(`habitat-v${version}`))).toMatchObject({
      format: "rincon-habitat",
      formatVersion: version,
    });
  });
  it("opens with its design whole", () => {
    expect([design.id, design.name]).toEqual([old.id, old.name]);
    expect(design.strata.layers.map(({ kind }) => kind)).toEqual(old.strata.layers.map(({ kind }) => kind));
    expect(design.plants.map(({ plantId }) => plantId)).toEqual(old.plants.map(({ plantId }) => plantId));
    expect(design.mixes.map(({ parts }) => parts)).toEqual(old.mixes.map(({ parts }) => parts));
    expect(design.crew).toEqual(old.crew);
    expect(design.gear.map(({ lumens }) => lumens)).toEqual(old.planting?.lampLumens ? [old.planting.lampLumens] : []);
  });
  it("keeps every reading, as samples of the gauge that told it", () => {
    const told = old.keeping.readings.flatMap((reading) =>
      WHAT.flatMap((what) =>
        reading[what] === undefined ? [] : [`${reading.place}.${what} ${Date.parse(reading.at)} ${reading[what]}`],
      ),
    );
    const kept = samples.flatMap((block) =>
      samplesOf(block).map(({ atMs, value }) => `${block.series} ${atMs} ${value}`),
    );
    expect(kept.toSorted()).toEqual(told.toSorted());
    expect(kept.length).toBeGreaterThan(80);
  });
  it("keeps all that happened, as events", () => {
    const state = stateAt(events, LAST_DAY);
    expect(state.doneOn).toEqual(old.build.doneOn);
    expect(state.sinceOn).toBe(old.keeping.sinceOn);
    expect(events.filter(({ kind }) => kind === "tick")).toHaveLength(old.keeping.ticks.length);
    expect(state.topUps.map(({ on, volumeL }) => ({ on, volumeL }))).toEqual(
      (old.keeping.topUps ?? []).map(({ on, volumeL }) => ({ on, volumeL })),
    );
    expect(state.lostPlants.map(({ plantId, how }) => ({ plantId, how }))).toEqual(
      (old.keeping.lostPlants ?? []).map(({ plantId, how }) => ({ plantId, how })),
    );
    expect(state.seeded.map(({ crewId, count }) => ({ crewId, count }))).toEqual(
      old.build.doneOn.seedCrew === undefined ? [] : old.crew,
    );
  });
  it("is worked out, and comes back identical from a file of today", () => {
    expect(derive(design, logNow(habitat, LAST_DAY), STOCK).ground.wetKg).toBeGreaterThan(1);
    expect(parseHabitat(printHabitat(habitat))).toEqual({ ok: true, habitat });
  });
});

it("what a builder added comes along from version 4 on", () => {
  expect(opened(4).habitat.design.own.ingredients.map(({ name }) => name)).toEqual(["Brook clay"]);
  const { own } = opened(5).habitat.design;
  expect([own.plants, own.crew, own.animals].map((list) => list.map(({ name }) => name))).toEqual([
    ["Sill haworthia"],
    ["Kitchen beetle"],
    ["Line-bred gecko"],
  ]);
});

it.each([1, 2])("a file of own entries of version %i opens with all its entries", (version) => {
  const read = parseOwn(frozen(`own-v${version}`));
  expect(read.ok && read.shelf.ingredients.map(({ name }) => name)).toEqual(["Brook clay"]);
  expect(read.ok && read.shelf.recipes).toHaveLength(1);
  expect(read.ok && [read.shelf.dressings, read.shelf.gear]).toEqual([[], []]);
});

describe("migrations", () => {
  it("run in order from the version found up to today's", () => {
    const steps = [
      (d: Record<string, unknown>) => ({ ...d, trail: [...(d.trail as string[]), "1→2"] }),
      (d: Record<string, unknown>) => ({ ...d, trail: [...(d.trail as string[]), "2→3"] }),
    ];
    expect(migrate({ formatVersion: 1, trail: [] }, steps, 3)).toEqual({ formatVersion: 3, trail: ["1→2", "2→3"] });
    expect(migrate({ formatVersion: 2, trail: [] }, steps, 3)).toEqual({ formatVersion: 3, trail: ["2→3"] });
  });
  it("refuse a document from a later program, and one without a version", () => {
    expect(() => migrate({ formatVersion: 99 })).toThrow(NewerVersionError);
    expect(() => migrate({ formatVersion: "1" })).toThrow(RangeError);
  });
});
