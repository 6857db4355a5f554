import type { Design } from "@/core/habitat";
import type { Ground } from "@/core/strata";
import { frameOf } from "./frame";
import { SectionBody } from "./SectionBody";

/** A habitat's real section at a given scale, without rulers. */
export function Miniature({
  habitat,
  ground,
  pxPerCm,
  label,
}: {
  habitat: Design;
  ground: Ground;
  pxPerCm: number;
  label: string;
}) {
  const { widthCm, heightCm } = habitat.shell;
  const width = widthCm * pxPerCm + 8;
  const height = heightCm * pxPerCm + 8;
  return (
    <svg
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={label}
      style={{ display: "block", maxWidth: "100%" }}
    >
      <SectionBody habitat={habitat} ground={ground} frame={frameOf(habitat.shell, "front", pxPerCm, 4, 6)} />
    </svg>
  );
}
