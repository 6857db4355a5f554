import { describe, expect, it } from "vitest";
import type { Derived } from "../derive";
import type { FindingCode } from "../findings";
import type { Command, Design } from "../habitat";
import { boulder, derived, FERNWALL, found, made, started } from "../testing";
import { choicesOf, mendsOf } from "./index";

const told = (of: Derived): string[] => of.findings.map(({ code, about }) => `${code} ${about}`);
const afterFirst = (design: Design, code: FindingCode): { now: Derived; label: string } => {
  const of = derived(design);
  const mend = found(of, code)!.mends[0]!;
  const label = mend.parts.map((part) => `${part.code}.${"variant" in part.quantities ? part.quantities.variant : ""}`);
  return { now: derived(made(design, ...mend.commands)), label: label.join(" + ") };
};
const soil = (frontCm: number, backCm = frontCm): Command => ({
  name: "setSoil",
  args: { layerId: "soil-1", frontCm, backCm },
});
/** A box whose soil is as deep as its animal asks, and no deeper, under a sill that is lower than all of it. */
const overSill = (sillCm: number): Design => made(started(), soil(8), { name: "setShell", args: { sillCm } });

describe("a sill and a depth that are both asked for", () => {
  it("are met at once where a slope or a thinner drainage meets them: front under the sill, soil deep enough behind", () => {
    for (const sillCm of [13, 12, 11, 10]) {
      const before = derived(overSill(sillCm));
      const { now } = afterFirst(overSill(sillCm), "overSill");
      expect(found(now, "overSill"), `${sillCm}`).toBeUndefined();
      expect(
        told(now).filter((finding) => !told(before).includes(finding)),
        `${sillCm}`,
      ).toEqual([]);
    }
  });
  it("thinner drainage keeps its inch, and its water no higher than is safe then", () => {
    const design = made(overSill(9), { name: "setWaterLine", args: { waterLineCm: 0.4 } });
    const of = derived(design);
    const thinner = found(of, "overSill")!.mends.find(({ parts: [{ quantities }] }) =>
      "variant" in quantities ? quantities.variant === "thinner" : false,
    );
    const now = derived(made(design, ...(thinner?.commands ?? [])));
    const drainage = now.habitat.strata.layers.find((layer) => layer.kind === "drainage");
    expect(drainage && "depthCm" in drainage && drainage.depthCm).toBeGreaterThanOrEqual(2.5);
    expect(now.habitat.strata.waterLineCm).toBeLessThanOrEqual(now.ground.water!.safeLineCm + 1e-9);
    expect(found(now, "overSill")).toBeUndefined();
  });
  it("that cannot both be had leave choices in words, and none that changes a box bought as it is", () => {
    const impossible = made(overSill(2), { name: "setShell", args: { heightCm: 40 } });
    const { finding, mends } = found(derived(impossible), "overSill")!;
    expect(mends).toEqual([]);
    expect(choicesOf(finding, derived(impossible))).toContain("higherSill");
    const bought = derived(made(impossible, { name: "setBought", args: { bought: true } }));
    expect(choicesOf(finding, bought)).toEqual(["otherAnimal"]);
  });
});

describe("a box that is bought as it is", () => {
  const crowded = made(started({ count: 2 }), { name: "setBought", args: { bought: true } });
  it("is never made larger: fewer live in it, or they move later", () => {
    const { finding, mends } = found(derived(crowded), "boxTooSmall")!;
    expect(mends.flatMap(({ commands }) => commands.map(({ name }) => name))).toEqual(["setCount"]);
    expect(choicesOf(finding, derived(crowded))).toContain("largerBoxLater");
    const free = made(crowded, { name: "setBought", args: { bought: false } });
    expect(found(derived(free), "boxTooSmall")!.mends[0]!.commands[0]!.name).toBe("setShell");
  });
});

describe("gentler ways come before something is taken out", () => {
  const withPlant = (plantId: string, more: object = {}): Design =>
    made(started(), { name: "addPlant", args: { id: "p", plantId, xCm: 30, yCm: 20, ...more } });
  const variants = (design: Design, code: FindingCode): string[] =>
    found(derived(design), code)!.mends.map(({ parts: [{ quantities }] }) =>
      "variant" in quantities ? String(quantities.variant) : "",
    );
  it("a plant that is a little too tall is kept down with scissors, and stays kept", () => {
    const low = made(withPlant("nervePlant"), { name: "setShell", args: { heightCm: 28 } }, soil(10));
    const outgrown = made(low, {
      name: "addPlant",
      args: { id: "tall", plantId: "goldenPothos", xCm: 20, yCm: 40, spot: "ground" },
    });
    for (const finding of derived(outgrown).findings.filter(({ code }) => code === "plantOutgrows")) {
      const [first] = mendsOf(finding, derived(outgrown));
      expect(first?.parts[0].quantities).not.toMatchObject({ variant: "remove" });
    }
  });
  it("one that stands in a stone or in a wall's build is moved to free ground", () => {
    const inStone = made(withPlant("nervePlant"), boulder({ xCm: 30, yCm: 20 }));
    expect(variants(inStone, "plantInside")).toEqual(["move", "remove"]);
    const foamed = made(withPlant("nervePlant", { yCm: 44 }), {
      name: "setTreatment",
      args: { wall: "back", treatmentId: "foam", thicknessCm: 5 },
    });
    const { now, label } = afterFirst(foamed, "plantInside");
    expect(label).toBe("plantInside.move");
    expect(now.habitat.plants[0]!.yCm).toBeLessThan(40);
    expect(found(now, "plantInside")).toBeUndefined();
  });
  it("one on wood where there is none gets a branch", () => {
    expect(variants(withPlant("fireballBromeliad", { spot: "wood" }), "plantNoWood")[0]).toBe("mount");
  });
  it("a piece through another, over the rim or past the wall is moved, turned or shortened", () => {
    const through = made(started(), boulder(), boulder({ id: "other", xCm: 33, yCm: 24 }));
    expect(variants(through, "pieceOverlaps")).toEqual(["move", "remove"]);
    const past = made(started(), boulder({ xCm: 59, yCm: 44 }));
    expect(variants(past, "pieceTooLarge")[0]).toBe("move");
    const tall = made(started(), boulder({ heightCm: 70 }));
    expect(variants(tall, "pieceTooLarge")[0]).toBe("shorten");
  });
  it("a boulder in the pump column is what moves, not the column", () => {
    const column = boulder({ id: "column", kindId: "pumpColumn", widthCm: 9, depthCm: 9 });
    const { finding } = found(derived(made(started(), boulder(), column)), "pieceOverlaps")!;
    expect(finding).toMatchObject({ about: "stone", quantities: { variant: "column", otherKindId: "pumpColumn" } });
  });
});

describe("what a mend sets up", () => {
  it("lands where it fits: through nothing, on nobody's roots, under the rim", () => {
    const crowded = made(
      started({ animalId: "leopardGecko", count: 1, shell: { ...FERNWALL.shell, widthCm: 90, sillCm: 0 } }),
      boulder({ id: "a", xCm: 20, yCm: 22, widthCm: 18, depthCm: 18, heightCm: 10 }),
      boulder({ id: "b", xCm: 68, yCm: 22, widthCm: 18, depthCm: 18, heightCm: 10 }),
      { name: "addPlant", args: { id: "p", plantId: "zebraHaworthia", xCm: 45, yCm: 30 } },
    );
    let now = derived(crowded);
    for (const code of ["hideMissing", "hideMissing", "humidHideMissing"] as const) {
      const mend = found(now, code)?.mends[0];
      if (mend) now = derived(made(now.habitat, ...mend.commands));
    }
    expect(now.habitat.pieces.length).toBeGreaterThan(3);
    const wrong: FindingCode[] = ["pieceOverlaps", "pieceTooLarge", "plantInside", "pieceBuried"];
    expect(now.findings.filter(({ code }) => wrong.includes(code))).toEqual([]);
  });
});
