import { describe, expect, it } from "vitest";
import { STOCK } from "../library";
import { boulder, derived, FERNWALL, found, logged, made, started } from "../testing";
import { anyHabitat } from "../testing/anyHabitat";
import fc from "fast-check";
import { checkFirst, causeOf, isOpen, WEIGHTS } from "./index";
import type { Command, Design } from "../habitat";

const shallow = (cm: number, animalId = "crocodileSkink"): Design =>
  made(started({ animalId, count: 1 }), { name: "setSoil", args: { layerId: "soil-1", frontCm: cm, backCm: cm } });
const accept = (design: Design, reason = "It never digs here."): Command => {
  const { finding } = found(derived(design), "soilTooShallow")!;
  const { code, about } = finding;
  return {
    name: "answer",
    args: { code, about, cause: causeOf(finding), on: "2026-03-02", answer: { kind: "accepted", reason } },
  };
};

describe("how much a finding weighs", () => {
  it("nothing that rests on a figure from memory is a harm, in whatever habitat, unless it is far off", () => {
    const isFarOff = (code: string) => ["boxTooSmall", "tooHot", "tooCold", "baskingOff"].includes(code);
    fc.assert(
      fc.property(anyHabitat, ({ design, log }) => {
        const of = derived(design, log);
        const animalId = design.brief.animalId;
        const harms = of.findings.filter(({ weight, code }) => weight === "harm" && code !== "stoneOnSoil");
        for (const finding of harms.filter(({ code }) => !isFarOff(code)))
          expect(checkFirst(finding, animalId, STOCK, of.climate.decidedBy), finding.code).toEqual([]);
      }),
      { numRuns: 60 },
    );
  });
  it("what physics says stays a harm: a stone that sinks, an overloaded stand, doors that jam", () => {
    const dug = made(started({ animalId: "tomatoFrog" }), boulder({ rest: { on: "ground", sunkCm: 0 } }));
    expect(found(derived(dug), "stoneOnSoil")?.finding).toMatchObject({ weight: "harm", rests: "nature" });
    const heavy = made(started(), { name: "setStandsOn", args: { ratingKg: 5 } });
    expect(found(derived(heavy), "standOverloaded")?.finding).toMatchObject({ weight: "harm" });
    const high = made(started(), { name: "setShell", args: { sillCm: 3 } });
    expect(found(derived(high), "overSill")?.finding).toMatchObject({ weight: "harm" });
  });
  it("a box far too small is a harm, one that is a hand short is looked at", () => {
    const box = (widthCm: number) =>
      found(
        derived(started({ animalId: "beardedDragon", shell: { ...FERNWALL.shell, widthCm, depthCm: 60 } })),
        "boxTooSmall",
      )?.finding.weight;
    expect([box(45), box(115)]).toEqual(["harm", "look"]);
  });
  it("a depth only one school asks for is an opinion, and says which other answer has nothing to say", () => {
    const disputed = STOCK.all("animals").flatMap(({ id, schools }) => {
      const school = schools.find(({ about }) => about === "soilDepth");
      const least = school?.views.map(({ leastSoilCm }) => leastSoilCm ?? Infinity) ?? [];
      return Math.min(...least) < STOCK.get("animals", id).soil.leastDepthCm ? [{ id, cm: Math.min(...least) }] : [];
    });
    for (const { id, cm } of disputed) {
      const { finding } = found(derived(shallow(cm + 0.2, id)), "soilTooShallow")!;
      expect(finding, id).toMatchObject({ weight: "opinion", otherSchool: { question: "soilDepth" } });
    }
    expect(derived(shallow(4)).findings.find(({ code }) => code === "soilTooShallow")).toMatchObject({
      weight: "look",
    });
  });
  it("the heaviest stand first", () => {
    fc.assert(
      fc.property(anyHabitat, ({ design, log }) => {
        const ranks = derived(design, log).findings.map(({ weight }) => WEIGHTS.indexOf(weight));
        expect(ranks).toEqual(ranks.toSorted((a, b) => a - b));
      }),
      { numRuns: 30 },
    );
  });
  it("no crew is an opinion, and none at all in a box that is not meant to be bioactive", () => {
    expect(found(derived(started()), "crewMissing")?.finding).toMatchObject({ weight: "opinion" });
    const planted = made(started(), { name: "setLiving", args: { living: "planted" } });
    expect(found(derived(planted), "crewMissing")).toBeUndefined();
  });
  it("a pane over an animal that needs UV is told, until a lamp hangs under it", () => {
    const sunned = STOCK.all("animals").find(({ uv, schools }) => uv.need === "needed" && schools.length === 0)!;
    const box = { ...FERNWALL.shell, top: "glass" as const };
    const shut = started({ animalId: sunned.id, count: 1, shell: box });
    expect(found(derived(shut), "uvBlocked")?.mends[0]?.commands[0]?.name).toBe("setTop");
    const tube = STOCK.all("gear").find(({ purpose }) => purpose === "uv")!;
    const lamp = { id: "uv", kindId: tube.id, xCm: 30, yCm: 22, upCm: 55, powerW: null, lumens: null } as const;
    const lit = made(shut, { name: "addGear", args: { ...lamp, run: { by: "always" } } });
    expect(found(derived(lit), "uvBlocked")).toBeUndefined();
  });
});

describe("what was answered", () => {
  it("an accepted finding is silent as long as its cause is what it was, and back when it changes", () => {
    const accepted = made(shallow(4), accept(shallow(4)));
    const quiet = found(derived(accepted), "soilTooShallow")!.finding;
    expect(isOpen(quiet, "2027-01-01")).toBe(false);
    const moved = made(accepted, { name: "addPlant", args: { id: "p", plantId: "nervePlant", xCm: 30, yCm: 20 } });
    expect(isOpen(found(derived(moved), "soilTooShallow")!.finding, "2027-01-01")).toBe(false);
    const thinner = made(accepted, { name: "setSoil", args: { layerId: "soil-1", frontCm: 2, backCm: 2 } });
    const back = found(derived(thinner), "soilTooShallow")!.finding;
    expect([isOpen(back, "2027-01-01"), back.answered?.holds]).toEqual([true, false]);
  });
  it("one put off is told again on its day", () => {
    const { finding } = found(derived(shallow(4)), "soilTooShallow")!;
    const { code, about } = finding;
    const answer = { kind: "later", untilOn: "2026-04-01" } as const;
    const later = made(shallow(4), {
      name: "answer",
      args: { code, about, cause: causeOf(finding), on: "2026-03-02", answer },
    });
    const quiet = found(derived(later), "soilTooShallow")!.finding;
    expect(["2026-03-31", "2026-04-01"].map((day) => isOpen(quiet, day))).toEqual([false, true]);
    const taken = made(later, { name: "unanswer", args: { code, about } });
    expect(taken.answers).toEqual([]);
  });
  it("a second answer to the same finding takes the place of the first", () => {
    const twice = made(made(shallow(4), accept(shallow(4))), accept(shallow(4), "Another reason."));
    expect(twice.answers.map(({ answer }) => answer)).toEqual([{ kind: "accepted", reason: "Another reason." }]);
  });
  it("a reading out of band is its own cause each time", () => {
    const read = (temperatureC: number) => logged([], [{ at: "2026-02-01T12:00:00Z", place: "warmEnd", temperatureC }]);
    const causes = [40, 45].map((warm) => causeOf(found(derived(started(), read(warm)), "outOfBand")!.finding));
    expect(new Set(causes).size).toBe(2);
  });
});
