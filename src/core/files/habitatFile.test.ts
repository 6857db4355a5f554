import { describe, expect, it } from "vitest";
import { applyAll, startHabitat } from "../habitat";
import { fileName, parseHabitat, printHabitat } from "./index";

const habitat = applyAll(
  startHabitat({
    id: "h",
    name: "Fernwall",
    createdAt: "2026-01-05T08:00:00Z",
    startOn: "2026-01-05",
    animalId: "crocodileSkink",
    count: 2,
    room: { temperatureC: 21, humidityRh: 45 },
    shell: { widthCm: 60.96, depthCm: 45.72, heightCm: 45.72, sillCm: 17, top: "mesh" },
  }),
  [
    { name: "addPlant", args: { id: "a", plantId: "nervePlant", xCm: 10, yCm: 10 } },
    { name: "addReading", args: { id: "r", at: "2026-02-01T08:00:00Z", place: "coolEnd", humidityRh: 81 } },
  ],
);
const text = printHabitat(habitat);
type Loose = { [field: string]: object } & { strata?: { layers: object[] } };
const changed = (change: (document: Loose) => void): string => {
  const document = JSON.parse(text) as Loose;
  change(document);
  return JSON.stringify(document);
};
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
      changed((d) => Object.assign(d, { formatVersion: 7 })),
      { code: "file.newer", found: 7, known: 5 },
    ],
    [
      "with a script in its name",
      changed((d) => Object.assign(d, { name: "<script>x</script>" })),
      { code: "file.badField", path: "name", why: "markup" },
    ],
    [
      "with a negative width",
      changed((d) => Object.assign(d.shell!, { widthCm: -1 })),
      { code: "file.badField", path: "shell.widthCm", why: "outOfRange" },
    ],
    [
      "without its layers",
      changed((d) => Object.assign(d.strata!, { layers: undefined })),
      { code: "file.badField", path: "strata.layers", why: "missing" },
    ],
    [
      "with a field that is not known",
      changed((d) => Object.assign(d.brief!, { extra: 1 })),
      { code: "file.badField", path: "brief.extra", why: "unknownField" },
    ],
    [
      "with a made-up animal",
      changed((d) => Object.assign(d.brief!, { animalId: "dragon" })),
      { code: "file.unknownEntry", path: "brief.animalId", id: "dragon" },
    ],
    [
      "with a layer over a zone that is not there",
      changed((d) => Object.assign(d.strata!.layers[0]!, { over: "nowhere" })),
      { code: "file.unknownEntry", path: "strata.layers.0.over", id: "nowhere" },
    ],
    [
      "with a thousand strata",
      changed((d) =>
        Object.assign(d.strata!, {
          layers: Array.from({ length: 1000 }, (_, at) => ({ ...d.strata!.layers[0], id: `l${at}` })),
        }),
      ),
      { code: "file.badField", path: "strata.layers", why: "tooMany" },
    ],
    [
      "with a plant twice",
      changed((d) => Object.assign(d, { plants: [d.plants, d.plants].flat() })),
      { code: "file.usedTwice", path: "plants", id: "a" },
    ],
  ])("%s is refused, naming what is wrong", (_what, of, problem) => {
    expect(problemOf(of)).toEqual(problem);
  });

  it("gets a name that any disk takes", () => {
    expect(fileName({ name: "Fern wall/2: Überall" })).toBe("fern-wall-2-uberall.rincon.json");
    expect(fileName({ name: "…" })).toBe("habitat.rincon.json");
  });
});
