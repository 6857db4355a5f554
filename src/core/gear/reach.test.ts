import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { betweenPanes, fittingSizes, usualGear } from "../habitat";
import { STOCK } from "../library";
import { started } from "../testing";
import { fixtureOf, overGlassCm, shinesHeat, spanOf } from "./index";

const shells = fc.record({
  widthCm: fc.integer({ min: 20, max: 300 }),
  depthCm: fc.integer({ min: 20, max: 150 }),
  heightCm: fc.integer({ min: 20, max: 200 }),
});
const kinds = fc.constantFrom(...STOCK.all("gear").filter(({ places }) => places.includes("insideTop")));

describe("what hangs between the panes", () => {
  it("any lamp or panel as it is usually hung goes through no pane, where a size of it fits the box", () => {
    fc.assert(
      fc.property(kinds, shells, (kind, size) => {
        const design = started({ animalId: "rosyBoa", count: 1, shell: { ...size, sillCm: 0, top: "mesh" } });
        const piece = {
          ...usualGear(design, kind, STOCK.get("animals", "rosyBoa"), { id: "it" }),
          place: "insideTop" as const,
        };
        const fixture = fixtureOf({ piece, kind }, design.shell, () => 5);
        if (fittingSizes(kind, design.shell).length > 0) expect(overGlassCm(fixture, design.shell)).toBeLessThan(1e-6);
      }),
    );
  });

  it("moved between the panes, nothing that fits is over, and what is too long stands in the middle", () => {
    const cm = fc.double({ min: -50, max: 350, noNaN: true });
    const span = fc.record({ alongCm: fc.integer({ min: 0, max: 200 }), acrossCm: fc.integer({ min: 0, max: 60 }) });
    fc.assert(
      fc.property(shells, span, cm, cm, (shell, wide, xCm, yCm) => {
        const at = betweenPanes({ xCm, yCm }, wide, shell);
        const free = Math.min(at.xCm, shell.widthCm - at.xCm) - wide.alongCm / 2;
        if (wide.alongCm <= shell.widthCm) expect(free).toBeGreaterThanOrEqual(-1e-9);
        else expect(at.xCm).toBe(shell.widthCm / 2);
        expect(betweenPanes(at, wide, shell)).toEqual(at);
      }),
    );
  });

  it("a stronger panel is a larger one: 80 W is 60 by 30 cm, which a box of 45 has no room for (from memory)", () => {
    const panel = STOCK.get("gear", "radiantPanel");
    const watts = (widthCm: number, depthCm: number) =>
      fittingSizes(panel, { ...started().shell, widthCm, depthCm }).map((size) => size.watts);
    expect(watts(45, 45)).toEqual([20, 40]);
    expect(watts(70, 45)).toEqual([20, 40, 80]);
    expect(
      spanOf({ kind: panel, piece: usualGear(started(), panel, STOCK.get("animals", "rosyBoa"), { id: "p" }) }),
    ).toEqual({ alongCm: 30, acrossCm: 30 });
  });

  it("lamps, emitters and panels get hot; mats, cables and tubes do not", () => {
    const hot = STOCK.all("gear")
      .filter(shinesHeat)
      .map(({ id }) => id);
    expect(hot).toEqual(expect.arrayContaining(["halogenLamp", "ceramicEmitter", "radiantPanel", "mercuryVapourUv"]));
    for (const id of ["heatMat", "heatCable", "linearUvTube", "ledBar"]) expect(hot).not.toContain(id);
  });
});
