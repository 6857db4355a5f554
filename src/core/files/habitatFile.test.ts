import { describe, expect, it } from "vitest";
import type { Design } from "../habitat";
import { blocksOfReadings, type Habitat } from "../log";
import { happened, made, started } from "../testing";
import { fileName, FORMAT_VERSION, parseHabitat, printHabitat } from "./index";

const design = made(
  started({ shell: { widthCm: 60.96, depthCm: 45.72, heightCm: 45.72, sillCm: 17, top: "mesh" } }),
  { name: "addPlant", args: { id: "a", plantId: "nervePlant", xCm: 10, yCm: 10 } },
  {
    name: "addZone",
    args: {
      id: "z",
      name: "Bed",
      points: [
        [0, 0],
        [20, 0],
        [20, 45],
        [0, 45],
      ],
      retaining: null,
    },
  },
  {
    name: "addOpening",
    args: { id: "v", kind: "vent", wall: "left", acrossCm: 5, upCm: 20, widthCm: 10, heightCm: 4 },
  },
);
const habitat: Habitat = {
  design,
  events: happened(
    { kind: "tick", on: "2026-02-01", dutyId: "mist" },
    { kind: "struck", on: "2026-02-01", eventId: "e0" },
  ),
  samples: blocksOfReadings([{ at: "2026-02-01T08:00:00Z", place: "coolEnd", humidityRh: 81 }]),
};
const text = printHabitat(habitat);
type Loose = { [field: string]: object } & { strata?: { layers: object[]; zones: object[] } };
type Document = {
  formatVersion: number;
  design: Loose;
  events: object[];
  samples: { at: number[]; value: number[] }[];
};
const document = (change: (document: Document) => void): string => {
  const copy = JSON.parse(text) as Document;
  change(copy);
  return JSON.stringify(copy);
};
const changed = (change: (design: Loose) => void): string => document((copy) => change(copy.design));
const bowTie = [
  [0, 0],
  [40, 40],
  [40, 0],
  [0, 40],
];
const tooWide = [
  [0, 0],
  [80, 0],
  [80, 40],
];
const problemOf = (of: string) => {
  const read = parseHabitat(of);
  return read.ok ? "accepted" : read.problem;
};

describe("the habitat file", () => {
  it("comes back identical", () => {
    expect(parseHabitat(text)).toEqual({ ok: true, habitat });
  });

  it.each<[string, string, object]>([
    ["cut off", text.slice(0, 400), { code: "file.notJson" }],
    ["not ours", '{"format":"something-else"}', { code: "file.notOurs" }],
    ["a bare list", "[]", { code: "file.notOurs" }],
    [
      "from a newer program",
      document((d) => Object.assign(d, { formatVersion: FORMAT_VERSION + 1 })),
      { code: "file.newer", found: FORMAT_VERSION + 1, known: FORMAT_VERSION },
    ],
    [
      "with a script in its name",
      changed((d) => Object.assign(d, { name: "<script>x</script>" })),
      { code: "file.badField", path: "design.name", why: "markup" },
    ],
    [
      "with a negative width",
      changed((d) => Object.assign(d.shell!, { widthCm: -1 })),
      { code: "file.badField", path: "design.shell.widthCm", why: "outOfRange" },
    ],
    [
      "without its layers",
      changed((d) => Object.assign(d.strata!, { layers: undefined })),
      { code: "file.badField", path: "design.strata.layers", why: "missing" },
    ],
    [
      "with a field that is not known",
      changed((d) => Object.assign(d.brief!, { extra: 1 })),
      { code: "file.badField", path: "design.brief.extra", why: "unknownField" },
    ],
    [
      "with a made-up animal",
      changed((d) => Object.assign(d.brief!, { animalId: "dragon" })),
      { code: "file.unknownEntry", path: "design.brief.animalId", id: "dragon" },
    ],
    [
      "with a layer over a zone that is not there",
      changed((d) => Object.assign(d.strata!.layers[0]!, { over: { on: "zone", zoneId: "nowhere" } })),
      { code: "file.unknownEntry", path: "design.strata.layers.0.over", id: "nowhere" },
    ],
    [
      "with a thousand strata",
      changed((d) =>
        Object.assign(d.strata!, {
          layers: Array.from({ length: 1000 }, (_, at) => ({ ...d.strata!.layers[0], id: `l${at}` })),
        }),
      ),
      { code: "file.badField", path: "design.strata.layers", why: "tooMany" },
    ],
    [
      "with a floor like a bow tie",
      changed((d) => Object.assign(d.shell!, { floor: { shape: "polygon", points: bowTie } })),
      { code: "file.broken", path: "design.shell.floor.points", why: "crossesItself" },
    ],
    [
      "with a floor larger than the box",
      changed((d) => Object.assign(d.shell!, { floor: { shape: "polygon", points: tooWide } })),
      { code: "file.broken", path: "design.shell.floor.points", why: "passesBox" },
    ],
    [
      "with zones that overlap",
      changed((d) => d.strata!.zones.push({ ...d.strata!.zones[0], id: "z2" })),
      { code: "file.broken", path: "design.strata.zones.1.points", why: "overlapsZone" },
    ],
    [
      "with a vent past its wall",
      changed((d) => Object.assign(d.shell!, { openings: [{ ...design.shell.openings[0], acrossCm: 41 }] })),
      { code: "file.broken", path: "design.shell.openings.0.acrossCm", why: "passesWall" },
    ],
    [
      "with an event of a kind that is not known",
      document((d) => d.events.push({ id: "x", at: "2026-02-01T08:00:00Z", on: "2026-02-01", kind: "sang" })),
      { code: "file.badField", path: "events.2.kind", why: "invalid" },
    ],
    [
      "with an event twice",
      document((d) => d.events.push(d.events[0]!)),
      { code: "file.usedTwice", path: "events", id: "e0" },
    ],
    [
      "with fewer values than instants",
      document((d) => d.samples[0]!.value.pop()),
      { code: "file.badField", path: "samples.0.value", why: "invalid" },
    ],
    [
      "with a humidity over 100 %",
      document((d) => (d.samples[0]!.value[0] = 130)),
      { code: "file.badField", path: "samples.0.value", why: "outOfRange" },
    ],
    [
      "with a plant twice",
      changed((d) => Object.assign(d, { plants: [d.plants, d.plants].flat() })),
      { code: "file.usedTwice", path: "design.plants", id: "a" },
    ],
  ])("%s is refused, naming what is wrong", (_what, of, problem) => {
    expect(problemOf(of)).toEqual(problem);
  });

  it("gets a name that any disk takes", () => {
    expect(fileName({ name: "Fern wall/2: Überall" })).toBe("fern-wall-2-uberall.rincon.json");
    expect(fileName({ name: "…" })).toBe("habitat.rincon.json");
  });
});

it("the same design makes the same text, however it came to be: edits may leave its fields in any order", () => {
  const { strata, brief, ...rest } = design;
  const shuffled: Design = { ...rest, brief: { ...brief, animalId: brief.animalId }, strata };
  expect(Object.keys(shuffled)).not.toEqual(Object.keys(design));
  const text = (of: Design) => printHabitat({ design: of, events: [], samples: [] });
  expect(text(shuffled)).toBe(text(design));
});
