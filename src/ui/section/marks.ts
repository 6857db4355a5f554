import type { Look } from "@/core/catalog";
import { shade } from "./color";
import { seeded } from "@/core/random";

/** A tile of texture is this many centimetres, and repeats. */
export const TILE = { width: 8, height: 6 } as const;

/** One mark of a texture: a path in centimetres with its paint; of a plant, also which of its shoots it belongs to. */
export type Mark = { d: string; fill?: string; stroke?: string; width?: number; opacity?: number; shoot?: number };

const n = (value: number): string => value.toFixed(2);

const ellipse = (x: number, y: number, rx: number, ry: number): string =>
  `M${n(x - rx)} ${n(y)}a${n(rx)} ${n(ry)} 0 1 0 ${n(rx * 2)} 0a${n(rx)} ${n(ry)} 0 1 0 ${n(-rx * 2)} 0Z`;

const polygon = (points: readonly (readonly [number, number])[]): string =>
  `M${points.map(([x, y]) => `${n(x)} ${n(y)}`).join("L")}Z`;

const turned = (x: number, y: number, angle: number, points: readonly (readonly [number, number])[]) =>
  points.map(
    ([dx, dy]) =>
      [x + dx * Math.cos(angle) - dy * Math.sin(angle), y + dx * Math.sin(angle) + dy * Math.cos(angle)] as const,
  );

/** A leaf lying flat: pointed at both ends, with its midrib. */
export function leafMarks(x: number, y: number, length: number, angle: number, color: string): Mark[] {
  const half = length / 2;
  const side = length * 0.22;
  const [tip, foot, up, down] = turned(x, y, angle, [
    [half, 0],
    [-half, 0],
    [0, side],
    [0, -side],
  ]);
  if (!tip || !foot || !up || !down) return [];
  const curve = `M${n(foot[0])} ${n(foot[1])}Q${n(up[0])} ${n(up[1])} ${n(tip[0])} ${n(tip[1])}Q${n(down[0])} ${n(down[1])} ${n(foot[0])} ${n(foot[1])}Z`;
  return [
    { d: curve, fill: color },
    {
      d: `M${n(foot[0])} ${n(foot[1])}L${n(tip[0])} ${n(tip[1])}`,
      stroke: shade(color, -0.3),
      width: 0.05,
      opacity: 0.7,
    },
  ];
}

type Draw = (random: () => number, x: number, y: number, color: string) => Mark[];

const tone = (random: () => number, color: string, range = 0.22): string => shade(color, (random() - 0.5) * 2 * range);

const DRAW: Record<Look["texture"], Draw> = {
  pebble: (random, x, y, color) => {
    const r = 0.3 + random() * 0.14;
    return [{ d: ellipse(x, y, r, r * (0.82 + random() * 0.18)), fill: tone(random, color) }];
  },
  grain: (random, x, y, color) => [
    { d: ellipse(x, y, 0.04 + random() * 0.05, 0.04 + random() * 0.04), fill: tone(random, color, 0.45) },
  ],
  crumb: (random, x, y, color) => [
    { d: ellipse(x, y, 0.07 + random() * 0.14, 0.06 + random() * 0.1), fill: tone(random, color, 0.4) },
  ],
  flake: (random, x, y, color) => {
    const [w, h] = [0.35 + random() * 0.4, 0.12 + random() * 0.12];
    return [
      {
        d: polygon(
          turned(x, y, random() * 3, [
            [-w, -h],
            [w * 0.9, -h * 0.7],
            [w, h],
            [-w * 0.9, h * 0.8],
          ]),
        ),
        fill: tone(random, color, 0.3),
      },
    ];
  },
  chip: (random, x, y, color) => {
    const r = 0.14 + random() * 0.2;
    return [
      {
        d: polygon(
          turned(x, y, random() * 6, [
            [-r, -r * 0.4],
            [r * 0.5, -r],
            [r, r * 0.5],
            [-r * 0.5, r * 0.8],
          ]),
        ),
        fill: tone(random, color, 0.35),
      },
    ];
  },
  fibre: (random, x, y, color) => {
    const length = 0.5 + random() * 0.6;
    const lift = (random() - 0.5) * 0.5;
    return [
      {
        d: `M${n(x)} ${n(y)}q${n(length / 2)} ${n(lift)} ${n(length)} ${n((random() - 0.5) * 0.4)}`,
        stroke: tone(random, color, 0.45),
        width: 0.05,
      },
    ];
  },
  moss: (random, x, y, color) => {
    const h = 0.18 + random() * 0.2;
    return [
      {
        d: `M${n(x - h * 0.5)} ${n(y - h)}L${n(x)} ${n(y)}L${n(x + h * 0.5)} ${n(y - h)}M${n(x)} ${n(y)}L${n(x)} ${n(y - h * 1.2)}`,
        stroke: tone(random, color, 0.4),
        width: 0.07,
      },
    ];
  },
  leaf: (random, x, y, color) =>
    leafMarks(x, y, 1.1 + random() * 1.1, (random() - 0.5) * 1.4, tone(random, color, 0.28)),
  mesh: () => [],
};

const DENSITY: Record<Look["texture"], number> = {
  pebble: 0,
  grain: 420,
  crumb: 240,
  flake: 90,
  chip: 120,
  fibre: 130,
  moss: 190,
  leaf: 64,
  mesh: 0,
};

/** Marks that cross the edge of the tile are drawn again on the other side, so that the seam does not show. */
const WRAP: readonly (readonly [number, number])[] = [
  [0, 0],
  [-TILE.width, 0],
  [TILE.width, 0],
  [0, -TILE.height],
  [0, TILE.height],
];
const EDGE = 1.2;

function wrapped(x: number, y: number, draw: (x: number, y: number) => Mark[]): Mark[] {
  return WRAP.flatMap(([dx, dy]) => {
    const [wx, wy] = [x + dx, y + dy];
    const near = wx > -EDGE && wx < TILE.width + EDGE && wy > -EDGE && wy < TILE.height + EDGE;
    return near ? draw(wx, wy) : [];
  });
}

/** Each wrapped copy must come out the same, so every mark draws from a seed of its own. */
const copies = (seed: number, x: number, y: number, look: Look): Mark[] =>
  wrapped(x, y, (wx, wy) => DRAW[look.texture](seeded(seed), wx, wy, look.color));

function pebbles(look: Look, seed: number, random: () => number): Mark[] {
  const step = 0.8;
  const marks: Mark[] = [];
  for (let row = 0; row * 0.7 < TILE.height; row += 1) {
    for (let col = 0; col * step < TILE.width; col += 1) {
      const x = col * step + (row % 2) * step * 0.5 + (random() - 0.5) * 0.12;
      const y = row * 0.7 + (random() - 0.5) * 0.12;
      marks.push(...copies(seed + row * 131 + col, x, y, look));
    }
  }
  return marks;
}

function mesh(color: string): Mark[] {
  const lines: Mark[] = [];
  for (let x = 0; x < TILE.width; x += 0.4) lines.push({ d: `M${n(x)} 0V${TILE.height}`, stroke: color, width: 0.06 });
  for (let y = 0; y < TILE.height; y += 0.4) lines.push({ d: `M0 ${n(y)}H${TILE.width}`, stroke: color, width: 0.06 });
  return lines;
}

/**
 * The marks of one or several looks in a tile, each by its share: a soil shows what it is mixed from.
 *
 * @param looks looks with their shares, which add up to 1
 */
export function tileMarks(looks: readonly { look: Look; share: number }[], seed: number): Mark[] {
  const random = seeded(seed);
  const [only] = looks;
  if (looks.length === 1 && only?.look.texture === "pebble") return pebbles(only.look, seed, random);
  if (looks.length === 1 && only?.look.texture === "mesh") return mesh(only.look.color);
  const placed = looks.flatMap(({ look, share }, which) => {
    const count = Math.round((DENSITY[look.texture] || 90) * share);
    return Array.from({ length: count }, (_, at) => {
      const x = random() * TILE.width;
      const y = random() * TILE.height;
      return { order: random(), marks: copies(seed + which * 7919 + at * 31, x, y, look) };
    });
  });
  return placed.sort((a, b) => a.order - b.order).flatMap(({ marks }) => marks);
}
