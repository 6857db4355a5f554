import type { Design, GearPiece } from "./schema";

const BETWEEN_PANES: readonly GearPiece["place"][] = ["insideTop", "insideGuarded"];

/** Whether what is rigid hangs between the panes there. @example isBetweenPanes("aboveMesh") // false */
export const isBetweenPanes = (place: GearPiece["place"]): boolean => BETWEEN_PANES.includes(place);

type At = { xCm: number; yCm: number };
/** How long something is along the box and across, cm. */
export type Span = { alongCm: number; acrossCm: number };

const within = (cm: number, spanCm: number, roomCm: number): number =>
  spanCm >= roomCm ? roomCm / 2 : Math.min(Math.max(cm, spanCm / 2), roomCm - spanCm / 2);

/**
 * The place nearest to one where all of a thing is between the panes; the middle where it is too long.
 *
 * @example betweenPanes({ xCm: 20, yCm: 15 }, { alongCm: 28, acrossCm: 0 }, shellOf30).xCm // 16
 */
export const betweenPanes = (
  { xCm, yCm }: At,
  { alongCm, acrossCm }: Span,
  { widthCm, depthCm }: Pick<Design["shell"], "widthCm" | "depthCm">,
): At => ({ xCm: within(xCm, alongCm, widthCm), yCm: within(yCm, acrossCm, depthCm) });
