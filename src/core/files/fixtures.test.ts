import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { planOf } from "../build";
import { OWN_KINDS } from "../catalog";
import { derive } from "../derive";
import type { Design } from "../habitat";
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

/** What no file before version 12 told. */
const NEW_IN_13 = { timeZone: null };
const NEW_IN_12 = { care: { changes: [], own: [], openedOn: {} }, individuals: [], ...NEW_IN_13 };
const UNTOLD_POWER = { pricePerKWh: null, guarded: false, dripLoops: false };

describe("a file of version 6, as it was written then", () => {
  const text = frozen("habitat-v6");
  const read = parseHabitat(text);
  if (!read.ok) throw new Error(JSON.stringify(read.problem));
  const { design, events, samples } = read.habitat;
  const old = JSON.parse(text) as {
    design: Omit<Old, "keeping" | "build"> & { gear: { kindId: string }[]; own: Record<string, OldOwn[]> };
    events: object[];
    samples: { at: number[] }[];
  };

  it("opens with its design, its log and its gear whole, gear under the ids of today", () => {
    expect([design.id, design.name, design.plants.length]).toEqual([
      old.design.id,
      old.design.name,
      old.design.plants.length,
    ]);
    expect(design.mixes.map(({ parts }) => parts)).toEqual(old.design.mixes.map(({ parts }) => parts));
    expect(events).toHaveLength(old.events.length);
    expect(samples.reduce((sum, block) => sum + samplesOf(block).length, 0)).toBe(
      old.samples.reduce((sum, row) => sum + row.at.length, 0),
    );
    expect(old.design.gear.map(({ kindId }) => kindId)).toContain("deepHeatProjector");
    expect(design.gear.map(({ kindId }) => kindId)).toEqual(["ownLamp", "infraredHeaterWithoutLight"]);
    expect(design.brief.schools).toEqual({});
  });
  it("keeps every own figure that has a place today, and marks as unsure what was filled in", () =>
    expectKept(design.own, old.design.own));
  it("is worked out, and comes back identical from a file of today", () => {
    expect(derive(design, logNow(read.habitat, LAST_DAY), STOCK).ground.wetKg).toBeGreaterThan(1);
    expect(parseHabitat(printHabitat(read.habitat))).toEqual({ ok: true, habitat: read.habitat });
  });
});

describe("a file of version 7, as it was written then", () => {
  const text = frozen("habitat-v7");
  const read = parseHabitat(text);
  if (!read.ok) throw new Error(JSON.stringify(read.problem));
  const { design, events, samples } = read.habitat;
  type Old7 = { design: Design; events: object[]; samples: { at: number[] }[] };
  const old = JSON.parse(text) as Old7;

  it("opens with all it held, nothing answered, nothing bought, nothing cut back", () => {
    const { build, answers, brief, shell, plants, shelf, pieces, starters, power, ...rest } = design;
    const {
      build: oldBuild,
      brief: oldBrief,
      shell: oldShell,
      plants: oldPlants,
      pieces: oldPieces,
      ...oldRest
    } = old.design;
    expect(rest).toEqual({ ...oldRest, ...NEW_IN_12 });
    expect(build).toMatchObject(oldBuild);
    expect(pieces).toEqual(oldPieces.map((piece) => ({ ...piece, tilt: null, slabs: null })));
    expect(brief).toEqual({ ...oldBrief, living: "bioactive" });
    const treatments = oldShell.treatments.map((built) => ({ ...built, fromCm: 0 }));
    expect(shell).toEqual({ ...oldShell, treatments, bought: false });
    expect(plants).toEqual(oldPlants.map((stand) => ({ ...stand, keptCm: null, inId: null })));
    expect([answers, starters, power]).toEqual([[], [], UNTOLD_POWER]);
    expect(shelf).toEqual({ archivedOn: null, variantOf: null, next: null });
    expect(events).toHaveLength(old.events.length);
    expect(samples).toHaveLength(old.samples.length);
  });
  it("is worked out, and comes back identical from a file of today", () => {
    expect(derive(design, logNow(read.habitat, LAST_DAY), STOCK).ground.wetKg).toBeGreaterThan(1);
    expect(parseHabitat(printHabitat(read.habitat))).toEqual({ ok: true, habitat: read.habitat });
  });
});

describe("a file of version 8, as it was written then", () => {
  const text = frozen("habitat-v8");
  const read = parseHabitat(text);
  if (!read.ok) throw new Error(JSON.stringify(read.problem));
  const { design } = read.habitat;
  const old = (JSON.parse(text) as { design: Design }).design;

  it("opens with all it held; nothing leans, walls begin at the glass, and a pile is of slabs", () => {
    const { build, shell, pieces, starters, power, ...rest } = design;
    const { build: oldBuild, shell: oldShell, pieces: oldPieces, ...oldRest } = old;
    expect(rest).toEqual({ ...oldRest, ...NEW_IN_12 });
    expect(build).toMatchObject(oldBuild);
    expect(shell.treatments).toEqual(oldShell.treatments.map((built) => ({ ...built, fromCm: 0 })));
    const slabsOf = ({ kindId }: { kindId: string }) => (kindId === "slabStack" ? { count: 3, gapCm: 1.2 } : null);
    expect(pieces).toEqual(oldPieces.map((piece) => ({ ...piece, tilt: null, slabs: slabsOf(piece) })));
    expect(pieces.find(({ id }) => id === "pocket")?.rest).toEqual({ on: "inWall", wall: "back", upCm: 34 });
    expect([starters, power]).toEqual([[], UNTOLD_POWER]);
    expect([shell.bought, design.answers.length, design.shelf.next?.habitatId]).toEqual([true, 1, "later"]);
  });
  it("is worked out, and comes back identical from a file of today", () => {
    expect(derive(design, logNow(read.habitat, LAST_DAY), STOCK).ground.wetKg).toBeGreaterThan(1);
    expect(parseHabitat(printHabitat(read.habitat))).toEqual({ ok: true, habitat: read.habitat });
  });
});

describe("a file of version 9, as it was written then", () => {
  const text = frozen("habitat-v9");
  const read = parseHabitat(text);
  if (!read.ok) throw new Error(JSON.stringify(read.problem));
  const { design } = read.habitat;
  const old = (JSON.parse(text) as { design: Omit<Design, "gear"> & { gear: object[] } }).design;

  it("opens with all it held; gear goes where its kind goes, and holds by night what it held by day", () => {
    const { build, gear, power, ...rest } = design;
    const { build: oldBuild, gear: oldGear, ...oldRest } = old;
    expect(build).toMatchObject(oldBuild);
    expect([rest, power]).toEqual([{ ...oldRest, ...NEW_IN_12 }, UNTOLD_POWER]);
    const untold = { place: null, wall: null, size: {}, months: null, feedId: null, probe: null };
    for (const [at, { run, ...piece }] of gear.entries()) {
      const { run: _, ...before } = oldGear[at] as Design["gear"][number];
      expect(piece).toEqual({ ...before, ...untold });
      expect(run.by).toBe((oldGear[at] as Design["gear"][number]).run.by);
    }
    const day = { fromMin: 480, untilMin: 1200 };
    const runOf = (id: string) => gear.find((piece) => piece.id === id)?.run;
    expect(runOf("spot")).toEqual({ by: "hours", ...day, rampMin: 0 });
    expect(runOf("dark")).toEqual({ by: "warmth", ...day, dayC: 21, nightC: 21, alarmLowC: null, alarmHighC: null });
    expect(runOf("fog")).toEqual({ by: "damp", ...day, dayRh: 70, nightRh: 70 });
  });
  it("is worked out, and comes back identical from a file of today", () => {
    expect(derive(design, logNow(read.habitat, LAST_DAY), STOCK).ground.wetKg).toBeGreaterThan(1);
    expect(parseHabitat(printHabitat(read.habitat))).toEqual({ ok: true, habitat: read.habitat });
  });
});

describe("a file of version 10, as it was written then", () => {
  const text = frozen("habitat-v10");
  const read = parseHabitat(text);
  if (!read.ok) throw new Error(JSON.stringify(read.problem));
  const old = JSON.parse(text) as { design: Omit<Design, "build"> & { build: { startOn: string } }; events: object[] };

  it("opens with all it held, and a plan that nobody has changed", () => {
    const { build, ...rest } = read.habitat.design;
    const { build: before, ...oldRest } = old.design;
    expect(rest).toEqual({ ...oldRest, ...NEW_IN_12 });
    expect(build).toMatchObject({ startOn: before.startOn, wishedOn: null, changes: [], own: [] });
    expect(read.habitat.events).toEqual(old.events);
    expect(stateAt(read.habitat.events, LAST_DAY).doneOn.moveIn).toBeDefined();
  });
  it("comes back identical from a file of today", () => {
    expect(parseHabitat(printHabitat(read.habitat))).toEqual({ ok: true, habitat: read.habitat });
  });
});

describe("a file of version 11, as it was written then", () => {
  const text = frozen("habitat-v11");
  const read = parseHabitat(text);
  if (!read.ok) throw new Error(JSON.stringify(read.problem));
  const old = JSON.parse(text) as { design: Omit<Design, "build"> & { build: object }; events: object[] };

  it("opens with its plan as it was changed, wood set in while the foam is soft, and all its events", () => {
    const { build, ...rest } = read.habitat.design;
    const { build: before, ...oldRest } = old.design;
    expect(rest).toEqual({ ...oldRest, ...NEW_IN_12 });
    expect(build).toEqual({ ...before, woodFirst: true });
    expect(read.habitat.events).toEqual(old.events);
  });
  it("a finish told whole stands for each of its coats", () => {
    const state = stateAt(read.habitat.events, LAST_DAY);
    const plan = planOf(derive(read.habitat.design, logNow(read.habitat, LAST_DAY), STOCK), state, LAST_DAY);
    const coats = plan.steps.filter(({ job }) => job === "finishWalls");
    expect(coats.map((step) => step.state)).toEqual(coats.map(() => "waiting"));
    expect(state.usedL["laySoil:soil-1"]).toBe(21.5);
    expect(parseHabitat(printHabitat(read.habitat))).toEqual({ ok: true, habitat: read.habitat });
  });
});

describe("a file of version 12, as it was written then", () => {
  const text = frozen("habitat-v12");
  const read = parseHabitat(text);
  if (!read.ok) throw new Error(JSON.stringify(read.problem));
  const old = JSON.parse(text) as { design: Design; events: object[]; samples: { at: number[] }[] };

  it("opens with all it held, by the clock of whatever device, and comes back identical from a file of today", () => {
    expect(read.habitat.design).toEqual({ ...old.design, ...NEW_IN_13 });
    expect(read.habitat.events).toEqual(old.events);
    expect(read.habitat.samples.flatMap(samplesOf)).toHaveLength(old.samples.flatMap(({ at }) => at).length);
    expect(parseHabitat(printHabitat(read.habitat))).toEqual({ ok: true, habitat: read.habitat });
  });

  it("with days and instants nobody can have meant, and names that show nothing, opens with the nearest there are", () => {
    const { build, plants } = old.design;
    const odd = {
      ...(JSON.parse(text) as object),
      design: {
        ...{
          ...old.design,
          name: "\u200b",
          createdAt: "0004-01-01T00:00:00Z",
          build: { ...build, startOn: "9999-12-31" },
        },
        plants: plants.map((stand) => ({ ...stand, plantedOn: "0001-01-01" })),
      },
      events: [{ id: "e", at: "9000-01-01T00:00:00Z", on: "2400-02-29", kind: "closed" }],
      samples: [
        // Milliseconds and microseconds since 1970, once taken for seconds; and one that nothing can be made of.
        {
          series: "warmEnd.temperatureC",
          at: [1_767_225_600_000_000, 1_767_225_600_000_000_000, 9e20],
          value: [20, 21, 22],
        },
      ],
    };
    const opened = parseHabitat(JSON.stringify(odd));
    if (!opened.ok) throw new Error(JSON.stringify(opened.problem));
    const { design, events, samples } = opened.habitat;
    expect([design.name, design.createdAt, design.build.startOn]).toEqual([
      "–",
      "1970-01-01T00:00:00.000Z",
      "2100-12-31",
    ]);
    expect(design.plants.every(({ plantedOn }) => plantedOn === "1900-01-01")).toBe(true);
    expect(events).toMatchObject([{ at: "2100-12-31T23:59:59.999Z", on: "2100-12-31" }]);
    expect(samples.flatMap(samplesOf)).toEqual([
      { atMs: Date.UTC(2026, 0, 1), value: 20 },
      { atMs: Date.UTC(2026, 0, 1), value: 21 },
    ]);
    expect(parseHabitat(printHabitat(opened.habitat))).toEqual({ ok: true, habitat: opened.habitat });
  });
});

type OldOwn = Record<string, unknown> & { id: string; name: string };

type OwnLists = Pick<Design["own"], (typeof OWN_KINDS)[number]>;
type OldLists = Record<string, OldOwn[]>;

/** Own entries of the shape before hold what they held, under the names of today. */
function expectKept(now: OwnLists, old: OldLists): void {
  for (const kind of OWN_KINDS) {
    const entries = old[kind] ?? [];
    const list = now[kind] as readonly { id: string; name: string; unsure?: string[] }[];
    expect(
      list.map(({ id, name }) => [id, name]),
      kind,
    ).toEqual(entries.map(({ id, name }) => [id, name]));
    for (const { id, unsure } of list) expect(unsure?.length, `${kind}.${id}`).toBeGreaterThan(0);
  }
  expectAnimalsKept(now, old);
  expectGroundKept(now, old);
  expect(now.plants[1]?.roots).toBe("floating");
  expect(now.crew[0]?.airRh).toEqual(old.crew?.[0]?.humidityRh);
}

function expectAnimalsKept(now: OwnLists, old: OldLists): void {
  const three = now.animals.slice(0, 3);
  const was = old.animals as unknown as Record<string, number & number[] & { basking?: number[] }>[];
  expect(three.map(({ soil }) => soil.leastDepthCm)).toEqual(was.map((one) => one.soilDepthCm));
  expect(three.map(({ massG }) => massG.male[0])).toEqual(was.map((one) => one.adultMassG));
  expect(three.map(({ humidityRh }) => humidityRh.day.preferred)).toEqual(was.map((one) => one.humidityRh));
  expect(three[2]?.temperatureC.baskingSurface).toEqual(was[2]?.temperatureC?.basking);
}

function expectGroundKept(now: OwnLists, old: OldLists): void {
  const [clay, lime] = now.ingredients;
  const [oldClay, oldLime] = old.ingredients as unknown as Record<string, number>[];
  expect([clay?.laid.at1kPaPct, clay?.sizes.medianMm, lime?.pH]).toEqual([
    oldClay?.waterHeldPct,
    oldClay?.grainMm,
    oldLime?.pH,
  ]);
  // As much must be poured for what lies as was asked for before.
  expect(1 / (1 - clay!.settlesPct / 100)).toBeCloseTo(1 + oldClay!.settlesPct! / 100, 3);
}

it("a file of own entries of version 3 keeps every kind, its figures and its recipes", () => {
  const text = frozen("own-v3");
  const read = parseOwn(text);
  if (!read.ok) throw new Error(JSON.stringify(read.problem));
  expectKept(read.shelf, JSON.parse(text) as Record<string, OldOwn[]>);
  expect(read.shelf.recipes.map(({ name }) => name)).toEqual(["Hill mix"]);
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
