import { expect, it } from "vitest";
import { STOCK } from "../library";
import { derived, found, made, scene, started } from "../testing";
import { following } from "./index";

it("a school puts its own figures in the place of the entry's, and the same choice gives the same animal", () => {
  const gecko = STOCK.get("animals", "crestedGecko");
  const about = gecko.schools.findIndex((school) => school.about === "group");
  const view = gecko.schools[about]!.views.findIndex(({ mostTogether }) => (mostTogether ?? 1) > 1) as 0 | 1;
  const told = following(gecko, { group: view });
  expect(told.box.mostTogether).toBeGreaterThan(1);
  expect(told.soil).toEqual(gecko.soil);
  expect(following(gecko, {})).toBe(gecko);
  const choice = { group: view } as const;
  expect(following(gecko, choice)).toBe(following(gecko, choice));
});
it("every school of every animal can be followed both ways, and leaves a sound animal", () => {
  for (const animal of STOCK.all("animals"))
    for (const { about, views } of animal.schools)
      for (const view of [0, 1] as const) {
        const told = following(animal, { [about]: view });
        expect(told.box.mostTogether >= 1, animal.id).toBe(true);
        expect(told.soil.leastDepthCm <= told.soil.goodDepthCm, animal.id).toBe(true);
        const { uvNeed = animal.uv.need, drainage = animal.drainage } = views[view];
        expect([told.uv.need, told.drainage], animal.id).toEqual([uvNeed, drainage]);
      }
});
it("findings are judged by the school that is followed, and another animal is followed by its entry again", () => {
  const two = made(started({ animalId: "crestedGecko" }), { name: "setCount", args: { count: 2 } });
  expect(found(derived(two), "tooMany")?.finding.quantities).toMatchObject({ variant: "oneToABox" });
  const group = made(two, { name: "followSchool", args: { about: "group", view: 1 } });
  expect(found(derived(group), "tooMany")).toBeUndefined();
  const back = made(group, { name: "followSchool", args: { about: "group", view: null } });
  expect(found(derived(back), "tooMany")).toBeDefined();
  const other = made(group, { name: "setAnimal", args: { animalId: "tokayGecko" } });
  expect(other.brief.schools).toEqual({});
  expect(() =>
    made(started({ animalId: "axolotl" }), { name: "followSchool", args: { about: "drainage", view: 0 } }),
  ).toThrow("about");
  expect(scene(group).animal.box.mostTogether).toBeGreaterThan(1);
});
