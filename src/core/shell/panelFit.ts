import { rule } from "../catalog";
import type { Shell } from "../habitat";

export const PANEL_CODES = [
  "fits",
  "tooLong",
  "tooHigh",
  "tooShort",
  "tooLow",
  "passesDoor",
  "passesDoorTilted",
  "cannotPassDoor",
  "tiltsIn",
  "spans",
  "spansDiagonal",
  "rodTooLong",
  "rodTooShort",
] as const;
type PanelCode = (typeof PANEL_CODES)[number];
export type PanelReason = { code: PanelCode; weight: "good" | "look" | "harm" } & Record<string, number | string>;

/** A rigid flat piece meant to stand against a wall, or a straight one meant to span. cm. */
export type Rigid = { lengthCm: number; heightCm: number; thicknessCm: number };
export const PANEL_PLACES = ["back", "side", "spanWidth", "spanDepth", "spanDiagonal"] as const;
export type PanelPlace = (typeof PANEL_PLACES)[number];

/** A panel is short when the gap it leaves lets a small animal in behind. */
const SMALL_GAP_CM = 0.6;

/** The way in: the front above the sill where there is a door, else the open top. */
function wayIn(shell: Shell): { widthCm: number; heightCm: number } {
  return shell.sillCm > 0
    ? { widthCm: shell.widthCm, heightCm: Math.max(0, shell.heightCm - shell.sillCm) }
    : { widthCm: shell.widthCm, heightCm: shell.depthCm };
}

/** Whether a rectangle passes a rectangular way in end on: its two smaller sides must, turned at need. */
function passage(rigid: Rigid, shell: Shell): PanelReason {
  const door = wayIn(shell);
  const [thin = 0, middle = 0] = [rigid.lengthCm, rigid.heightCm, rigid.thicknessCm].sort((a, b) => a - b);
  const [low, wide] = [Math.min(door.widthCm, door.heightCm), Math.max(door.widthCm, door.heightCm)];
  const quantities = { doorWidthCm: door.widthCm, doorHeightCm: door.heightCm };
  if (thin <= low && middle <= wide) return { code: "passesDoor", weight: "good", ...quantities };
  // A thin board goes through slantwise, corner to corner.
  const diagonalCm = Math.hypot(door.widthCm, door.heightCm) - 2 * thin;
  if (middle <= diagonalCm) return { code: "passesDoorTilted", weight: "look", ...quantities, diagonalCm };
  return { code: "cannotPassDoor", weight: "harm", ...quantities, needCm: middle };
}

/** A panel as long as its wall but taken in turned: the inner diagonal must let it swing. */
function swing(lengthCm: number, thicknessCm: number, acrossCm: number, depthCm: number): PanelReason | undefined {
  const diagonalCm = Math.hypot(acrossCm, depthCm) - thicknessCm;
  return lengthCm > acrossCm - 1 && lengthCm <= diagonalCm
    ? { code: "tiltsIn", weight: "look", diagonalCm }
    : undefined;
}

function against(rigid: Rigid, shell: Shell, acrossCm: number, otherCm: number): PanelReason[] {
  const ease = rule("panelEaseCm");
  const found: PanelReason[] = [];
  if (rigid.lengthCm > acrossCm - ease)
    found.push({ code: "tooLong", weight: "harm", trimCm: rigid.lengthCm - (acrossCm - ease), innerCm: acrossCm });
  if (rigid.heightCm > shell.heightCm - ease)
    found.push({
      code: "tooHigh",
      weight: "harm",
      trimCm: rigid.heightCm - (shell.heightCm - ease),
      innerCm: shell.heightCm,
    });
  if (acrossCm - rigid.lengthCm > SMALL_GAP_CM)
    found.push({ code: "tooShort", weight: "look", gapCm: acrossCm - rigid.lengthCm });
  if (shell.heightCm - rigid.heightCm > SMALL_GAP_CM)
    found.push({ code: "tooLow", weight: "look", gapCm: shell.heightCm - rigid.heightCm });
  if (!found.some((reason) => reason.weight === "harm"))
    found.unshift({ code: "fits", weight: "good", innerCm: acrossCm });
  const turned = swing(rigid.lengthCm, rigid.thicknessCm, acrossCm, otherCm);
  return turned ? [...found, turned] : found;
}

/** What a straight piece meets: too long, just right, or short; and the diagonal that would take a long one. */
function spanning(rigid: Rigid, spanCm: number, diagonalCm: number): PanelReason[] {
  if (rigid.lengthCm < spanCm - SMALL_GAP_CM)
    return [{ code: "rodTooShort", weight: "harm", gapCm: spanCm - rigid.lengthCm, spanCm }];
  if (rigid.lengthCm <= spanCm) return [{ code: "spans", weight: "good", spanCm }];
  const long: PanelReason = { code: "rodTooLong", weight: "look", trimCm: rigid.lengthCm - spanCm, spanCm };
  return rigid.lengthCm <= diagonalCm ? [long, { code: "spansDiagonal", weight: "good", diagonalCm }] : [long];
}

/**
 * Whether a rigid piece fits where it is meant to go, before it is cut: against the inner size, through the way in,
 * along a diagonal.
 *
 * @example panelFit({ lengthCm: 61, heightCm: 45, thicknessCm: 2 }, shell, "back")[0]?.code // "tooLong" in a box 60 wide inside
 */
export function panelFit(rigid: Rigid, shell: Shell, place: PanelPlace): PanelReason[] {
  const { widthCm, depthCm, heightCm } = shell;
  const through = passage(rigid, shell);
  switch (place) {
    case "back":
      return [...against(rigid, shell, widthCm, depthCm), through];
    case "side":
      return [...against(rigid, shell, depthCm, widthCm), through];
    case "spanWidth":
      return [...spanning(rigid, widthCm, Math.hypot(widthCm, heightCm)), through];
    case "spanDepth":
      return [...spanning(rigid, depthCm, Math.hypot(depthCm, heightCm)), through];
    case "spanDiagonal":
      return [...spanning(rigid, Math.hypot(widthCm, heightCm), Math.hypot(widthCm, depthCm, heightCm)), through];
  }
}
