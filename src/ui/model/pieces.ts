import type { BufferGeometry } from "three";
import {
  BoxGeometry,
  CatmullRomCurve3,
  CylinderGeometry,
  ExtrudeGeometry,
  IcosahedronGeometry,
  LatheGeometry,
  Path,
  Shape,
  TubeGeometry,
  Vector2,
  Vector3,
} from "three";
import { mergeGeometries, mergeVertices } from "three/examples/jsm/utils/BufferGeometryUtils.js";
import type { PieceKind } from "@/core/catalog";
import { usualSlabs, type Piece } from "@/core/habitat";
import { seeded, seedOf } from "@/core/random";
import { leansAlong } from "@/core/strata";

/** A piece as it is bought or cut: its kind and its size, foot at the origin, cm. */
export type Sized = {
  kind: PieceKind;
  widthCm: number;
  depthCm: number;
  heightCm: number;
  slabs?: Piece["slabs"];
  seed: string;
};

/** What of a piece shows: its own matter, and what fills it or stands in it. */
export type PieceBody = { own: BufferGeometry; inside: BufferGeometry | undefined };

const ROUND_SIDES = 28;
const FILLED_TO = 0.94;

/** Pushes the corners of a body in and out, the same for corners that lie together, as nothing in a box is turned. */
function roughened(body: BufferGeometry, seed: string, by: number): BufferGeometry {
  const whole = mergeVertices(body.deleteAttribute("uv").deleteAttribute("normal"), 1e-3);
  const random = seeded(seedOf(seed));
  const at = whole.getAttribute("position");
  for (let n = 0; n < at.count; n += 1) {
    const out = 1 - by * random();
    at.setXYZ(n, at.getX(n) * out, at.getY(n), at.getZ(n) * out);
  }
  whole.computeVertexNormals();
  return whole;
}

/** A wall turned round the middle: out of the profile of its section, then drawn to width and depth. */
function turnedWall(
  profile: readonly (readonly [radius: number, up: number])[],
  { widthCm, depthCm }: Sized,
): BufferGeometry {
  return new LatheGeometry(
    profile.map(([radius, up]) => new Vector2(radius, up)),
    ROUND_SIDES,
  ).scale(widthCm / 2, 1, depthCm / 2);
}

/** A disc across a hollow piece: its filling, or its water. */
const disc = (share: number, upCm: number, { widthCm, depthCm }: Sized): BufferGeometry =>
  new CylinderGeometry((widthCm / 2) * share, (widthCm / 2) * share, 0.2, ROUND_SIDES)
    .scale(1, 1, depthCm / widthCm)
    .translate(0, upCm, 0);

/** The inner radius as a share of the outer. */
const innerShare = ({ kind, widthCm, depthCm }: Sized): number =>
  Math.max(0.1, 1 - (2 * (kind.hollow?.wallCm ?? 1)) / Math.min(widthCm, depthCm));

function tube(sized: Sized): PieceBody {
  const inner = innerShare(sized);
  const high = sized.heightCm;
  const steps = [0, 0.2, 0.4, 0.6, 0.8, 1];
  const profile = [
    ...steps.map((share) => [1, high * share] as const),
    ...steps.toReversed().map((share) => [inner, high * share] as const),
    [1, 0] as const,
  ];
  return { own: roughened(turnedWall(profile, sized), sized.seed, 0.08), inside: disc(inner, high * FILLED_TO, sized) };
}

function pot(sized: Sized): PieceBody {
  const inner = innerShare(sized);
  const [high, foot] = [sized.heightCm, 0.72];
  const floor = sized.kind.hollow?.wallCm ?? 0.5;
  const profile = [
    [0.01, 0],
    [foot, 0],
    [0.97, high * 0.85],
    [1, high * 0.85],
    [1, high],
    [inner, high],
    [foot * inner, floor],
    [0.01, floor],
  ] as const;
  return { own: turnedWall(profile, sized), inside: disc(inner * 0.95, high * FILLED_TO, sized) };
}

function bowl(sized: Sized): PieceBody {
  const inner = innerShare(sized);
  const high = sized.heightCm;
  const floor = sized.kind.hollow?.wallCm ?? 0.5;
  const profile = [
    [0.01, 0],
    [0.8, 0],
    [1, high],
    [inner, high],
    [0.76 * inner, floor],
    [0.01, floor],
  ] as const;
  return { own: turnedWall(profile, sized), inside: disc(inner * 0.96, high * 0.82, sized) };
}

/** A vault with its mouth to the front, closed at the back. */
function cave(sized: Sized): PieceBody {
  const { widthCm, depthCm, heightCm } = sized;
  const wall = Math.max(0.6, sized.kind.hollow?.wallCm ?? 1);
  const vault = (half: number, high: number, to: Shape | Path): void => {
    to.moveTo(-half, 0);
    to.lineTo(-half, high * 0.35);
    to.quadraticCurveTo(-half, high, 0, high);
    to.quadraticCurveTo(half, high, half, high * 0.35);
    to.lineTo(half, 0);
    to.closePath();
  };
  const shell = new Shape();
  vault(widthCm / 2, heightCm, shell);
  const back = new ExtrudeGeometry(shell, { depth: wall, bevelEnabled: false }).translate(0, 0, -depthCm / 2);
  const mouth = new Path();
  vault(Math.max(widthCm * 0.2, widthCm / 2 - Math.max(wall, widthCm * 0.12)), heightCm * 0.8, mouth);
  const open = shell.clone();
  open.holes = [mouth];
  const front = new ExtrudeGeometry(open, { depth: depthCm - wall, bevelEnabled: false }).translate(
    0,
    0,
    wall - depthCm / 2,
  );
  return { own: mergeGeometries([back, front]), inside: undefined };
}

function stone({ widthCm, depthCm, heightCm, seed }: Sized): PieceBody {
  const random = seeded(seedOf(seed));
  const ball = mergeVertices(new IcosahedronGeometry(1, 3).deleteAttribute("uv").deleteAttribute("normal"), 1e-3);
  const at = ball.getAttribute("position");
  const [a, b, c] = [random() * 6, random() * 6, random() * 6];
  for (let n = 0; n < at.count; n += 1) {
    const [x, y, z] = [at.getX(n), at.getY(n), at.getZ(n)];
    // Between a ball and a block, with a few broad dents.
    const block = (x ** 4 + y ** 4 + z ** 4) ** -0.25;
    const dents = 0.94 + 0.06 * Math.sin(3 * x + a) * Math.sin(3 * y + b) * Math.sin(3 * z + c) - 0.03 * random();
    const reach = (1 + (block - 1) * 0.7) * dents;
    at.setXYZ(n, x * reach, Math.max(-0.72, y * reach), z * reach);
  }
  ball.computeVertexNormals();
  return { own: ball.translate(0, 0.72, 0).scale(widthCm / 2, heightCm / 1.72, depthCm / 2), inside: undefined };
}

/** A block with broken edges. */
function slab(widthCm: number, heightCm: number, depthCm: number, random: () => number): BufferGeometry {
  const outline = new Shape(
    Array.from({ length: 14 }, (_, at) => {
      const angle = (at / 14) * Math.PI * 2;
      const [c, s] = [Math.cos(angle), Math.sin(angle)];
      const reach = (1 - 0.12 * random()) / (Math.abs(c) ** 6 + Math.abs(s) ** 6) ** (1 / 6);
      return new Vector2((c * widthCm * reach) / 2, (s * depthCm * reach) / 2);
    }),
  );
  const thick = Math.max(0.4, heightCm - 0.4);
  const cut = { depth: thick, bevelEnabled: true, bevelSize: 0.3, bevelThickness: 0.2, bevelSegments: 1 };
  return new ExtrudeGeometry(outline, cut).rotateX(-Math.PI / 2).translate(0, 0.2, 0);
}

function slabs({ widthCm, depthCm, heightCm, seed, slabs: pile }: Sized): PieceBody {
  const random = seeded(seedOf(seed));
  const { count, gapCm } = pile ?? usualSlabs(heightCm);
  const gap = count > 1 ? Math.min(gapCm, (heightCm * 0.9) / (count - 1)) : 0;
  const high = (heightCm - gap * (count - 1)) / count;
  const stack = Array.from({ length: count }, (_, at) => {
    const inset = 1 - 0.14 * random() - (at / count) * 0.12;
    const aside = (widthCm * (1 - inset) * (random() - 0.5)) / 2;
    return slab(widthCm * inset, high, depthCm * inset, random).translate(aside, at * (high + gap), 0);
  });
  return { own: mergeGeometries(stack), inside: undefined };
}

/** A limb with two side limbs, bent as the section draws it. */
function branch({ widthCm, depthCm, heightCm, seed }: Sized): PieceBody {
  const random = seeded(seedOf(seed));
  const thick = Math.max(0.5, Math.min(depthCm, heightCm) * 0.3);
  const point = (x: number, y: number, z: number) =>
    new Vector3((x - 0.5) * widthCm, thick + y * (heightCm - 2 * thick), (z - 0.5) * (depthCm - thick));
  const limb = (points: readonly Vector3[], radius: number) =>
    roughened(new TubeGeometry(new CatmullRomCurve3([...points]), 26, radius, 9), `${seed}${radius}`, 0);
  const bend = () => 0.3 + random() * 0.3;
  const z = () => 0.25 + random() * 0.5;
  const main = [point(0, 0.05, z()), point(0.3, bend(), z()), point(0.65, bend() + 0.1, z()), point(1, 0.9, z())];
  const up = [point(0.42, 0.38, 0.5), point(0.46, 0.65, z()), point(0.34, 1, z())];
  const down = [point(0.62, 0.42, 0.5), point(0.8, 0.25, z()), point(0.92, 0, z())];
  return {
    own: mergeGeometries([limb(main, thick), limb(up, thick * 0.62), limb(down, thick * 0.7)]),
    inside: undefined,
  };
}

/** A log lies along its longer side; one higher than it is wide stands. */
function log(sized: Sized): PieceBody {
  const { widthCm, depthCm, heightCm, seed } = sized;
  if (sized.kind.solidPct < 40) return branch(sized);
  const along = Math.max(widthCm, depthCm);
  if (heightCm > along) {
    const post = roughened(new CylinderGeometry(0.5, 0.5, heightCm, 22, 8), seed, 0.07).scale(widthCm, 1, depthCm);
    return { own: post.translate(0, heightCm / 2, 0), inside: undefined };
  }
  const body = roughened(new CylinderGeometry(0.5, 0.5, along, 22, 8), seed, 0.07).rotateZ(Math.PI / 2);
  const lain =
    widthCm >= depthCm ? body.scale(1, heightCm, depthCm) : body.rotateY(Math.PI / 2).scale(widthCm, heightCm, 1);
  return { own: lain.translate(0, heightCm / 2, 0), inside: undefined };
}

/** A half-round shelf, its straight side to the wall behind it. */
function ledge({ widthCm, depthCm, heightCm }: Sized): PieceBody {
  const half = new Shape();
  half.moveTo(-widthCm / 2, depthCm / 2);
  half.bezierCurveTo(-widthCm / 2, -depthCm * 0.66, widthCm / 2, -depthCm * 0.66, widthCm / 2, depthCm / 2);
  half.closePath();
  const cut = { depth: heightCm, bevelEnabled: true, bevelSize: 0.25, bevelThickness: 0.25, bevelSegments: 1 };
  return { own: new ExtrudeGeometry(half, cut).rotateX(-Math.PI / 2), inside: undefined };
}

function column({ kind, widthCm, depthCm, heightCm }: Sized): PieceBody {
  const wall = kind.hollow?.wallCm ?? 0.4;
  const rectangle = (w: number, d: number) => [
    new Vector2(-w / 2, -d / 2),
    new Vector2(w / 2, -d / 2),
    new Vector2(w / 2, d / 2),
    new Vector2(-w / 2, d / 2),
  ];
  const outer = new Shape(rectangle(widthCm, depthCm));
  outer.holes = [new Path(rectangle(widthCm - 2 * wall, depthCm - 2 * wall))];
  return {
    own: new ExtrudeGeometry(outer, { depth: heightCm, bevelEnabled: false }).rotateX(-Math.PI / 2),
    inside: undefined,
  };
}

const flat = ({ widthCm, depthCm, heightCm }: Sized): PieceBody => ({
  own: new BoxGeometry(widthCm, heightCm, depthCm).translate(0, heightCm / 2, 0),
  inside: undefined,
});

const FORMS: Record<PieceKind["form"], (sized: Sized) => PieceBody> = {
  log,
  flat,
  tube,
  stone,
  slabs,
  pot,
  cave,
  bowl,
  ledge,
  column,
};

/**
 * A piece as a body: rounded where it is round, hollow where it is hollow.
 *
 * @example pieceBody({ kind, widthCm: 14, depthCm: 14, heightCm: 32, seed: "tube" }).own.boundingBox
 */
export const pieceBody = (sized: Sized): PieceBody => FORMS[sized.kind.form](sized);

type Triple = [number, number, number];

/** How a body that stands on the origin is tipped, so that the middle of what it then takes is over the origin. */
export function tiltOf(piece: Piece | undefined): { offset: Triple; rotation: Triple } {
  if (!piece?.tilt) return { offset: [0, 0, 0], rotation: [0, 0, 0] };
  const { along, way } = leansAlong(piece.tilt);
  const angle = (piece.tilt.deg * Math.PI) / 180;
  const aside = (-way * piece.heightCm * Math.sin(angle)) / 2;
  const up = ((along === "width" ? piece.widthCm : piece.depthCm) / 2) * Math.sin(angle);
  return along === "width"
    ? { offset: [aside, up, 0], rotation: [0, 0, -way * angle] }
    : { offset: [0, up, -aside], rotation: [-way * angle, 0, 0] };
}
