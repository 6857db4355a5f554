import type { BufferGeometry } from "three";
import { CanvasTexture, Float32BufferAttribute, RepeatWrapping, SRGBColorSpace, type Texture } from "three";
import { TILE } from "../section/marks";
import type { Material } from "../section/material";
import { textureTile } from "../section/Texture";

/**
 * Lays the section's textures over a body at their true scale: each triangle gets its picture from the side it faces
 * most.
 */
export function skinned(body: BufferGeometry): BufferGeometry {
  const geometry = body.index ? body.toNonIndexed() : body;
  if (!geometry.getAttribute("normal")) geometry.computeVertexNormals();
  const at = geometry.getAttribute("position");
  const uv = new Float32Array(at.count * 2);
  for (let n = 0; n < at.count; n += 3) {
    const corner = (i: number) => [at.getX(n + i), at.getY(n + i), at.getZ(n + i)] as const;
    const [a, b, c] = [corner(0), corner(1), corner(2)];
    const [u, v] = [b, c].map((p) => [p[0] - a[0], p[1] - a[1], p[2] - a[2]] as const) as [typeof a, typeof a];
    const facing = [
      Math.abs(u[1] * v[2] - u[2] * v[1]),
      Math.abs(u[2] * v[0] - u[0] * v[2]),
      Math.abs(u[0] * v[1] - u[1] * v[0]),
    ] as const;
    const most = facing.indexOf(Math.max(...facing));
    [a, b, c].forEach(([x, y, z], i) => {
      const [across, up] = most === 0 ? [z, y] : most === 1 ? [x, z] : [x, y];
      uv.set([across / TILE.width, up / TILE.height], (n + i) * 2);
    });
  }
  geometry.setAttribute("uv", new Float32BufferAttribute(uv, 2));
  return geometry;
}

const textures = new Map<string, Texture>();

/** The section's texture of a material, to be laid over bodies; made once. */
export function textureOf(material: Material): Texture {
  const key = JSON.stringify(material);
  const known = textures.get(key);
  if (known) return known;
  const texture = new CanvasTexture(textureTile(key));
  texture.wrapS = texture.wrapT = RepeatWrapping;
  texture.colorSpace = SRGBColorSpace;
  texture.anisotropy = 4;
  textures.set(key, texture);
  return texture;
}
