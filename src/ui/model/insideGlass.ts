import { Matrix4, Vector3, type BufferGeometry } from "three";
import type { Shell } from "@/core/habitat";

/** Where a body stands in the box, how far it is turned about its axis, and how it is stretched. */
export type Placement = {
  position: [number, number, number];
  round: number;
  scale: [number, number, number];
};

const NOT_STRETCHED: [number, number, number] = [1, 1, 1];
const CLEAR_CM = 0.3;

const within = (value: number, low: number, high: number): number => Math.min(high, Math.max(low, value));

/**
 * A body that stays within the glass: itself where it does, else a copy whose leaves lie against the panes. The copy is
 * turned and stretched already.
 */
export function insideGlass(
  body: BufferGeometry,
  at: Placement,
  { widthCm, depthCm, heightCm }: Pick<Shell, "widthCm" | "depthCm" | "heightCm">,
): { body: BufferGeometry; at: Placement } {
  const turned = body
    .clone()
    .applyMatrix4(new Matrix4().makeRotationY(at.round).multiply(new Matrix4().makeScale(...at.scale)));
  const [x, y, z] = at.position;
  const low = new Vector3(CLEAR_CM - x, -y, CLEAR_CM - depthCm - z);
  const high = new Vector3(widthCm - CLEAR_CM - x, heightCm - CLEAR_CM - y, -CLEAR_CM - z);
  turned.computeBoundingBox();
  const reach = turned.boundingBox;
  const fits = reach && reach.min.clone().max(low).equals(reach.min) && reach.max.clone().min(high).equals(reach.max);
  if (fits) {
    turned.dispose();
    return { body, at };
  }
  const points = turned.getAttribute("position");
  for (let n = 0; n < points.count; n += 1)
    points.setXYZ(
      n,
      within(points.getX(n), low.x, high.x),
      within(points.getY(n), low.y, high.y),
      within(points.getZ(n), low.z, high.z),
    );
  turned.computeBoundingBox();
  return { body: turned, at: { position: at.position, round: 0, scale: NOT_STRETCHED } };
}
