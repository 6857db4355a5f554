import type { Plant } from "@/core/catalog";
import { shade } from "./color";
import type { Mark } from "./marks";
import { seeded } from "./random";

const n = (value: number): string => value.toFixed(2);

type Sized = { height: number; spread: number; color: string; random: () => number };

/** An arching blade from the foot, leaning by an angle from upright. */
function blade({ height, spread, color, random }: Sized, lean: number, width: number): Mark {
  const reach = Math.sin(lean) * spread * 0.5;
  const top = height * (0.55 + 0.45 * Math.cos(lean)) * (0.85 + random() * 0.15);
  return {
    d: `M0 0Q${n(reach * 0.25)} ${n(-top * 0.85)} ${n(reach)} ${n(-top)}`,
    stroke: shade(color, (random() - 0.5) * 0.3), width, opacity: 0.95,
  };
}

const fan = (sized: Sized, count: number, width: number): Mark[] =>
  Array.from({ length: count }, (_, at) => blade(sized, (-1.25 + (2.5 * at) / (count - 1)) * (0.9 + sized.random() * 0.2), width));

function frond(sized: Sized, lean: number): Mark[] {
  const { height, spread, color, random } = sized;
  const reach = Math.sin(lean) * spread * 0.5;
  const top = height * (0.5 + 0.5 * Math.cos(lean)) * (0.88 + random() * 0.12);
  const tint = shade(color, (random() - 0.5) * 0.3);
  const leaflets: string[] = [];
  for (let t = 0.22; t < 1; t += 0.09) {
    const u = 1 - t;
    const x = 2 * u * t * reach * 0.25 + t * t * reach;
    const y = -(2 * u * t * top * 0.85 + t * t * top);
    const long = Math.min(spread, height) * 0.13 * Math.sin(Math.PI * Math.min(1, t * 0.9 + 0.12));
    leaflets.push(`M${n(x)} ${n(y)}l${n(-long)} ${n(-long * 0.45)}M${n(x)} ${n(y)}l${n(long)} ${n(-long * 0.45)}`);
  }
  return [
    { d: `M0 0Q${n(reach * 0.25)} ${n(-top * 0.85)} ${n(reach)} ${n(-top)}`, stroke: shade(tint, -0.25), width: 0.18 },
    { d: leaflets.join(""), stroke: tint, width: Math.max(0.35, height * 0.024) },
  ];
}

const leafAt = (x: number, y: number, long: number, angle: number, color: string): Mark => {
  const [tx, ty] = [x + Math.cos(angle) * long, y + Math.sin(angle) * long];
  const [sx, sy] = [Math.sin(angle) * long * 0.42, -Math.cos(angle) * long * 0.42];
  const [mx, my] = [(x + tx) / 2, (y + ty) / 2];
  return { d: `M${n(x)} ${n(y)}Q${n(mx + sx)} ${n(my + sy)} ${n(tx)} ${n(ty)}Q${n(mx - sx)} ${n(my - sy)} ${n(x)} ${n(y)}Z`, fill: color };
};

function bushy({ height, spread, color, random }: Sized): Mark[] {
  const long = Math.max(1.1, Math.min(height, spread) * 0.22);
  return Array.from({ length: 34 }, (_, at) => {
    const angle = -Math.PI * ((at + random()) / 34);
    const far = Math.sqrt(random());
    const x = Math.cos(angle) * spread * 0.42 * far;
    const y = Math.sin(angle) * height * 0.82 * far;
    return { at: far, mark: leafAt(x, y, long * (0.7 + random() * 0.5), angle + (random() - 0.5), shade(color, (random() - 0.45) * 0.45)) };
  }).sort((a, b) => b.at - a.at).map(({ mark }) => mark);
}

function trailing(sized: Sized): Mark[] {
  const { height, spread, color, random } = sized;
  const long = Math.max(0.9, Math.min(2.6, spread * 0.075));
  return Array.from({ length: 6 }, (_, vine) => {
    const toX = (-0.5 + (vine + 0.5) / 6) * spread * 0.9;
    const toY = -height * (0.55 + random() * 0.45);
    const leaves: Mark[] = [];
    for (let t = 0.15; t <= 1; t += 0.12) {
      const x = toX * t + Math.sin(t * 7 + vine) * spread * 0.04;
      leaves.push(leafAt(x, toY * t, long * (0.8 + random() * 0.5), random() * Math.PI * 2, shade(color, (random() - 0.45) * 0.4)));
    }
    return [{ d: `M0 0Q${n(toX * 0.2)} ${n(toY * 0.6)} ${n(toX)} ${n(toY)}`, stroke: shade(color, -0.3), width: 0.16 }, ...leaves];
  }).flat();
}

function palm(sized: Sized): Mark[] {
  const { height, color } = sized;
  const crown: Sized = { ...sized, height: height * 0.62 };
  const stems: Mark = { d: `M-0.5 0L-0.2 ${n(-height * 0.38)}M0.6 0L0.3 ${n(-height * 0.38)}`, stroke: shade(color, -0.35), width: 0.5 };
  const lifted = [-1.15, -0.7, -0.25, 0.25, 0.7, 1.15].flatMap((lean) => frond(crown, lean));
  return [stems, ...lifted.map((mark) => ({ ...mark, d: lift(mark.d, -height * 0.38) }))];
}

/** Moves the absolute points of a path up or down. */
const lift = (d: string, by: number): string =>
  d.replace(/([ML])(-?[\d.]+) (-?[\d.]+)/g, (_, letter: string, x: string, y: string) => `${letter}${x} ${n(Number(y) + by)}`)
    .replace(/Q(-?[\d.]+) (-?[\d.]+) (-?[\d.]+) (-?[\d.]+)/g, (_, a: string, b: string, c: string, e: string) => `Q${a} ${n(Number(b) + by)} ${c} ${n(Number(e) + by)}`);

function mossMound({ height, spread, color, random }: Sized): Mark[] {
  const mound: Mark = { d: `M${n(-spread / 2)} 0Q0 ${n(-height * 2)} ${n(spread / 2)} 0Z`, fill: color };
  const tufts = Array.from({ length: 40 }, () => {
    const x = (random() - 0.5) * spread * 0.86;
    const y = -(1 - (2 * x / spread) ** 2) * height * random();
    return `M${n(x)} ${n(y)}l0.15 -0.5M${n(x)} ${n(y)}l-0.2 -0.45`;
  });
  return [mound, { d: tufts.join(""), stroke: shade(color, 0.3), width: 0.1 }];
}

function succulent(sized: Sized): Mark[] {
  const { height, spread, color, random } = sized;
  const slim = height > spread * 1.6;
  const count = slim ? 7 : 11;
  return Array.from({ length: count }, (_, at) => {
    const lean = (-0.5 + at / (count - 1)) * (slim ? 0.7 : 2.2);
    const long = height * (0.75 + random() * 0.25) * (slim ? 1 : 0.65 + 0.35 * Math.cos(lean));
    const half = slim ? spread * 0.09 : spread * 0.085;
    const [tx, ty] = [Math.sin(lean) * long * (slim ? 0.6 : 0.9), -Math.cos(lean) * long];
    return { d: `M${n(-half)} 0Q${n(tx * 0.4 - half * 1.5)} ${n(ty * 0.6)} ${n(tx)} ${n(ty)}Q${n(tx * 0.4 + half * 1.5)} ${n(ty * 0.6)} ${n(half)} 0Z`, fill: shade(color, (random() - 0.4) * 0.35), stroke: shade(color, -0.3), width: 0.08 };
  });
}

const DRAW: Record<Plant["form"], (sized: Sized) => Mark[]> = {
  rosette: (sized) => fan(sized, 11, Math.max(0.6, sized.spread * 0.055)),
  fern: (sized) => [-1.3, -0.95, -0.55, -0.18, 0.2, 0.6, 1, 1.3].flatMap((lean) => frond(sized, lean)),
  grass: (sized) => fan(sized, 17, 0.28),
  bushy, trailing, palm, succulent,
  moss: mossMound,
};

/**
 * A plant at its grown size, foot at 0 0, growing up (negative y), in centimetres.
 *
 * @param seed the same seed always draws the same plant
 */
export function plantMarks(plant: Pick<Plant, "form" | "grownHeightCm" | "grownSpreadCm" | "color">, seed: number): Mark[] {
  return DRAW[plant.form]({ height: plant.grownHeightCm, spread: plant.grownSpreadCm, color: plant.color, random: seeded(seed) });
}
