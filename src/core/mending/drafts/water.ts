import { isVessel, type Assessed, type FindingOf } from "../../findings";
import { attempt, type Command } from "../../habitat";
import { isLaid } from "../../log";
import { ground } from "../../strata";
import type { Draft, Menders } from "../mender";
import type { MendQuantities } from "../quantities";

type OverLine = FindingOf<"waterOverSafeLine">;
type Ways = Draft<MendQuantities["waterOverSafeLine"]>[];

/** Keeping a lower line from now on. */
const keepLower = ({ quantities }: OverLine): Ways => {
  const lineCm = Math.floor(quantities.safeCm * 10) / 10;
  return [
    { commands: [{ name: "setWaterLine", args: { waterLineCm: lineCm } }], quantities: { lineCm, variant: "lower" } },
  ];
};

const HAIR_CM = 1e-6;
const LEAST_DRAW_L = 0.01;

/** Drawing off what stands too high: what a keeper does, whatever the design says. */
const siphonOff = ({ quantities }: OverLine): Ways => {
  const { drawWaterL } = quantities;
  if (drawWaterL < LEAST_DRAW_L) return [];
  const waterL = Math.ceil(drawWaterL * 100) / 100;
  return [
    { commands: [], events: [{ kind: "drawnOff", on: "", waterL }], quantities: { drawWaterL, variant: "siphon" } },
  ];
};

/** Whether a line is safe once an edit is made. */
function isSafeAfter(command: Command, lineCm: number, { habitat, library }: Assessed): boolean {
  const tried = attempt(habitat, [command], library);
  const water = tried.ok ? ground(tried.design, library).water : undefined;
  return water !== undefined && water.safeLineCm >= lineCm - HAIR_CM;
}

/** Deeper drainage, so that the line is safe where it stands; not where another vessel governs it. */
function deepen({ quantities }: OverLine, assessed: Assessed): Ways {
  const { lineCm, safeCm } = quantities;
  const lowest = assessed.habitat.strata.layers.find(isVessel);
  if (!lowest) return [];
  const depthCm = Math.ceil((lowest.depthCm + lineCm - safeCm) * 2) / 2;
  const command: Command = { name: "setDepth", args: { layerId: lowest.id, depthCm } };
  return isSafeAfter(command, lineCm, assessed)
    ? [{ commands: [command], quantities: { depthCm, variant: "deepen" } }]
    : [];
}

export const waterMenders = {
  /**
   * In a box that is laid and planted the water is drawn off first, and the drainage deepened only as a rebuild; on
   * paper the line is lowered, or the drainage deepened, at once.
   */
  waterOverSafeLine: (finding, assessed) => {
    const designed = finding.quantities.variant === "design";
    const standing = !designed || isLaid(finding.phase);
    return [
      ...(designed ? keepLower(finding) : []),
      ...(standing ? siphonOff(finding) : []),
      ...deepen(finding, assessed),
    ];
  },
} satisfies Partial<Menders>;
