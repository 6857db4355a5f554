"use client";

import { useId } from "react";
import type { Material } from "./material";
import { TexturePattern } from "./Texture";

/** A little piece of a material, as it looks in the section. */
export function Swatch({ material, width = 26, height = 38 }: { material: Material; width?: number; height?: number }) {
  const id = useId();
  return (
    <svg width={width} height={height} aria-hidden style={{ borderRadius: 5, display: "block", flex: "none" }}>
      <defs>
        <TexturePattern id={id} material={material} pxPerCm={9} />
      </defs>
      <rect width={width} height={height} fill={`url(#${id})`} />
      <rect x={0.5} y={0.5} width={width - 1} height={height - 1} rx={4.5} fill="none" stroke="rgba(0,0,0,.16)" />
    </svg>
  );
}
