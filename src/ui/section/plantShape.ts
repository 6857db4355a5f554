import type { Plant } from "@/core/catalog";
import { grownHeightCm, grownSpreadCm } from "@/core/living";
import { shade } from "./color";
import type { Mark } from "./marks";
import { seeded } from "@/core/random";

const n = (value: number): string => value.toFixed(2);

type Sized = { height: number; spread: number; color: string; random: () => number };

/** An arching blade from the foot, leaning by an angle from upright. */
function blade({ height, spread, color, random }: Sized, lean: number, width: number): Mark {
  const reach = Math.sin(lean) * spread * 0.5;
  const top = height * (0.55 + 0.45 * Math.cos(lean)) * (0.85 + random() * 0.15);
  return {
    d: `M0 0Q${n(reach * 0.25)} ${n(-top * 0.85)} ${n(reach)} ${n(-top)}`,
    stroke: shade(color, (random() - 0.5) * 0.3),
    width,
    opacity: 0.95,
  };
}

const fan = (sized: Sized, count: number, width: number): Mark[] =>
  Array.from({ length: count }, (_, at) => ({
    ...blade(sized, (-1.25 + (2.5 * at) / (count - 1)) * (0.9 + sized.random() * 0.2), width),
    shoot: at,
  }));

/** A point and its heading on a curve that starts at 0 0. */
function onCurve(cx: number, cy: number, ex: number, ey: number, t: number) {
  const u = 1 - t;
  return {
    x: 2 * u * t * cx + t * t * ex,
    y: 2 * u * t * cy + t * t * ey,
    heading: Math.atan2(2 * u * cy + 2 * t * (ey - cy), 2 * u * cx + 2 * t * (ex - cx)),
  };
}

/** A frond that rises and arches over, with its leaflets in pairs. */
function frond(sized: Sized, lean: number): Mark[] {
  const { height, spread, color, random } = sized;
  const long = 0.86 + random() * 0.14;
  const [ex, ey] = [Math.sin(lean) * spread * 0.5 * long, -height * (0.42 + 0.5 * Math.cos(lean)) * long];
  const [cx, cy] = [ex * 0.32, ey * 1.15];
  const tint = shade(color, (random() - 0.5) * 0.3);
  const pinna = Math.min(spread, height) * 0.115;
  const leaflets: string[] = [];
  for (let t = 0.14; t <= 1; t += 0.05) {
    const { x, y, heading } = onCurve(cx, cy, ex, ey, t);
    const reach = pinna * Math.sin(Math.PI * (0.12 + 0.86 * t));
    for (const side of [-1, 1]) {
      const angle = heading + side * 1.05;
      leaflets.push(`M${n(x)} ${n(y)}l${n(Math.cos(angle) * reach)} ${n(Math.sin(angle) * reach)}`);
    }
  }
  return [
    { d: `M0 0Q${n(cx)} ${n(cy)} ${n(ex)} ${n(ey)}`, stroke: shade(tint, -0.25), width: 0.16 },
    { d: leaflets.join(""), stroke: tint, width: Math.max(0.2, Math.min(height, spread) * 0.014) },
  ];
}

/** Marks told which shoot of the plant they are. */
const ofShoot = (marks: readonly Mark[], shoot: number): Mark[] => marks.map((mark) => ({ ...mark, shoot }));

const leafAt = (x: number, y: number, long: number, angle: number, color: string): Mark => {
  const [tx, ty] = [x + Math.cos(angle) * long, y + Math.sin(angle) * long];
  const [sx, sy] = [Math.sin(angle) * long * 0.42, -Math.cos(angle) * long * 0.42];
  const [mx, my] = [(x + tx) / 2, (y + ty) / 2];
  return {
    d: `M${n(x)} ${n(y)}Q${n(mx + sx)} ${n(my + sy)} ${n(tx)} ${n(ty)}Q${n(mx - sx)} ${n(my - sy)} ${n(x)} ${n(y)}Z`,
    fill: color,
  };
};

function bushy({ height, spread, color, random }: Sized): Mark[] {
  const long = Math.max(1.1, Math.min(height, spread) * 0.22);
  const leaves = Array.from({ length: 34 }, (_, at) => {
    const angle = -Math.PI * (0.06 + (0.88 * (at + random())) / 34);
    const far = 0.25 + 0.75 * Math.sqrt(random());
    const [x, y] = [Math.cos(angle) * spread * 0.4 * far, Math.sin(angle) * height * 0.82 * far];
    return {
      far,
      x,
      y,
      mark: leafAt(
        x,
        y,
        long * (0.7 + random() * 0.5),
        angle + (random() - 0.5),
        shade(color, (random() - 0.45) * 0.45),
      ),
    };
  }).sort((a, b) => b.far - a.far);
  const stems = leaves.map(({ x, y }) => `M0 0Q${n(x * 0.25)} ${n(y * 0.6)} ${n(x)} ${n(y)}`).join("");
  // The stems are one mark, as they lie behind all leaves; the first of them is the first leaf's, and so on.
  return [
    { d: stems, stroke: shade(color, -0.35), width: 0.12 },
    ...leaves.flatMap(({ mark }, shoot) => ofShoot([mark], shoot)),
  ];
}

function trailing(sized: Sized): Mark[] {
  const { height, spread, color, random } = sized;
  const long = Math.max(0.5, Math.min(2.6, spread * 0.075, height * 0.2));
  return Array.from({ length: 7 }, (_, vine) => {
    const ex = (-0.5 + (vine + 0.5) / 7) * spread * 0.9;
    const ey = -height * (0.6 + random() * 0.4);
    const [cx, cy] = [ex * (0.1 + random() * 0.3), ey * (0.45 + random() * 0.3)];
    const leaves: Mark[] = [];
    for (let t = 0.1; t <= 1; t += 0.085) {
      const { x, y, heading } = onCurve(cx, cy, ex, ey, t);
      const side = leaves.length % 2 === 0 ? -1 : 1;
      leaves.push(
        leafAt(
          x,
          y,
          long * (0.8 + random() * 0.5),
          heading + side * (0.7 + random() * 0.7),
          shade(color, (random() - 0.45) * 0.4),
        ),
      );
    }
    const stem = { d: `M0 0Q${n(cx)} ${n(cy)} ${n(ex)} ${n(ey)}`, stroke: shade(color, -0.3), width: 0.16 };
    return ofShoot([stem, ...leaves], vine);
  }).flat();
}

function palm(sized: Sized): Mark[] {
  const { height, color } = sized;
  const crown: Sized = { ...sized, height: height * 0.62 };
  const stems: Mark = {
    d: `M-0.5 0L-0.2 ${n(-height * 0.38)}M0.6 0L0.3 ${n(-height * 0.38)}`,
    stroke: shade(color, -0.35),
    width: 0.5,
  };
  const lifted = [-1.15, -0.7, -0.25, 0.25, 0.7, 1.15].flatMap((lean, shoot) => ofShoot(frond(crown, lean), shoot));
  return [stems, ...lifted.map((mark) => ({ ...mark, d: moved(mark.d, 0, -height * 0.38) }))];
}

/** Moves the absolute points of a path aside, and up or down. */
const moved = (d: string, aside: number, by: number): string =>
  d
    .replace(
      /([ML])(-?[\d.]+) (-?[\d.]+)/g,
      (_, letter: string, x: string, y: string) => `${letter}${n(Number(x) + aside)} ${n(Number(y) + by)}`,
    )
    .replace(
      /Q(-?[\d.]+) (-?[\d.]+) (-?[\d.]+) (-?[\d.]+)/g,
      (_, a: string, b: string, c: string, e: string) =>
        `Q${n(Number(a) + aside)} ${n(Number(b) + by)} ${n(Number(c) + aside)} ${n(Number(e) + by)}`,
    );

function mossMound({ height, spread, color, random }: Sized): Mark[] {
  const mound: Mark = { d: `M${n(-spread / 2)} 0Q0 ${n(-height * 2)} ${n(spread / 2)} 0Z`, fill: color };
  const tuft = Math.min(0.5, height * 0.1);
  const tufts = Array.from({ length: 40 }, () => {
    const x = (random() - 0.5) * spread * 0.86;
    const y = -(1 - ((2 * x) / spread) ** 2) * height * random();
    return `M${n(x)} ${n(y)}l${n(tuft * 0.3)} ${n(-tuft)}M${n(x)} ${n(y)}l${n(-tuft * 0.4)} ${n(-tuft * 0.9)}`;
  });
  return [mound, { d: tufts.join(""), stroke: shade(color, 0.3), width: 0.1 }];
}

/** A low mat is drawn as clumps side by side, none wider than this many times its height. */
const CLUMP_WIDTHS = 2;

function succulent(sized: Sized): Mark[] {
  const clumps = Math.max(1, Math.round(sized.spread / (sized.height * CLUMP_WIDTHS)));
  if (clumps === 1) return clump(sized);
  const spread = sized.spread / clumps;
  return Array.from({ length: clumps }, (_, at) => {
    const aside = (at - (clumps - 1) / 2) * spread;
    return clump({ ...sized, spread }).map((mark) => ({ ...mark, d: moved(mark.d, aside, 0) }));
  }).flat();
}

function clump({ height, spread, color, random }: Sized): Mark[] {
  const slim = height > spread * 1.6;
  const count = slim ? 7 : 11;
  return Array.from({ length: count }, (_, at) => {
    const lean = (-0.5 + at / (count - 1)) * (slim ? 0.7 : 2.2);
    const long = height * (0.75 + random() * 0.25) * (slim ? 1 : 0.65 + 0.35 * Math.cos(lean));
    const half = slim ? spread * 0.09 : spread * 0.085;
    const [tx, ty] = [
      Math.sin(lean) * (slim ? long * 0.6 : Math.min(long * 0.9, spread * 0.5)),
      -Math.cos(lean) * long,
    ];
    return {
      d: `M${n(-half)} 0Q${n(tx * 0.4 - half * 1.5)} ${n(ty * 0.6)} ${n(tx)} ${n(ty)}Q${n(tx * 0.4 + half * 1.5)} ${n(ty * 0.6)} ${n(half)} 0Z`,
      fill: shade(color, (random() - 0.4) * 0.35),
      stroke: shade(color, -0.3),
      width: 0.08,
      shoot: at,
    };
  });
}

const DRAW: Record<Plant["form"], (sized: Sized) => Mark[]> = {
  rosette: (sized) => fan(sized, 13, Math.max(0.5, sized.spread * 0.042)),
  fern: (sized) =>
    [-1.45, 1.45, -1.05, 1.05, -0.65, 0.65, -0.22, 0.25].flatMap((lean, shoot) => ofShoot(frond(sized, lean), shoot)),
  grass: (sized) => fan(sized, 17, 0.28),
  bushy,
  trailing,
  palm,
  succulent,
  moss: mossMound,
};

/**
 * A plant at its grown size, foot at 0 0, growing up (negative y), in centimetres.
 *
 * @param seed the same seed always draws the same plant
 */
export function plantMarks(plant: Pick<Plant, "form" | "grown" | "places" | "color">, seed: number): Mark[] {
  return DRAW[plant.form]({
    height: grownHeightCm(plant),
    spread: grownSpreadCm(plant),
    color: plant.color,
    random: seeded(seed),
  });
}
