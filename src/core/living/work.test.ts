import { expect, it } from "vitest";
import { applyAll, startHabitat } from "../habitat";
import { grownShare, lossesOf, plantWorks } from "./index";
import { entry } from "../catalog";

const habitat = applyAll(
  startHabitat({
    id: "h",
    name: "Box",
    createdAt: "2026-01-05T08:00:00Z",
    startOn: "2026-01-05",
    animalId: "milkFrog",
    count: 3,
    room: { temperatureC: 21, humidityRh: 45 },
    shell: { widthCm: 60, depthCm: 45, heightCm: 60, sillCm: 0, top: "mesh" },
  }),
  [
    { name: "addPlant", args: { id: "a", plantId: "dwarfPeaceLily", xCm: 20, yCm: 30 } },
    { name: "addPlant", args: { id: "b", plantId: "fireballBromeliad", xCm: 40, yCm: 40, plantedOn: "2026-02-01" } },
  ],
);

it("a plant is kept apart two weeks, a pot gives about ten, and it is trimmed when it has most of its size", () => {
  const [lily, bromeliad] = plantWorks(habitat, "2026-03-01");
  expect(lily).toMatchObject({ quarantineUntilOn: "2026-03-15", dividesInto: 10, method: "divide" });
  expect(bromeliad).toMatchObject({
    quarantineUntilOn: "2026-02-01",
    dividesInto: 1,
    method: "glue",
    pruning: "seldom",
  });
  const plant = entry("plants", "dwarfPeaceLily");
  const months = (new Date(lily!.firstTrimOn).getTime() - new Date("2026-03-15").getTime()) / 86_400_000 / 30;
  expect(grownShare(plant, months)).toBeGreaterThanOrEqual(0.85);
  expect(grownShare(plant, months - 1)).toBeLessThan(0.85);
});

it("what died is remembered in order of its days, what gave way does not count as died, and both can be taken back", () => {
  const lost = applyAll(habitat, [
    { name: "losePlant", args: { id: "x", standId: "a", on: "2026-05-01", how: "died" } },
    { name: "losePlant", args: { id: "y", standId: "b", on: "2026-04-01", how: "replaced" } },
  ]);
  expect(lost.plants).toEqual([]);
  expect(lost.keeping.lostPlants.map(({ plantId, on }) => `${plantId} ${on}`)).toEqual([
    "fireballBromeliad 2026-04-01",
    "dwarfPeaceLily 2026-05-01",
  ]);
  expect([lossesOf(lost, "dwarfPeaceLily"), lossesOf(lost, "fireballBromeliad")]).toEqual([1, 0]);
  expect(applyAll(lost, [{ name: "forgetLoss", args: { id: "x" } }]).keeping.lostPlants.map(({ id }) => id)).toEqual([
    "y",
  ]);
  expect(() => applyAll(lost, [{ name: "forgetLoss", args: { id: "z" } }])).toThrow("z");
});

it("a day of planting is written for those that have none yet", () => {
  const planted = applyAll(habitat, [{ name: "plantedOn", args: { on: "2026-03-20" } }]);
  expect(planted.plants.map((stand) => stand.plantedOn)).toEqual(["2026-03-20", "2026-02-01"]);
});
