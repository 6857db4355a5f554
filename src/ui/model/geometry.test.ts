import { STOCK } from "@/core/library";
import type { BufferGeometry } from "three";
import { describe, expect, it } from "vitest";
import { applyAll, type Command } from "@/core/habitat";
import { areaCm2 } from "@/core/shape";
import { ground } from "@/core/strata";
import { glassEdges, layerGeometry, prismGeometry } from "./geometry";
import { started } from "@/core/testing";

const habitat = applyAll(started(), [{ name: "setSoil", args: { layerId: "soil-1", frontCm: 8, backCm: 14 } }], STOCK);

/**
 * Volume inside a closed surface of triangles, by the divergence theorem: a sum of signed tetrahedra from the origin.
 */
function enclosedCm3(geometry: BufferGeometry): number {
  const flat = geometry.index ? geometry.toNonIndexed() : geometry;
  const at = flat.getAttribute("position");
  let six = 0;
  for (let n = 0; n < at.count; n += 3) {
    const corner = (i: number) => [at.getX(i), at.getY(i), at.getZ(i)] as const;
    const [[ax, ay, az], [bx, by, bz], [cx, cy, cz]] = [corner(n), corner(n + 1), corner(n + 2)];
    six += ax * (by * cz - bz * cy) - ay * (bx * cz - bz * cx) + az * (bx * cy - by * cx);
  }
  return six / 6;
}

describe("the model's bodies are closed and as large as what they stand for", () => {
  const cases: [string, Command[]][] = [
    ["a wedge", []],
    [
      "a wedge with a heap",
      [
        {
          name: "addMound",
          args: {
            layerId: "soil-1",
            id: "m",
            form: "dome",
            xCm: 30,
            yCm: 20,
            radiusCm: 12,
            topRadiusCm: 0,
            heightCm: 5,
          },
        },
      ],
    ],
    [
      "what a zone leaves",
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
      ],
    ],
  ];
  it.each(cases)("%s", (_what, commands) => {
    const land = ground(applyAll(habitat, commands, STOCK), STOCK);
    const patch = land.terrain.patches.find(({ layer }) => layer.id === "soil-1")!;
    const { volumeL } = land.levelOf("soil-1")!;
    expect(Math.abs(enclosedCm3(layerGeometry(land.terrain, patch)) / 1000 / volumeL - 1)).toBeLessThan(0.01);
  });
  it("a piece is its outline times its height", () => {
    const outline = [
      [10, 10],
      [25, 12],
      [20, 30],
      [8, 22],
    ] as const;
    expect(enclosedCm3(prismGeometry(outline, 7))).toBeCloseTo(areaCm2(outline) * 7, 2);
  });
  it("the glass has three edges to each corner of its floor", () => {
    expect(
      glassEdges(
        [
          [0, 0],
          [60, 0],
          [60, 45],
          [0, 45],
        ],
        45,
      ),
    ).toHaveLength(4 * 3 * 2 * 3);
  });
});
