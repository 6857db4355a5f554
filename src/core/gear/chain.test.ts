import { expect, it } from "vitest";
import { attempt, type Command } from "../habitat";
import { STOCK } from "../library";
import { made, started } from "../testing";
import { chainOf, fitted, fixtureOf, wattsOn } from "./index";

const add = (id: string, kindId: string, more: object = {}): Command => ({
  name: "addGear",
  args: { id, kindId, ...more },
});
const wired = made(
  started(),
  add("strip", "surgeStrip"),
  add("stat", "dimmingThermostat", { feedId: "strip" }),
  add("lamp", "halogenLamp", { powerW: 75, feedId: "stat" }),
  add("tube", "linearUvTube", { powerW: 24, feedId: "strip" }),
);

it("what a lamp is plugged into is followed to the wall, and all that hangs on a strip is added up", () => {
  const lamp = wired.gear.find(({ id }) => id === "lamp")!;
  expect(chainOf(lamp, wired.gear).map(({ id }) => id)).toEqual(["stat", "strip"]);
  expect(wattsOn("strip", fitted(wired.gear, STOCK))).toBe(99);
  expect(wattsOn("stat", fitted(wired.gear, STOCK))).toBe(75);
});

it("nothing is plugged into itself, into what hangs on it, or into what is not there; each named", () => {
  const feed = (id: string, feedId: string) =>
    attempt(wired, [{ name: "setGear", args: { id, feedId } }], STOCK) as { problem?: object };
  expect(feed("strip", "lamp").problem).toMatchObject({ code: "feedsItself" });
  expect(feed("strip", "strip").problem).toMatchObject({ code: "feedsItself" });
  expect(feed("lamp", "nowhere").problem).toMatchObject({ code: "unknown", id: "nowhere" });
});

it("what is taken out hands on what was plugged into it", () => {
  const out = made(wired, { name: "removeGear", args: { ids: ["stat"] } });
  expect(out.gear.find(({ id }) => id === "lamp")?.feedId).toBe("strip");
});

it("zero watts, a run longer than its turn and seconds longer than the day are refused by the field's name", () => {
  const refused = (to: object) =>
    (attempt(wired, [{ name: "setGear", args: { id: "lamp", ...to } }], STOCK) as { problem?: { path: string } })
      .problem;
  expect(refused({ powerW: 0 })?.path).toContain("powerW");
  const cycle = { by: "cycle", fromMin: 0, untilMin: 1440, onMin: 90, everyMin: 60 };
  expect(refused({ run: cycle })).toMatchObject({ path: "gear.2.run.onMin", code: "outOfRange", most: 60 });
  const bursts = { by: "bursts", atMin: Array.from({ length: 40 }, (_, n) => n * 30), forS: 3600 };
  expect(refused({ run: bursts })).toMatchObject({ code: "outOfRange", most: 2160 });
});

it("goes where its kind usually goes: over the mesh, under the lid, on a wall, under the box", () => {
  const { shell, gear } = made(
    started(),
    add("lamp", "halogenLamp"),
    add("tube", "wideUvTube"),
    add("mat", "heatMat", { place: "underBox" }),
    add("side", "heatMat"),
    add("in", "shadeUvTube", { upCm: 40 }),
  );
  const at = fitted(gear, STOCK).map((one) => fixtureOf(one, shell, () => 12));
  expect(at.map(({ place, through }) => [place, through])).toEqual([
    ["aboveMesh", "mesh"],
    ["insideTop", "nothing"],
    ["underBox", "nothing"],
    ["sideOfBox", "nothing"],
    ["insideTop", "nothing"],
  ]);
  expect(at[0]!.zCm).toBeGreaterThan(shell.heightCm);
  expect(at[4]!.zCm).toBe(40);
  // What warms from a wall does so at the warm end, on the left.
  expect(at[3]!.xCm).toBe(0);
});
