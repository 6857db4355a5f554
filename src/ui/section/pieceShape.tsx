import { memo, useId } from "react";
import type { PieceKind } from "@/core/catalog";
import { bounds } from "@/core/shape";
import type { Solid } from "@/core/strata";
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

function slabs({ x, y, width, height }: Box, seed: string): Box[] {
  const random = seeded(seedOf(seed));
  const count = Math.max(2, Math.min(6, Math.round(height / 34)));
  return Array.from({ length: count }, (_, at) => {
    // Wider towards the foot, each lying on the next.
    const inset = (random() * 0.14 + (1 - at / count) * 0.12) * width;
    const high = height / count;
    return { x: x + inset * (0.3 + random() * 0.4), y: y + at * high, width: width - inset, height: high * 1.06 };
  });
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

function Form({ box, kind, thickPx, seed, fill, filling, pxPerCm, night }: Drawn) {
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
      return (
        <g>
          {slabs(box, seed).map((slab, at) => (
            <polygon key={at} points={rough(slab, `${seed}${at}`, 18, 0.07, 7)} fill={fill} {...line} />
          ))}
        </g>
      );
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
  return (
    sameBox &&
    before.solid.kind === after.solid.kind &&
    before.night === after.night &&
    before.frame.pxPerCm === after.frame.pxPerCm &&
    JSON.stringify(before.filling) === JSON.stringify(after.filling)
  );
});

type Props = { solid: Solid; frame: Frame; filling?: Material | undefined; night?: boolean | undefined };

function PieceDrawing({ solid, frame, filling, night = false }: Props) {
  const id = useId();
  const fill = `url(#${id}-own)`;
  return (
    <g>
      <defs>
        <TexturePattern id={`${id}-own`} material={plain(solid.kind.look)} pxPerCm={frame.pxPerCm} />
        {filling ? <TexturePattern id={`${id}-in`} material={filling} pxPerCm={frame.pxPerCm} /> : null}
      </defs>
      <Form
        box={solidBox(solid, frame)}
        kind={solid.kind}
        thickPx={(solid.piece?.depthCm ?? 4) * 0.6 * frame.pxPerCm}
        seed={solid.id}
        fill={fill}
        filling={filling ? `url(#${id}-in)` : undefined}
        pxPerCm={frame.pxPerCm}
        night={night}
      />
    </g>
  );
}
