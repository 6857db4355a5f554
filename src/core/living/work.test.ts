import { expect, it } from "vitest";
import { STOCK } from "../library";
import { stateAt } from "../log";
import { happened, made, started } from "../testing";
import { grownShare, lossesOf, plantWorks } from "./index";

const habitat = made(
  started({ animalId: "milkFrog", count: 3 }),
  { name: "addPlant", args: { id: "a", plantId: "dwarfPeaceLily", xCm: 20, yCm: 30 } },
  { name: "addPlant", args: { id: "b", plantId: "fireballBromeliad", xCm: 40, yCm: 40, plantedOn: "2026-02-01" } },
);

it("a plant is kept apart two weeks, a pot gives about ten, and it is trimmed when it has most of its size", () => {
  const [lily, bromeliad] = plantWorks(habitat, STOCK, "2026-03-01");
  expect(lily).toMatchObject({ quarantineUntilOn: "2026-03-15", dividesInto: 10, method: "divide" });
  expect(bromeliad).toMatchObject({
    quarantineUntilOn: "2026-02-01",
    dividesInto: 1,
    method: "glue",
    pruning: "seldom",
  });
  const plant = STOCK.get("plants", "dwarfPeaceLily");
  const months = (new Date(lily!.firstTrimOn).getTime() - new Date("2026-03-15").getTime()) / 86_400_000 / 30;
  expect(grownShare(plant, months)).toBeGreaterThanOrEqual(0.85);
  expect(grownShare(plant, months - 1)).toBeLessThan(0.85);
});

it("what died is remembered in order of its days, and what gave way does not count as died", () => {
  const told = [
    { kind: "lost", on: "2026-05-01", plantId: "dwarfPeaceLily", how: "died" },
    { kind: "lost", on: "2026-04-01", plantId: "fireballBromeliad", how: "replaced" },
  ] as const;
  const state = stateAt(happened(...told), "2026-06-01");
  expect(state.lostPlants.map(({ plantId, on }) => `${plantId} ${on}`)).toEqual([
    "fireballBromeliad 2026-04-01",
    "dwarfPeaceLily 2026-05-01",
  ]);
  expect([lossesOf(state, "dwarfPeaceLily"), lossesOf(state, "fireballBromeliad")]).toEqual([1, 0]);
});

it("a day of planting is written for those that have none yet", () => {
  const planted = made(habitat, { name: "plantedOn", args: { on: "2026-03-20" } });
  expect(planted.plants.map((stand) => stand.plantedOn)).toEqual(["2026-03-20", "2026-02-01"]);
});
