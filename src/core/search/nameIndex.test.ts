import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { STOCK } from "../library";
import { nameIndex } from "./index";

const find = nameIndex([
  { id: "emeraldGemPothos", names: ["neon pothos", "Epipremnum aureum", "emerald gem pothos"] },
  { id: "gemFern", names: ["gem fern", "Fernus gemma"] },
  { id: "emeraldGem", names: ["emerald gem", "Homalomena rubescens"] },
  { id: "fatTail", names: ["African fat-tailed gecko", "Hemitheconyx caudicinctus"] },
  { id: "ledge", names: ["ledge", "foam ledge", "spongy shelf"] },
  { id: "spongeFilter", names: ["sponge filter", "sponge"] },
  { id: "cafe", names: ["café snail", "D’Arcy's snail"] },
]);

describe("a name", () => {
  it("that is the very name comes before those that only hold it", () => {
    expect(find("emerald gem").found[0]).toBe("emeraldGem");
    expect(find("Emerald-Gem").found[0]).toBe("emeraldGem");
    expect(find("sponge").found[0]).toBe("spongeFilter");
  });
  it("is found with a hyphen or without, in one word, by its first letters, without its accents and apostrophes", () => {
    for (const text of ["fat tail", "fat-tailed", "fattail", "african fat", "hemithec"])
      expect(find(text).found, text).toEqual(["fatTail"]);
    expect(find("cafe").found).toEqual(["cafe"]);
    expect(find("darcys snail").found).toEqual(["cafe"]);
  });
  it("is found with a letter wrong, and what is spelt right brings nothing that is only spelt like it", () => {
    expect(find("afrcan fat tail").found).toEqual(["fatTail"]);
    expect(find("fern").found).toEqual(["gemFern"]);
  });
  it("that nothing bears has the nearest told, and nothing found", () => {
    const { found, nearest } = find("spungy filtre");
    expect(found).toEqual([]);
    expect(nearest).toContain("spongeFilter");
    expect(find("  ").found).toHaveLength(7);
  });
  it("of every entry of the catalogue finds it by its scientific name, exact before all others", () => {
    const kinds = ["animals", "plants", "crew"] as const;
    for (const kind of kinds) {
      const all = STOCK.all(kind);
      const index = nameIndex(all.map(({ id, scientificName }) => ({ id, names: [scientificName] })));
      fc.assert(
        fc.property(fc.constantFrom(...all), ({ id, scientificName }) => {
          const [first] = index(scientificName).found;
          expect(STOCK.get(kind, first ?? "").scientificName).toBe(scientificName);
          expect(all.filter((one) => one.scientificName === scientificName).map((one) => one.id)).toContain(id);
        }),
        { numRuns: 60 },
      );
    }
  });
});
