import { STOCK } from "@/core/library";
import { expect, it } from "vitest";
import { type CatalogKind } from "@/core/catalog";
import { wholeStock as stock } from "@/core/catalog/whole";
import { isWord, sayIn } from "@/words";
import { climatesFor, entriesOf, fittingIds, subKindOf } from "./entries";
import { startHabitat } from "@/core/habitat";
import { traitsOf } from "./traits";

const say = sayIn("metric", STOCK);

it("has a word for everything an entry of the library says of itself", () => {
  for (const kind of Object.keys(stock) as CatalogKind[]) {
    for (const entry of STOCK.all(kind)) {
      for (const { key, text } of traitsOf(entry, say))
        expect(text, `${kind}.${entry.id}.${key}`).not.toMatch(/[a-z][A-Z]|undefined|library:/);
    }
  }
});
it("files every animal, plant, crew species, ingredient and gear under a kind that has a word", () => {
  for (const [kind, field] of [
    ["animals", "kind"],
    ["plants", "kind"],
    ["crew", "group"],
    ["ingredients", "matter"],
    ["gear", "purpose"],
  ] as const) {
    for (const entry of entriesOf(kind, STOCK))
      expect(
        isWord(field === "matter" ? `mix:matters.${subKindOf(entry)}` : `library:values.${field}.${subKindOf(entry)}`),
        entry.id,
      ).toBe(true);
  }
});
it("knows which climates plants are for, and which entries fit a habitat", () => {
  const climatesOf = (id: string) => climatesFor(STOCK.all("plants").find((plant) => plant.id === id)!);
  expect(climatesOf("zebraHaworthia")).toEqual(["semiArid", "arid"]);
  expect(climatesOf("nervePlant")).toContain("humidForest");
  expect(climatesOf("hornwort")).toEqual(["streamBank"]);
  expect(climatesOf("javaMoss")).toEqual(["streamBank"]);
  expect(climatesFor(STOCK.all("barriers")[0]!)).toBeUndefined();
  const habitat = startHabitat(
    {
      id: "h",
      name: "Box",
      createdAt: "2026-01-05T08:00:00Z",
      startOn: "2026-01-05",
      animalId: "leopardGecko",
      count: 1,
      room: { temperatureC: 21, humidityRh: 45 },
      shell: { widthCm: 90, depthCm: 45, heightCm: 40, sillCm: 0, top: "mesh" },
    },
    STOCK,
  );
  const fitting = fittingIds("plants", STOCK.all("plants"), habitat, STOCK)!;
  expect([fitting.has("oxTongueGasteria"), fitting.has("nervePlant")]).toEqual([true, false]);
  expect(fittingIds("gear", STOCK.all("gear"), habitat, STOCK)).toBeUndefined();
});
