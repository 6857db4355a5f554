import type { Frame } from "./frame";

/** A height told at the left of the section, with a line to where it is. */
export type Tag = { key: string; cm: number; text: string; color: string };

const HEIGHT = 21;
const WIDTH = 58;

/** Pushes tags apart until none covers another, keeping their order. */
export function spreadTags(wanted: readonly number[], gap: number, lowest: number): number[] {
  const placed = [...wanted];
  for (let at = placed.length - 1; at >= 0; at -= 1) {
    const floor = at === placed.length - 1 ? lowest : (placed[at + 1] ?? lowest) - gap;
    placed[at] = Math.min(placed[at] ?? 0, floor);
  }
  return placed;
}

export function Tags({ frame, tags }: { frame: Frame; tags: readonly Tag[] }) {
  const ordered = [...tags].sort((a, b) => b.cm - a.cm);
  const placed = spreadTags(
    ordered.map((tag) => frame.y(tag.cm)),
    HEIGHT + 3,
    frame.y(0) + 4,
  );
  const right = frame.x(0) - 14;
  return (
    <g aria-hidden className="measure">
      {ordered.map((tag, at) => {
        const yTag = placed[at] ?? 0;
        return (
          <g key={tag.key}>
            <path
              d={`M${right} ${yTag}L${frame.x(0)} ${frame.y(tag.cm)}`}
              stroke={tag.color}
              strokeWidth={1.5}
              fill="none"
            />
            <rect x={right - WIDTH} y={yTag - HEIGHT / 2} width={WIDTH} height={HEIGHT} rx={5} fill={tag.color} />
            <text x={right - WIDTH / 2} y={yTag + 4.5} fontSize={12} fontWeight={600} fill="#fff" textAnchor="middle">
              {tag.text}
            </text>
          </g>
        );
      })}
    </g>
  );
}
