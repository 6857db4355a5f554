import type { Corners } from "./schema";

/** The same depth at every corner. @example levelCorners(8).backLeftCm // 8 */
export const levelCorners = (depthCm: number): Corners => slopedCorners(depthCm, depthCm);

/** One depth in front, one at the back. @example slopedCorners(8, 14).backRightCm // 14 */
export const slopedCorners = (frontCm: number, backCm: number): Corners => ({
  frontLeftCm: frontCm,
  frontRightCm: frontCm,
  backLeftCm: backCm,
  backRightCm: backCm,
});
