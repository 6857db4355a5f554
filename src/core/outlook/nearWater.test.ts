import { expect, it } from "vitest";
import { derived, made, started } from "../testing";
import { gearCautions, nearWater } from "./index";

const add = (kindId: string, more: object = {}) => ({
  name: "addGear" as const,
  args: { id: kindId, kindId, ...more },
});
const boxOf = (animalId: string, ...gear: ReturnType<typeof add>[]) =>
  derived(
    made(
      started({ animalId, count: 1, shell: { widthCm: 90, depthCm: 45, heightCm: 60, sillCm: 0, top: "mesh" } }),
      ...gear,
    ),
  );

it("in a dry box nobody is warned of water near the mains; of heat they are", () => {
  const dry = boxOf("leopardGecko", add("halogenLamp"), add("ledBar", { place: "insideTop" }));
  expect(nearWater(dry)).toEqual([]);
  expect(gearCautions(dry)).toContain("heat");
  expect(gearCautions(dry)).not.toContain("electricityWater");
});

it("what sprays wets all that hangs in the box with it, and an animal's pool does", () => {
  const sprayed = boxOf("leopardGecko", add("ledBar", { place: "insideTop" }), add("mistingPump", { powerW: 20 }));
  expect(nearWater(sprayed).map(({ piece }) => piece.id)).toEqual(["ledBar", "mistingPump"]);
  expect(gearCautions(sprayed)).toContain("electricityWater");
  const pool = boxOf("fireBelliedToad", add("ledBar", { place: "insideTop" }));
  expect(gearCautions(pool)).toContain("electricityWater");
});
