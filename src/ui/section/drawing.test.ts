import { pantryOf } from "@/core/mix";
import { STOCK } from "@/core/library";
import fc from "fast-check";
import { grownHeightCm, grownSpreadCm, plantFootCm } from "@/core/living";
import { describe, expect, it } from "vitest";
import { applyAll } from "@/core/habitat";
import { ground } from "@/core/strata";
import { blendColors, byNight, contrast, shade } from "./color";
import { fittingScale, frameOf, type View } from "./frame";
import { TILE, tileMarks } from "./marks";
import { materialOf, mixMaterial } from "./material";
import { plantMarks } from "./plantShape";
import { heightAlong, profileOf, skyline } from "./profile";
import { started } from "@/core/testing";

const habitat = started();
const { shell } = habitat;
const margins = { left: 84, right: 44, top: 26, bottom: 30 };
const view = fc.constantFrom<View>("front", "side");

/** The points a path goes through or bends by, absolute: enough to bound what it draws. */
function reach(d: string): { across: number; up: number; down: number } {
  let [x, y] = [0, 0];
  const bounds = { across: 0, up: 0, down: 0 };
  const visit = (px: number, py: number) => {
    bounds.across = Math.max(bounds.across, Math.abs(px));
    bounds.up = Math.max(bounds.up, -py);
    bounds.down = Math.max(bounds.down, py);
  };
  for (const [, letter = "", numbers = ""] of d.matchAll(/([MLlQ])([^MLlQZ]*)/g)) {
    const values = (numbers.match(/-?[\d.]+/g) ?? []).map(Number);
    // Of a curve only the end is on it; its bend stays between.
    const [ex = 0, ey = 0] = values.slice(-2);
    [x, y] = letter === "l" ? [x + ex, y + ey] : [ex, ey];
    visit(x, y);
  }
  return bounds;
}

describe("the section is to scale", () => {
  it("a box fits its place in every view, whatever its size and the room there is", () => {
    const size = fc.double({ min: 10, max: 500, noNaN: true });
    fc.assert(
      fc.property(
        size,
        size,
        size,
        view,
        fc.integer({ min: 390, max: 1600 }),
        fc.integer({ min: 300, max: 1000 }),
        (widthCm, depthCm, heightCm, of, widthPx, heightPx) => {
          const box = { ...shell, widthCm, depthCm, heightCm };
          const scale = fittingScale(box, of, widthPx, heightPx, margins);
          const across = of === "front" ? widthCm : depthCm;
          expect(scale).toBeGreaterThan(0);
          if (scale > 0.4) {
            expect(across * scale).toBeLessThanOrEqual(widthPx - margins.left - margins.right + 1e-6);
            expect(heightCm * scale).toBeLessThanOrEqual(heightPx - margins.top - margins.bottom + 1e-6);
          }
        },
      ),
    );
  });
  it("a centimetre is as long across as it is up, and pixels turn back into the same centimetres", () => {
    const frame = frameOf(shell, "front", 9.5, 84, 26);
    expect(frame.x(31) - frame.x(30)).toBeCloseTo(9.5, 10);
    expect(frame.y(30) - frame.y(31)).toBeCloseTo(9.5, 10);
    fc.assert(
      fc.property(fc.double({ min: 0, max: 45, noNaN: true }), (cm) => Math.abs(frame.cmAt(frame.y(cm)) - cm) < 1e-9),
    );
  });
  it("a wedge is level from the front and sloped from the side", () => {
    const wedge = applyAll(habitat, [{ name: "setSoil", args: { layerId: "soil-1", frontCm: 8, backCm: 14 } }], STOCK);
    const land = ground(wedge, STOCK);
    const surface = (of: View) => profileOf(land, frameOf(shell, of, 10, 0, 0), []).surfaceCm;
    for (const cm of surface("front")) expect(cm).toBeCloseTo(16.03, 1);
    expect([surface("side")[0], surface("side").at(-1)].map((cm) => Math.round(cm!))).toEqual([16, 22]);
    expect(Math.max(...skyline(land, profileOf(land, frameOf(shell, "front", 10, 0, 0), [])))).toBeCloseTo(22.03, 1);
  });
  it("a corner box is cut along its slanting front, and zones step where they meet", () => {
    const corner = applyAll(habitat, [{ name: "setFloor", args: { floor: { shape: "cornerTriangle" } } }], STOCK);
    const cut = profileOf(ground(corner, STOCK), frameOf(shell, "front", 10, 0, 0), []);
    for (const [x, y] of cut.places) expect(Math.abs(y - (x * 45) / 60)).toBeLessThan(2.5);
    const zoned = applyAll(
      habitat,
      [
        {
          name: "addZone",
          args: {
            id: "z",
            name: "Z",
            points: [
              [0, 0],
              [20, 0],
              [20, 45],
              [0, 45],
            ],
            retaining: null,
          },
        },
        { name: "setOver", args: { layerId: "soil-1", over: { on: "rest" } } },
        { name: "setDepth", args: { layerId: "soil-1", depthCm: 7.5 } },
      ],
      STOCK,
    );
    const stepped = profileOf(ground(zoned, STOCK), frameOf(shell, "front", 10, 0, 0), [20]);
    const heightAt = (cm: number) => heightAlong(stepped, stepped.surfaceCm, cm);
    expect(heightAt(30) - heightAt(10)).toBeCloseTo(7.5, 1);
    expect(heightAt(20.1) - heightAt(19.9)).toBeCloseTo(7.5, 1);
  });
});

describe("plants are drawn at their grown size", () => {
  it.each(STOCK.all("plants").map((plant) => [plant.id, plant] as const))(
    "%s stays within its height and spread, and fills most of them",
    (_id, plant) => {
      for (const seed of [1, 77, 4242]) {
        const all = plantMarks(plant, seed).map((mark) => reach(mark.d));
        const height = Math.max(...all.map((mark) => mark.up));
        const across = 2 * Math.max(...all.map((mark) => mark.across));
        expect(height, "height").toBeLessThanOrEqual(grownHeightCm(plant) * 1.2);
        expect(height, "height").toBeGreaterThanOrEqual(grownHeightCm(plant) * 0.55);
        expect(across, "spread").toBeLessThanOrEqual(grownSpreadCm(plant) * 1.35 + 1);
        expect(across, "spread").toBeGreaterThanOrEqual(grownSpreadCm(plant) * 0.4);
      }
    },
  );
  it("the same plant is drawn the same each time, and two stands differ", () => {
    const [fern] = STOCK.all("plants").filter((plant) => plant.form === "fern");
    expect(plantMarks(fern!, 5)).toEqual(plantMarks(fern!, 5));
    expect(plantMarks(fern!, 5)).not.toEqual(plantMarks(fern!, 6));
  });
  it("what grows on cork hangs above the ground and under the rim", () => {
    const land = ground(habitat, STOCK);
    for (const plant of STOCK.all("plants")) {
      const foot = plantFootCm(habitat, land, { xCm: 30, yCm: 40 }, plant);
      expect(foot, plant.id).toBeGreaterThanOrEqual(land.surface.frontCm - 1e-9);
      expect(foot, plant.id).toBeLessThan(shell.heightCm);
    }
  });
});

describe("textures", () => {
  const looks = [...STOCK.all("drainageMedia"), ...STOCK.all("dressings"), ...STOCK.all("ingredients")].map(
    ({ look }) => look,
  );
  it("cross the seam of their tile: what leaves on one side comes in on the other", () => {
    for (const look of looks) {
      const starts = tileMarks([{ look, share: 1 }], 9).map(({ d }) =>
        (/M(-?[\d.]+) (-?[\d.]+)/.exec(d) ?? []).slice(1).map(Number),
      );
      expect(starts.length, look.texture).toBeGreaterThan(30);
      expect(
        starts.some(([x = 0]) => x < 0.3),
        look.texture,
      ).toBe(true);
      expect(
        starts.some(([x = 0]) => x > TILE.width - 0.5),
        look.texture,
      ).toBe(true);
    }
  });
  it("a soil shows what it is mixed from, by share", () => {
    const soil = materialOf(
      habitat.strata.layers.find((layer) => layer.kind === "soil")!,
      habitat,
      STOCK,
    );
    expect(soil.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 10);
    const colors = (bark: number) =>
      tileMarks(
        mixMaterial(
          [
            { ingredientId: "fineBark", parts: bark },
            { ingredientId: "charcoal", parts: 10 - bark },
          ],
          pantryOf(STOCK),
        ),
        3,
      );
    const dark = (marks: ReturnType<typeof colors>) =>
      marks.filter(({ fill }) => fill !== undefined && parseInt(fill.slice(1, 3), 16) < 0x60).length / marks.length;
    expect(dark(colors(2))).toBeGreaterThan(dark(colors(8)));
  });
  it("colours blend by weight and shade towards white and black", () => {
    expect(
      blendColors([
        ["#000000", 1],
        ["#ffffff", 3],
      ]),
    ).toBe("#bfbfbf");
    expect([shade("#808080", 1), shade("#808080", -1), shade("#808080", 0)]).toEqual(["#ffffff", "#000000", "#808080"]);
  });
});

describe("colours by night", () => {
  it("contrast is WCAG 2.2's: black on white 21, #767676 on white 4.54", () => {
    expect(contrast("#000000", "#ffffff")).toBeCloseTo(21, 6);
    expect(contrast("#767676", "#ffffff")).toBeCloseTo(4.54, 2);
  });

  it("every plant and piece stands out from the dark of the box by 3 to 1 (WCAG 2.2, 1.4.11), and none gets darker", () => {
    const colors = [
      ...STOCK.all("plants").map(({ color }) => color),
      ...STOCK.all("pieceKinds").map(({ look }) => look.color),
    ];
    for (const color of colors) {
      expect(contrast(byNight(color), "#2a2721"), color).toBeGreaterThanOrEqual(3);
      expect(contrast(byNight(color), "#000000")).toBeGreaterThanOrEqual(contrast(color, "#000000"));
    }
  });
});
