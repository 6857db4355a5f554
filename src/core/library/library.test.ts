import { describe, expect, it } from "vitest";
import type { OwnIngredient, OwnPlant } from "../catalog";
import { wholeStock as stock } from "../catalog/whole";
import { derive } from "../derive";
import { NOTHING_LOGGED } from "../log";
import { made, started } from "../testing";
import { libraryOf, STOCK, withOwn } from "./index";

const { brick: _brick, ...coir } = STOCK.get("ingredients", "coir");
const clay = (name: string, pH: number): OwnIngredient => ({ ...coir, id: "ownClay", name, pH, soldAs: "gathered" });
const fern: OwnPlant = { ...STOCK.get("plants", "nervePlant"), id: "ownFern", name: "Sill fern" };

describe("the library", () => {
  it("knows every entry Rincon comes with, by its kind and id, in their order", () => {
    for (const [kind, entries] of Object.entries(stock)) {
      const of = kind as keyof typeof stock;
      expect(new Set<unknown>(STOCK.all(of))).toEqual(new Set<unknown>(stock[of]));
      expect(STOCK.all(of)).toHaveLength(stock[of].length);
      for (const { id } of entries as readonly { id: string }[]) expect(STOCK.get(of, id).id).toBe(id);
    }
  });

  it("names what is not there: the kind and the id", () => {
    expect(() => STOCK.get("plants", "unicornFern")).toThrow(/^plants: .*"unicornFern"/);
    expect(STOCK.find("plants", "unicornFern")).toBeUndefined();
    expect(STOCK.ownName("plants", "nervePlant")).toBeUndefined();
  });

  it("puts what a habitat carries before the builder's shelf, and that before the stock", () => {
    const shelf = libraryOf({ ingredients: [clay("Brook clay", 6)], plants: [fern] });
    const carried = withOwn(shelf, { ingredients: [clay("Pit clay", 8)] });
    expect([shelf.get("ingredients", "ownClay").pH, carried.get("ingredients", "ownClay").pH]).toEqual([6, 8]);
    expect([shelf.ownName("ingredients", "ownClay"), carried.ownName("ingredients", "ownClay")]).toEqual([
      "Brook clay",
      "Pit clay",
    ]);
    expect(carried.all("ingredients").filter(({ id }) => id === "ownClay")).toHaveLength(1);
    expect([carried.ownKind("ownFern"), carried.ownKind("ownClay"), carried.ownKind("coir")]).toEqual([
      "plants",
      "ingredients",
      undefined,
    ]);
    expect(STOCK.find("ingredients", "ownClay")).toBeUndefined();
  });

  it("of two habitats that carry the same id keeps their things and names apart", () => {
    const [one, other] = ["Brook clay", "Pit clay"].map((name, at) =>
      made(
        started({ id: `h${at}` }),
        { name: "carryOwn", args: { ingredients: [clay(name, 6 + at)] } },
        { name: "setPart", args: { mixId: "mix-1", ingredientId: "ownClay", parts: 2 } },
      ),
    );
    const named = (design: typeof one) =>
      derive(design!, NOTHING_LOGGED, STOCK).library.ownName("ingredients", "ownClay");
    expect([named(one), named(other)]).toEqual(["Brook clay", "Pit clay"]);
  });

  it("with the same entries added is the same library, so that what was worked out with it stands", () => {
    const added = { plants: [fern] };
    expect(withOwn(STOCK, added)).toBe(withOwn(STOCK, added));
    expect(withOwn(STOCK, { plants: [] })).toBe(STOCK);
  });
});
