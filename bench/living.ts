/** Ranking every plant over every place of a box, and proposing a palette. */
import { STOCK } from "../src/core/library";
import "../src/core/library/whole";
import load from "highs";
import { placeNamed, PLANTING_PLACES, plantFit, rankPlants } from "../src/core/living";
import { offered, paletteModel, paletteOf, STRATA_OF_HEIGHT, type PaletteQuestion } from "../src/core/palette";
import { sceneOf } from "../src/core/scene";
import { readAnswer, solverOptions, toLp } from "../src/core/solve";
import { demoHabitats } from "../src/demo";
import { line, median, timesOf } from "./timing";

const FRAME_MS = 16;

async function main(): Promise<void> {
  const [habitat] = demoHabitats("2026-03-02");
  if (!habitat) return;
  const scene = sceneOf(habitat.design, STOCK);
  const plants = STOCK.all("plants").slice(0, 150);
  const rank = () =>
    PLANTING_PLACES.map((name) => {
      return rankPlants(plants, scene, placeNamed(scene.habitat, scene.ground, name));
    });
  await timesOf(20, rank);
  const ms = median(await timesOf(60, rank));
  console.log(
    `\nranking ${plants.length} plants over ${PLANTING_PLACES.length} places, median of 60 runs, beside a frame of ${FRAME_MS} ms`,
  );
  console.log(line("ranking", ms, FRAME_MS));

  const highs = await load();
  const candidates = offered(
    STOCK.all("plants").map((plant) => ({ plant, score: plantFit(plant, scene).score, price: undefined })),
    { regions: undefined, onlyEdible: false, onlyEasy: false },
  );
  const question: PaletteQuestion = {
    candidates,
    strata: STRATA_OF_HEIGHT,
    floorCm2: 3000,
    wallCm2: 2500,
    floorShare: 0.5,
    wallShare: 0.3,
    months: 12,
    leastSturdy: 3,
    mostKinds: 8,
    budget: undefined,
    factor: 1.4,
    locked: {},
  };
  const propose = (unlike: readonly (readonly string[])[]) => {
    const model = paletteModel(question, unlike);
    return paletteOf(question, readAnswer(highs.solve(toLp(model), solverOptions(model, 20))));
  };
  const ids = propose([])?.picks.map(({ plantId }) => plantId) ?? [];
  const first = median(await timesOf(9, () => propose([])));
  const another = median(await timesOf(9, () => propose([ids])));
  console.log(`\na palette out of ${candidates.length} plants, median of 9 runs`);
  console.log(line("the first", first, first));
  console.log(line("another one", another, first));
}

void main();
