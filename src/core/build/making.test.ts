import { describe, expect, it } from "vitest";
import type { Command, Design } from "../habitat";
import { logged, made, scene, started } from "../testing";
import { activities, planOf } from "./index";

const living = made(
  started(),
  { name: "addPlant", args: { id: "a", plantId: "nervePlant", xCm: 10, yCm: 10 } },
  { name: "setPlan", args: { minutesByWeekday: [1440, 1440, 1440, 1440, 1440, 1440, 1440] } },
);
const FOAM: Command = {
  name: "setTreatment",
  args: { wall: "back", treatmentId: "foam", finishId: "siliconeFibre", thicknessCm: 5 },
};

describe("each thing is made, filled and sealed in its own step", () => {
  const pocket: Command = {
    name: "addPiece",
    args: {
      id: "pocket",
      kindId: "clayPocket",
      xCm: 20,
      yCm: 40,
      turnDeg: 0,
      widthCm: 15,
      depthCm: 10,
      heightCm: 10,
      rest: { on: "wall", upCm: 20 },
      fillMixId: "mix-1",
    },
  };
  const steps = (design: Design) => activities(scene(design));
  const one = (design: Design, id: string) => steps(design).find((step) => step.id === id);

  it("clay is moulded, a day left to harden before soil comes near it, and filled before it is planted", () => {
    const clay = made(living, pocket);
    expect(one(clay, "mouldPieces")).toMatchObject({ wait: [1, 1, 2], quantities: { count: 1 } });
    expect(one(clay, "laySoil:soil-1")?.after).toContain("mouldPieces");
    expect(one(clay, "setPieces")).toBeUndefined();
    const fill = one(clay, "fillPieces:mix-1");
    expect(fill?.after).toEqual(expect.arrayContaining(["mixSoil:mix-1", "mouldPieces"]));
    expect(fill?.quantities.looseL).toBeGreaterThan(scene(clay).ground.solids.find(({ id }) => id === "pocket")!.fillL);
    expect(one(clay, "plantOut:nervePlant")?.after).toContain("fillPieces:mix-1");
  });
  it("clay on a built wall is moulded onto it, and not propped, glued or drilled as a thing would be", () => {
    const onWall = made(living, FOAM, {
      ...pocket,
      args: { ...pocket.args, rest: { on: "inWall", wall: "back", upCm: 20 } },
    });
    const ids = steps(onWall).map(({ id }) => id);
    expect(ids).toContain("mouldPieces");
    expect(ids).not.toContain("setInWall:back");
    expect(ids).not.toContain("drillPlanters");
    expect(one(onWall, "mouldPieces")?.after).toContain("finishWalls:back");
  });
  it("a mix for a planter alone is wetted when the planter is filled, not weeks before", () => {
    const own = made(living, pocket, { name: "removeLayers", args: { layerIds: ["soil-1"] } }, FOAM);
    const { steps: planned } = planOf(scene(own), logged([]).state, "2026-01-05");
    const startOf = (id: string) => planned.find((step) => step.id === id)?.startOn;
    expect(startOf("fillPieces:mix-1")! > "2026-01-20").toBe(true);
    expect(startOf("mixSoil:mix-1")).toBe(startOf("fillPieces:mix-1"));
  });
  it("bare boards are sealed first, cut holes too, and nothing lives there until they are aired", () => {
    const wood = made(living, { name: "setBuild", args: { buildId: "plywood" } }, FOAM);
    const { shell } = wood;
    const insideM2 = (shell.widthCm * shell.depthCm + 2 * (shell.widthCm + shell.depthCm) * shell.heightCm) / 10_000;
    expect(one(wood, "sealBoards")?.quantities.coatCount).toBe(2);
    expect(one(wood, "sealBoards")?.quantities.paintL).toBeCloseTo((insideM2 * 2) / 10, 9);
    expect(one(wood, "buildWalls:back")).toMatchObject({ way: "foamOnBoard" });
    expect(one(wood, "buildWalls:back")?.after).toContain("sealBoards");
    expect(one(living, "sealBoards")).toBeUndefined();
    const bare = made(living, { name: "setBuild", args: { buildId: "plywood" } });
    expect(one(bare, "airOut")?.after).toEqual(["sealBoards"]);
  });
  it("each kind of wall is told as it is built, and only what lies on glass is scraped", () => {
    const way = (treatmentId: string) =>
      one(
        made(living, {
          name: "setTreatment",
          args: {
            wall: "back",
            treatmentId,
            finishId: null,
            ...(treatmentId === "blackedGlass" ? {} : { thicknessCm: 3 }),
          },
        }),
        "buildWalls:back",
      )?.way;
    expect(["foam", "corkPanel", "sculptedClay", "removablePanel", "blackedGlass"].map(way)).toEqual([
      "foam",
      "glued",
      "clay",
      "loose",
      "outside",
    ]);
  });
  it("a lift laid dry is mixed dry, and moss spores go on walls, not into the soil", () => {
    const dry = made(living, { name: "setLaid", args: { layerId: "soil-1", laid: "dry" } });
    expect(one(dry, "mixSoil:mix-1")?.way).toBe("dry");
    expect(one(living, "mixSoil:mix-1")?.way).toBe("moist");
    const begun = made(
      living,
      { name: "setStarter", args: { supplyId: "mossSpores", amount: 1 } },
      { name: "setStarter", args: { supplyId: "ripeCompost", amount: 0.2 } },
    );
    expect(one(begun, "addStarters:mossSpores")).toMatchObject({ way: "surfaces", quantities: { count: 1 } });
    expect(one(begun, "addStarters:ripeCompost")).toMatchObject({ way: "soil", quantities: { looseL: 0.2 } });
  });
});
