import { STOCK } from "../library";
import { describe, expect, it } from "vitest";
import { EMPTY_SHELF, type OwnShelf } from "../own";
import { parseOwn, printOwn } from "./index";

const { brick: _brick, ...coir } = STOCK.get("ingredients", "coir");
const shelf: OwnShelf = {
  ...EMPTY_SHELF,
  ingredients: [{ ...coir, id: "ownClay", name: "Brook clay – Überschuss", soldAs: "gathered" }],
  animals: [{ ...STOCK.get("animals", "tomatoFrog"), id: "ownFrog", name: "My frog", basedOn: "tomatoFrog" }],
  plants: [{ ...STOCK.get("plants", "nervePlant"), id: "ownFern", name: "My plant" }],
  crew: [{ ...STOCK.get("crew", "powderIsopod"), id: "ownCrew", name: "My crew" }],
};
const changed = (change: (document: OwnShelf & Record<string, unknown>) => unknown): string => {
  const document = JSON.parse(printOwn(shelf)) as OwnShelf & Record<string, unknown>;
  change(document);
  return JSON.stringify(document);
};

describe("a file of own entries", () => {
  it("comes back as it was printed", () => expect(parseOwn(printOwn(shelf))).toEqual({ ok: true, shelf }));
  it.each([
    ["cut off", printOwn(shelf).slice(0, 200), { code: "file.notJson" }],
    ["of another format", "{}", { code: "file.notOurs" }],
    [
      "from a newer program",
      changed((d) => Object.assign(d, { formatVersion: 9 })),
      { code: "file.newer", found: 9, known: 4 },
    ],
    [
      "with an animal warmer by night than it can be",
      changed((d) => Object.assign(d.animals[0]!.temperatureC, { night: [25, 20] })),
      { code: "file.badField", path: "animals.0.temperatureC.night" },
    ],
    [
      "with an id that could meet one of the catalogue's",
      changed((d) => Object.assign(d.plants[0]!, { id: "nervePlant" })),
      { code: "file.badField", path: "plants.0.id" },
    ],
    [
      "with markup in a name",
      changed((d) => Object.assign(d.crew[0]!, { name: "<b>" })),
      { code: "file.badField", path: "crew.0.name", why: "markup" },
    ],
  ])("%s is refused, naming what is wrong", (_what, text, problem) => {
    expect(parseOwn(text)).toMatchObject({ ok: false, problem });
  });
});
