import { describe, expect, it } from "vitest";
import { applyAll, startHabitat } from "../habitat";
import { bandChecks, dueList, duties } from "./index";

const start = {
  id: "h",
  name: "Fernwall",
  createdAt: "2026-01-05T08:00:00Z",
  startOn: "2026-01-05",
  animalId: "crocodileSkink",
  count: 2,
  room: { temperatureC: 21, humidityRh: 45 },
  shell: { widthCm: 60, depthCm: 45, heightCm: 45, sillCm: 17, top: "mesh" as const },
};
const built = startHabitat(start);
const kept = applyAll(built, [{ name: "startKeeping", args: { on: "2026-02-10" } }]);
const due = (habitat: typeof kept, id: string, today: string) => dueList(habitat, today).find((duty) => duty.id === id);

describe("duties", () => {
  it("follow from the design: no misting for a rosy boa, no water line without drainage", () => {
    expect(duties(startHabitat({ ...start, animalId: "rosyBoa" })).map((duty) => duty.id)).toEqual([
      "freshWater",
      "spotClean",
      "glass",
      "lamp",
    ]);
    expect(duties(built).map((duty) => duty.id)).toContain("waterLine");
  });
  it("are due from the move-in: daily ones at once, the litter after two months (common practice)", () => {
    expect(dueList(built, "2026-02-10")).toEqual([]);
    expect(due(kept, "mist", "2026-02-10")?.inDays).toBe(0);
    expect(due(kept, "litter", "2026-02-10")?.dueOn).toBe("2026-04-11");
  });
  it("count from the last tick, and late ones come first", () => {
    const ticked = applyAll(kept, [
      { name: "tickDuty", args: { dutyId: "waterLine", on: "2026-02-17" } },
      { name: "tickDuty", args: { dutyId: "waterLine", on: "2026-02-12" } },
    ]);
    expect(due(ticked, "waterLine", "2026-02-26")).toMatchObject({
      dueOn: "2026-02-24",
      inDays: -2,
      lastOn: "2026-02-17",
    });
    const order = dueList(ticked, "2026-02-26").map((duty) => duty.inDays);
    expect(order).toEqual([...order].sort((a, b) => a - b));
  });
});

describe("readings against their bands", () => {
  it("take the newest of each thing, and hold the water line against the safe line", () => {
    const read = applyAll(kept, [
      {
        name: "addReading",
        args: { id: "2", at: "2026-02-12T09:00:00Z", place: "warmEnd", temperatureC: 29, humidityRh: 80 },
      },
      {
        name: "addReading",
        args: { id: "1", at: "2026-02-11T09:00:00Z", place: "warmEnd", temperatureC: 26, humidityRh: 50 },
      },
      { name: "addReading", args: { id: "3", at: "2026-02-12T09:00:00Z", place: "coolEnd", waterLineCm: 4.2 } },
    ]);
    expect(bandChecks(read).map(({ what, side }) => [what, side])).toEqual([
      ["temperatureC", "above"],
      ["humidityRh", "in"],
      ["waterLineCm", "above"],
    ]);
    expect(bandChecks(read)[2]?.band).toEqual([0, 4]);
  });
});
