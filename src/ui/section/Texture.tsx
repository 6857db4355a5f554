import { memo, useMemo, useSyncExternalStore } from "react";
import { ingredientLook, type Material } from "./material";
import { blendColors, shade } from "./color";
import { TILE, tileMarks, type Mark } from "./marks";
import { seedOf } from "@/core/random";

export const paths = (marks: readonly Mark[]) =>
  marks.map((mark, at) => (
    <path
      key={at}
      d={mark.d}
      fill={mark.fill ?? "none"}
      stroke={mark.stroke}
      strokeWidth={mark.width}
      opacity={mark.opacity}
      strokeLinecap="round"
    />
  ));

/** The colour under a texture: dark between pebbles, the mean of the parts in a soil. */
export function groundColor(material: Material): string {
  const looks = ingredientLook(material);
  const base = blendColors(looks.map(({ look, share }) => [look.color, share]));
  const texture = looks[0]?.look.texture;
  if (texture === "mesh") return "#e9e6dc";
  return texture === "pebble" && looks.length === 1 ? shade(base, -0.42) : shade(base, looks.length > 1 ? -0.1 : 0);
}

/** Pixels for a centimetre of texture: sharp at the scale most boxes are drawn at. */
const PX_PER_CM = 20;

/** A material's texture drawn once on a tile, the same wherever it is shown. */
const drawn = new Map<string, HTMLCanvasElement>();

/**
 * A tile of a material's texture, {@link TILE} large, drawn once: a section is painted anew on every frame of a drag,
 * and hundreds of little paths in each layer would be painted with it.
 *
 * @param key the material as JSON
 */
export function textureTile(key: string): HTMLCanvasElement {
  const known = drawn.get(key);
  if (known) return known;
  const of = JSON.parse(key) as Material;
  const canvas = document.createElement("canvas");
  [canvas.width, canvas.height] = [TILE.width * PX_PER_CM, TILE.height * PX_PER_CM];
  const pen = canvas.getContext("2d");
  if (pen) {
    pen.fillStyle = groundColor(of);
    pen.fillRect(0, 0, canvas.width, canvas.height);
    pen.scale(PX_PER_CM, PX_PER_CM);
    pen.lineCap = "round";
    for (const mark of tileMarks(ingredientLook(of), seedOf(key))) {
      const path = new Path2D(mark.d);
      pen.globalAlpha = mark.opacity ?? 1;
      if (mark.fill) {
        pen.fillStyle = mark.fill;
        pen.fill(path);
      }
      if (mark.stroke) {
        pen.strokeStyle = mark.stroke;
        pen.lineWidth = mark.width ?? 0.05;
        pen.stroke(path);
      }
    }
  }
  drawn.set(key, canvas);
  return canvas;
}

const pictures = new Map<string, string>();

/** A texture's tile as a picture for a pattern. */
function textureUrl(key: string): string {
  const known = pictures.get(key);
  if (known !== undefined) return known;
  const url = textureTile(key).toDataURL();
  pictures.set(key, url);
  return url;
}

const never = () => () => {};

/**
 * A pattern to fill shapes with, at true scale. Only drawn in a browser: on the server a shape has its plain ground
 * colour.
 */
export const TexturePattern = memo(function TexturePattern({
  id,
  material,
  pxPerCm,
}: {
  id: string;
  material: Material;
  pxPerCm: number;
}) {
  const key = JSON.stringify(material);
  const browser = useSyncExternalStore(
    never,
    () => true,
    () => false,
  );
  const ground = useMemo(() => groundColor(JSON.parse(key) as Material), [key]);
  return (
    <pattern
      id={id}
      patternUnits="userSpaceOnUse"
      width={TILE.width}
      height={TILE.height}
      patternTransform={`scale(${pxPerCm})`}
    >
      {browser ? (
        <image href={textureUrl(key)} width={TILE.width} height={TILE.height} preserveAspectRatio="none" />
      ) : (
        <rect width={TILE.width} height={TILE.height} fill={ground} />
      )}
    </pattern>
  );
});
