import { memo, useMemo } from "react";
import { ingredientLook, type Material } from "./material";
import { blendColors, shade } from "./color";
import { TILE, tileMarks, type Mark } from "./marks";
import { seedOf } from "@/core/random";

export const paths = (marks: readonly Mark[]) =>
  marks.map((mark, at) => (
    <path key={at} d={mark.d} fill={mark.fill ?? "none"} stroke={mark.stroke} strokeWidth={mark.width} opacity={mark.opacity} strokeLinecap="round" />
  ));

/** The colour under a texture: dark between pebbles, the mean of the parts in a soil. */
export function groundColor(material: Material): string {
  const looks = ingredientLook(material);
  const base = blendColors(looks.map(({ look, share }) => [look.color, share]));
  const texture = looks[0]?.look.texture;
  if (texture === "mesh") return "#e9e6dc";
  return texture === "pebble" && looks.length === 1 ? shade(base, -0.42) : shade(base, looks.length > 1 ? -0.1 : 0);
}

/** A pattern to fill shapes with, at true scale. */
export const TexturePattern = memo(function TexturePattern({ id, material, pxPerCm }: { id: string; material: Material; pxPerCm: number }) {
  const key = JSON.stringify(material);
  const drawn = useMemo(() => {
    const of = JSON.parse(key) as Material;
    return { ground: groundColor(of), marks: paths(tileMarks(ingredientLook(of), seedOf(key))) };
  }, [key]);
  return (
    <pattern id={id} patternUnits="userSpaceOnUse" width={TILE.width} height={TILE.height} patternTransform={`scale(${pxPerCm})`}>
      <rect width={TILE.width} height={TILE.height} fill={drawn.ground} />
      {drawn.marks}
    </pattern>
  );
});
