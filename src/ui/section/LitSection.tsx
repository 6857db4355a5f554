"use client";

import { useId, useMemo } from "react";
import type { Design } from "@/core/habitat";
import type { Ground } from "@/core/strata";
import { useFigures, useLibrary } from "@/words";
import { fittingScale, frameOf, type Frame } from "./frame";
import { materialOf } from "./material";
import { bandOf, profileOf } from "./profile";
import { Rulers } from "./Rulers";
import { SectionBody } from "./SectionBody";
import { TexturePattern } from "./Texture";
import { useSize } from "./useSize";
import css from "./LitSection.module.css";

type Props = {
  habitat: Design;
  ground: Ground;
  /** The layer that is worked on: it stands out, the rest is faint. */
  layerId: string | undefined;
  label: string;
  system: "metric" | "us";
};

const MARGINS = { left: 92, right: 44, top: 16, bottom: 30 };

/** The section with one layer lit and the line it is filled to: what to do, seen from across the room. */
export function LitSection({ habitat, ground, layerId, label, system }: Props) {
  const [ref, size] = useSize();
  const scale = size ? fittingScale(habitat.shell, "front", size.width, size.height, MARGINS) : 1;
  const spareX = size ? Math.max(0, size.width - habitat.shell.widthCm * scale - MARGINS.left - MARGINS.right) : 0;
  const spareY = size ? Math.max(0, size.height - habitat.shell.heightCm * scale - MARGINS.top - MARGINS.bottom) : 0;
  const frame = frameOf(habitat.shell, "front", scale, MARGINS.left + spareX / 2, MARGINS.top + spareY / 2);
  return (
    <div ref={ref} className={css.stage}>
      {size ? (
        <svg width={size.width} height={size.height} role="img" aria-label={label}>
          <g opacity={layerId === undefined ? 1 : 0.42}>
            <SectionBody habitat={habitat} ground={ground} frame={frame} />
            <Rulers frame={frame} system={system} />
          </g>
          {layerId === undefined ? null : <Lit habitat={habitat} ground={ground} frame={frame} layerId={layerId} />}
        </svg>
      ) : null}
    </div>
  );
}

type LitProps = { habitat: Design; ground: Ground; frame: Frame; layerId: string };

function Lit({ habitat, ground, frame, layerId }: LitProps) {
  const id = useId();
  const library = useLibrary();
  const figures = useFigures();
  const profile = useMemo(() => profileOf(ground, frame, []), [ground, frame]);
  const band = profile.bands.find((one) => one.layerId === layerId);
  const layer = habitat.strata.layers.find((one) => one.id === layerId);
  const level = ground.levelOf(layerId);
  if (!band || !layer || !level) return null;
  const points = bandOf(frame, profile.acrossCm, band.belowCm, band.aboveCm);
  const [x, y] = [frame.x(0), frame.y(level.top.frontCm)];
  return (
    <g>
      <defs>
        <TexturePattern id={id} material={materialOf(layer, habitat, library)} pxPerCm={frame.pxPerCm} />
      </defs>
      <polygon points={points} fill={`url(#${id})`} stroke="var(--clay)" strokeWidth={4} strokeLinejoin="round" />
      <g className="measure">
        <rect x={x - 88} y={y - 17} width={84} height={34} rx={8} fill="var(--clay)" />
        <text x={x - 46} y={y + 6} textAnchor="middle" fontSize={17} fontWeight={700} fill="var(--on-clay, #fff)">
          {figures.printed(level.top.frontCm, "length")}
        </text>
      </g>
    </g>
  );
}
