/** Every entry of the library has somewhere to live: animals find plants and crew, plants an animal, crew a box. */
import { beforeAll, describe, expect, it } from "vitest";
import type { Animal } from "../catalog";
import { fillFor } from "../habitat";
import { STOCK } from "../library";
import type { Scene } from "../scene";
import { scene, started } from "../testing";
import { crewFit, plantFit, usualStand, type Verdict } from "./index";

const LEAST_PLANTS = 5;
const LEAST_CREW = 2;

/** A box of the size an animal asks for, filled as Rincon begins it. */
function boxFor(animal: Animal): Scene {
  const { widthCm, depthCm, clearHeightCm } = animal.box;
  const tall = { heightCm: 300, sillCm: 0 };
  const fill = fillFor(animal, tall, STOCK);
  const heightCm = Math.min(300, clearHeightCm + fill.drainageCm + fill.soilCm + fill.dressingCm + 5);
  return scene(
    started({
      animalId: animal.id,
      count: 1,
      shell: { widthCm: Math.min(300, widthCm), depthCm: Math.min(300, depthCm), heightCm, sillCm: 0, top: "mesh" },
    }),
  );
}

type Found = { animal: Animal; plants: readonly string[]; crew: readonly string[] };
let all: Found[] = [];

beforeAll(() => {
  const serves = (verdict: Verdict) => verdict !== "misfit";
  all = STOCK.all("animals").map((animal) => {
    const box = boxFor(animal);
    const plants = STOCK.all("plants").filter((plant) => {
      return serves(plantFit(plant, box, usualStand(box, plant)).verdict);
    });
    const crew = STOCK.all("crew").filter((one) => one.proposed && serves(crewFit(one, box).verdict));
    return { animal, plants: plants.map(({ id }) => id), crew: crew.map(({ id }) => id) };
  });
}, 60_000);

describe("every entry", () => {
  it("animal has five plants that live with it, where plants live with it at all", () => {
    const few = all.filter(({ plants }) => plants.length < LEAST_PLANTS);
    expect(few.map(({ animal, plants }) => `${animal.id}: ${plants.join(", ")}`)).toEqual([]);
  });
  it("animal has two kinds of crew that live with it and are proposed", () => {
    const few = all.filter(({ crew }) => crew.length < LEAST_CREW);
    expect(few.map(({ animal, crew }) => `${animal.id}: ${crew.join(", ")}`)).toEqual([]);
  });
  it("plant has an animal it lives with", () => {
    const homes = new Set(all.flatMap(({ plants }) => plants));
    expect(STOCK.all("plants").flatMap(({ id }) => (homes.has(id) ? [] : [id]))).toEqual([]);
  });
  it("crew species that is proposed has an animal it lives with", () => {
    const homes = new Set(all.flatMap(({ crew }) => crew));
    expect(STOCK.all("crew").flatMap(({ id, proposed }) => (!proposed || homes.has(id) ? [] : [id]))).toEqual([]);
  });
});
