import type { Shell, Wall } from "./schema";

type Size = Pick<Shell, "widthCm" | "depthCm">;

/** Two walls facing each other always leave some floor between them. */
const MOST_OF_A_SIDE = 0.45;

const isSide = (wall: Wall): boolean => wall === "left" || wall === "right";

/** How long a wall is, cm. @example sideLengthCm({ widthCm: 60, depthCm: 40 }, "left") // 40 */
export const sideLengthCm = ({ widthCm, depthCm }: Size, wall: Wall): number => (isSide(wall) ? depthCm : widthCm);

/**
 * The most a wall's build may take of the box, cm.
 *
 * @example mostThicknessCm({ widthCm: 60, depthCm: 40 }, "back") // 18
 */
export const mostThicknessCm = ({ widthCm, depthCm }: Size, wall: Wall): number =>
  (isSide(wall) ? widthCm : depthCm) * MOST_OF_A_SIDE;
