import { isBetweenPanes, type Design, type Span } from "../habitat";
import type { Fixture } from "./fitted";
import { lengthCmOf } from "./sizes";

/** How long it is along the box and across, cm. */
export const spanOf = (one: Pick<Fixture, "piece" | "kind">): Span => ({
  alongCm: Math.max(lengthCmOf(one), one.piece.size.widthCm ?? 0),
  acrossCm: one.piece.size.depthCm ?? 0,
});

/**
 * How far what hangs in the box would reach through a pane, cm; nothing for what fits where it hangs.
 *
 * @example overGlassCm(bar30At20, { widthCm: 30, depthCm: 30 }) // 5
 */
export function overGlassCm(fixture: Fixture, { widthCm, depthCm }: Pick<Design["shell"], "widthCm" | "depthCm">) {
  if (!isBetweenPanes(fixture.place)) return 0;
  const { alongCm, acrossCm } = spanOf(fixture);
  const over = (atCm: number, spanCm: number, roomCm: number) =>
    Math.max(spanCm / 2 - atCm, atCm + spanCm / 2 - roomCm, 0);
  return Math.max(over(fixture.xCm, alongCm, widthCm), over(fixture.yCm, acrossCm, depthCm));
}
