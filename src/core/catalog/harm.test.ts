/** What could harm an animal through an entry: what a reader of the catalogue would have found. */
import { describe, expect, it } from "vitest";
import { STOCK } from "../library";
import { crewFit, plantFit } from "../living";
import { blend, pantryOf, readMeters, standing, mixTarget, unsuited, DOES } from "../mix";
import { derived } from "../testing";
import { begun } from "../testing/newcomer";
import type { Animal } from "./index";

const animals = STOCK.all("animals");
const plants = STOCK.all("plants");
const SNAKES: readonly Animal["kind"][] = ["boa", "python", "colubrid"];
const CHELONIANS: readonly Animal["kind"][] = ["tortoise", "turtle"];

const idsOf = (all: readonly { id: string }[]): string[] => all.map(({ id }) => id);
const reasonsOf = (plant: (typeof plants)[number], scene: ReturnType<typeof derived>) =>
  plantFit(plant, scene).reasons.filter(({ code }) => code.startsWith("grazing."));

describe("what is eaten", () => {
  it("by those who live on plants is never called harmless where the lists of mammals call it poisonous", () => {
    const poisonous = plants.filter(({ toxicity }) => toxicity.mammals === "toxic");
    expect(poisonous.length).toBeGreaterThan(20);
    expect(idsOf(poisonous.filter(({ toxicity }) => toxicity.grazers === "safe"))).toEqual([]);
    for (const id of ["hermannsTortoise", "saharanSpinyTail", "chuckwalla", "greenIguana", "beardedDragon"]) {
      const scene = derived(begun({ animal: STOCK.get("animals", id), larger: 1.2, roomC: 22 }));
      const harmless = poisonous.filter((plant) => reasonsOf(plant, scene).some(({ verdict }) => verdict === "good"));
      expect(idsOf(harmless), id).toEqual([]);
    }
  });
  it("by a chameleon that nibbles is judged by what its keepers see, by a tortoise as a meal", () => {
    const codes = (plantId: string, animalId: string) => {
      const animal = STOCK.get("animals", animalId);
      const scene = derived(begun({ animal, larger: 1.2, roomC: 22 }));
      return reasonsOf(STOCK.get("plants", plantId), scene).map(({ code }) => code);
    };
    expect(codes("goldenPothos", "veiledChameleon")).toEqual(["grazing.good"]);
    expect(codes("goldenPothos", "hermannsTortoise")).toEqual(["grazing.harmful"]);
    expect(codes("buffaloGrass", "hermannsTortoise")).toEqual(["grazing.good"]);
    expect(codes("goldenPothos", "cornSnake")).toEqual([]);
  });
});

describe("what is borne", () => {
  it("of heat for days is at most five degrees over the warm end; by snakes and chelonians never over 33 °C", () => {
    const over = animals.filter(({ temperatureC: { highestForDays, warm } }) => highestForDays > warm[1] + 5);
    expect(idsOf(over)).toEqual([]);
    const thick = animals.filter(({ kind }) => SNAKES.includes(kind) || CHELONIANS.includes(kind));
    expect(idsOf(thick.filter(({ temperatureC }) => temperatureC.highestForDays > 33))).toEqual([]);
  });
  it("of a young one's box is less than a grown one's, and the largest for it no less than the least", () => {
    const floor = ({ widthCm, depthCm }: { widthCm: number; depthCm: number }) => widthCm * depthCm;
    const wrong = animals.filter(({ young, box }) => {
      if (!young.box) return false;
      const largest = young.largestBox;
      return floor(young.box) > floor(box) || (largest ? floor(largest) < floor(young.box) : false);
    });
    expect(idsOf(wrong)).toEqual([]);
    expect(idsOf(animals.filter(({ young }) => young.untilMonths === undefined))).toEqual([]);
  });
});

describe("a fall", () => {
  it("from the least clear height is one that is borne: no box could serve it else", () => {
    const far = animals.filter(
      ({ box: { greatestFallCm, clearHeightCm } }) => (greatestFallCm ?? Infinity) < clearHeightCm,
    );
    expect(idsOf(far)).toEqual([]);
  });
});

describe("the crew its keepers seed", () => {
  it("never bites an animal that lies still for weeks, nor eats what it lays into the ground", () => {
    const harmed = animals.flatMap((animal) => {
      const scene = derived(begun({ animal, larger: 1.2, roomC: 22 }));
      return animal.crewThatFits.flatMap((crewId) =>
        crewFit(STOCK.get("crew", crewId), scene)
          .reasons.filter(
            ({ code, verdict, hazard }) => code === "crew.harms" && (verdict === "misfit" || hazard === "eatsEggs"),
          )
          .map(({ hazard }) => `${animal.id} ${crewId} ${hazard}`),
      );
    });
    expect(harmed).toEqual([]);
  });
});

describe("the first mix", () => {
  it("holds nothing that hurts who lives on it", () => {
    const hurt = animals.flatMap((animal) =>
      (begun({ animal, larger: 1.2, roomC: 22 }).mixes[0]?.parts ?? [])
        .filter(({ ingredientId }) => unsuited(STOCK.get("ingredients", ingredientId), animal) !== undefined)
        .map(({ ingredientId }) => `${animal.id} ${ingredientId}`),
    );
    expect(hurt).toEqual([]);
  });
  it("of every animal reads within what its ground asks for, and sours nobody's shell", () => {
    const off = animals.flatMap((animal) => {
      const { mixes, strata } = begun({ animal, larger: 1.2, roomC: 22 });
      const laid = strata.layers.some(({ kind }) => kind === "soil");
      const mixture = laid ? blend(mixes[0]?.parts ?? [], pantryOf(STOCK)) : undefined;
      if (!mixture) return [];
      const aims = mixTarget(animal, false);
      const readings = readMeters(mixture, { footCm: 0, depthCm: Math.max(5, animal.soil.goodDepthCm) });
      return DOES.filter((id) => !["in", "free"].includes(standing(readings[id], aims[id]))).map(
        (id) => `${animal.id} ${String(mixes[0]?.recipeId)} ${id} ${readings[id].toFixed(1)}`,
      );
    });
    expect(off).toEqual([]);
  });
});
