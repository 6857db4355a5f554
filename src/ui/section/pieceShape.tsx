import { memo, useId } from "react";
import type { PieceKind } from "@/core/catalog";
import { bounds } from "@/core/shape";
import type { Piece } from "@/core/habitat";
import { leansAlong, type Solid } from "@/core/strata";
import { seedOf, seeded } from "@/core/random";
import { byNight, shade } from "./color";
import type { Frame } from "./frame";
import { plain, type Material } from "./material";
import { TexturePattern } from "./Texture";

type Box = { x: number; y: number; width: number; height: number };

/** Where a solid shows in a view, in pixels. */
export function solidBox(solid: Solid, frame: Frame): Box {
  const edge = bounds(solid.outline);
  if (frame.view === "plan") {
    return {
      x: frame.x(edge.left),
      y: frame.y(edge.back),
      width: (edge.right - edge.left) * frame.pxPerCm,
      height: (edge.back - edge.front) * frame.pxPerCm,
    };
  }
  const [from, to] = frame.view === "side" ? [edge.front, edge.back] : [edge.left, edge.right];
  return {
    x: frame.x(from),
    y: frame.y(solid.topCm),
    width: (to - from) * frame.pxPerCm,
    height: (solid.topCm - solid.baseCm) * frame.pxPerCm,
  };
}

/** What leans more across a view than along it is seen from its end. */
const ALONG_VIEW = 0.7;

/** An outline a little out of true, as nothing in a box is sawn square. */
function rough({ x, y, width, height }: Box, seed: string, sides: number, by: number, square = 3.2): string {
  const random = seeded(seedOf(seed));
  return Array.from({ length: sides }, (_, at) => {
    const angle = (at / sides) * 2 * Math.PI;
    // Between a circle and a square, so that stones look like stones.
    const [c, s] = [Math.cos(angle), Math.sin(angle)];
    const reach =
      (1 - by * random()) / Math.pow(Math.pow(Math.abs(c), square) + Math.pow(Math.abs(s), square), 1 / square);
    return `${(x + width / 2 + (c * width * reach) / 2).toFixed(1)},${(y + height / 2 + (s * height * reach) / 2).toFixed(1)}`;
  }).join(" ");
}

type Slabs = NonNullable<Piece["slabs"]>;

/** The slabs of a pile, and the chips that keep them apart. */
function slabs({ x, y, width, height }: Box, { count, gapCm }: Slabs, pxPerCm: number, seed: string) {
  const random = seeded(seedOf(seed));
  const gap = count > 1 ? Math.min(gapCm * pxPerCm, (height * 0.9) / (count - 1)) : 0;
  const high = (height - gap * (count - 1)) / count;
  const flat = Array.from({ length: count }, (_, at): Box => {
    // Wider towards the foot.
    const inset = (random() * 0.14 + (1 - at / count) * 0.12) * width;
    return { x: x + inset * (0.3 + random() * 0.4), y: y + at * (high + gap), width: width - inset, height: high };
  });
  const chips = flat.slice(1).flatMap((slab): Box[] =>
    [0.16, 0.74].map((share) => ({
      x: slab.x + slab.width * (share + random() * 0.08),
      y: slab.y - gap,
      width: slab.width * 0.1,
      height: gap,
    })),
  );
  return { flat, chips };
}

function branch({ x, y, width, height }: Box, seed: string): string {
  const random = seeded(seedOf(seed));
  const low = y + height;
  const bend = () => (0.25 + random() * 0.5) * height;
  return [
    `M${x} ${low - height * 0.12}C${x + width * 0.3} ${low - bend()} ${x + width * 0.6} ${low - bend()} ${x + width} ${y + height * 0.12}`,
    `M${x + width * 0.45} ${low - height * 0.42}C${x + width * 0.5} ${y + height * 0.35} ${x + width * 0.4} ${y + height * 0.2} ${x + width * 0.34} ${y}`,
    `M${x + width * 0.66} ${low - height * 0.55}C${x + width * 0.78} ${low - height * 0.4} ${x + width * 0.85} ${low - height * 0.2} ${x + width * 0.92} ${low}`,
  ].join("");
}

type Drawn = {
  box: Box;
  kind: PieceKind;
  slabs: Slabs | undefined;
  thickPx: number;
  seed: string;
  fill: string;
  filling: string | undefined;
  pxPerCm: number;
  night: boolean;
};

/** Edges are darker than the thing by day, and by night what sets it off from the dark. */
const edgeOf = (color: string, night: boolean): string => (night ? byNight(shade(color, 0.1)) : shade(color, -0.45));

const shownColor = (color: string, night: boolean): string => (night ? byNight(color) : color);

type PileProps = Pick<Drawn, "box" | "seed" | "pxPerCm" | "fill"> & { pile: Slabs | undefined; edge: string };
const CLOSE: Slabs = { count: 4, gapCm: 0 };

/** Slab over slab, kept apart by chips. */
function Pile({ box, pile = CLOSE, seed, pxPerCm, fill, edge }: PileProps) {
  const { flat, chips } = slabs(box, pile, pxPerCm, seed);
  const line = { stroke: edge, strokeWidth: Math.max(1, pxPerCm * 0.14), strokeLinejoin: "round" as const };
  return (
    <g>
      {chips.map((chip, at) => (
        <rect key={`chip ${at}`} {...chip} fill={edge} />
      ))}
      {flat.map((slab, at) => (
        <polygon key={at} points={rough(slab, `${seed}${at}`, 18, 0.07, 7)} fill={fill} {...line} />
      ))}
    </g>
  );
}

function Form({ box, kind, slabs: pile, thickPx, seed, fill, filling, pxPerCm, night }: Drawn) {
  const edge = edgeOf(kind.look.color, night);
  const line = { stroke: edge, strokeWidth: Math.max(1, pxPerCm * 0.14), strokeLinejoin: "round" as const };
  const { x, y, width, height } = box;
  const wall = kind.hollow ? Math.min(width / 3, kind.hollow.wallCm * pxPerCm) : 0;
  switch (kind.form) {
    case "log":
      return kind.solidPct < 40 ? (
        <path
          d={branch(box, seed)}
          fill="none"
          stroke={shownColor(kind.look.color, night)}
          strokeWidth={Math.max(2, thickPx)}
          strokeLinecap="round"
        />
      ) : (
        <rect {...box} rx={Math.min(width, height) * 0.35} fill={fill} {...line} />
      );
    case "tube":
      return (
        <g>
          <rect {...box} rx={wall * 0.5} fill={fill} {...line} />
          <rect
            x={x + wall}
            y={y}
            width={Math.max(0, width - 2 * wall)}
            height={height}
            fill={filling ?? "rgba(30,24,18,.55)"}
          />
        </g>
      );
    case "stone":
      return <polygon points={rough(box, seed, 15, 0.2)} fill={fill} {...line} />;
    case "slabs":
      return <Pile box={box} pile={pile} seed={seed} pxPerCm={pxPerCm} fill={fill} edge={edge} />;
    case "pot":
      return (
        <g>
          <path
            d={`M${x} ${y}H${x + width}L${x + width * 0.86} ${y + height}H${x + width * 0.14}Z`}
            fill={fill}
            {...line}
          />
          <path
            d={`M${x + wall} ${y}H${x + width - wall}L${x + width * 0.84 - wall} ${y + height - wall}H${x + width * 0.16 + wall}Z`}
            fill={filling ?? "rgba(30,24,18,.4)"}
          />
        </g>
      );
    case "cave":
      return (
        <g>
          <path
            d={`M${x} ${y + height}V${y + height * 0.6}Q${x} ${y} ${x + width * 0.5} ${y}T${x + width} ${y + height * 0.6}V${y + height}Z`}
            fill={fill}
            {...line}
          />
          <path
            d={`M${x + width * 0.22} ${y + height}V${y + height * 0.78}Q${x + width * 0.24} ${y + height * 0.34} ${x + width * 0.5} ${y + height * 0.34}T${x + width * 0.78} ${y + height * 0.78}V${y + height}Z`}
            fill="#241b14"
          />
        </g>
      );
    case "bowl":
      return (
        <g>
          <path
            d={`M${x} ${y}H${x + width}L${x + width * 0.9} ${y + height}H${x + width * 0.1}Z`}
            fill={fill}
            {...line}
          />
          <path
            d={`M${x + wall} ${y + 2}H${x + width - wall}L${x + width * 0.88 - wall} ${y + height - wall}H${x + width * 0.12 + wall}Z`}
            fill="#3f9bb1"
            opacity={0.8}
          />
        </g>
      );
    case "ledge":
      return (
        <path
          d={`M${x} ${y}H${x + width}Q${x + width * 0.9} ${y + height} ${x + width * 0.5} ${y + height}T${x} ${y}Z`}
          fill={fill}
          {...line}
        />
      );
    case "column":
      return (
        <g>
          <rect {...box} fill={fill} opacity={0.5} {...line} />
          <rect
            x={x + wall}
            y={y}
            width={Math.max(0, width - 2 * wall)}
            height={height}
            fill="var(--air-low)"
            opacity={0.6}
          />
          <rect {...box} fill="none" {...line} strokeDasharray="3 2" />
        </g>
      );
    case "flat":
      return <rect {...box} rx={Math.min(2, width / 3)} fill={fill} {...line} />;
  }
}

/** One solid as it looks in the section; a filled one shows what it is filled with. */
export const PieceShape = memo(PieceDrawing, (before, after) => {
  const [a, b] = [solidBox(before.solid, before.frame), solidBox(after.solid, after.frame)];
  const sameBox = a.x === b.x && a.y === b.y && a.width === b.width && a.height === b.height;
  return sameBox && before.night === after.night && looksOf(before) === looksOf(after);
});

/** All but its place that a piece is drawn by. */
const looksOf = ({ solid: { kind, piece }, frame, filling }: Props): string =>
  JSON.stringify([kind.id, piece?.tilt, piece?.slabs, piece?.turnDeg, frame.pxPerCm, filling]);

type Props = { solid: Solid; frame: Frame; filling?: Material | undefined; night?: boolean | undefined };

/** How what leans along the view is drawn: its own form, turned about the middle of what it takes. */
function leaningForm(solid: Solid, frame: Frame): { box: Box; turn: string } | undefined {
  const { piece } = solid;
  if (!piece?.tilt || frame.view === "plan") return undefined;
  const { along, way } = leansAlong(piece.tilt);
  const headingDeg = piece.turnDeg + (along === "width" ? 0 : 90);
  const radians = (headingDeg * Math.PI) / 180;
  const inView = (frame.view === "front" ? Math.cos(radians) : Math.sin(radians)) * way;
  if (Math.abs(inView) < ALONG_VIEW) return undefined;
  const seen = solidBox(solid, frame);
  const width = (along === "width" ? piece.widthCm : piece.depthCm) * frame.pxPerCm;
  const height = piece.heightCm * frame.pxPerCm;
  const [cx, cy] = [seen.x + seen.width / 2, seen.y + seen.height / 2];
  const box = { x: cx - width / 2, y: cy - height / 2, width, height };
  return { box, turn: `rotate(${piece.tilt.deg * Math.sign(inView)} ${cx} ${cy})` };
}

function PieceDrawing({ solid, frame, filling, night = false }: Props) {
  const id = useId();
  const fill = `url(#${id}-own)`;
  const leans = leaningForm(solid, frame);
  return (
    <g>
      <defs>
        <TexturePattern id={`${id}-own`} material={plain(solid.kind.look)} pxPerCm={frame.pxPerCm} />
        {filling ? <TexturePattern id={`${id}-in`} material={filling} pxPerCm={frame.pxPerCm} /> : null}
      </defs>
      <g transform={leans?.turn}>
        <Form
          box={leans?.box ?? solidBox(solid, frame)}
          kind={solid.kind}
          slabs={solid.piece?.slabs ?? undefined}
          thickPx={(solid.piece?.depthCm ?? 4) * 0.6 * frame.pxPerCm}
          seed={solid.id}
          fill={fill}
          filling={filling ? `url(#${id}-in)` : undefined}
          pxPerCm={frame.pxPerCm}
          night={night}
        />
      </g>
    </g>
  );
}
