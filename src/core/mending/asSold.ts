import type { Command } from "../habitat";
import { CM_PER_INCH, type UnitSystem } from "../units";
import type { MendPart } from "./part";

type Sides = { [side in "widthCm" | "depthCm" | "heightCm"]?: number | undefined };
const SIDES = ["widthCm", "depthCm", "heightCm"] as const;
const HAIR = 1e-6;

/** Up to the next whole inch or centimetre: what a tape shows, and boxes are sold in. */
function roundedUp<T extends Sides>(box: T, system: UnitSystem): T {
  const unitCm = system === "us" ? CM_PER_INCH : 1;
  const up = (cm: number): number => Math.ceil(cm / unitCm - HAIR) * unitCm;
  const sides = SIDES.flatMap((side) => {
    const cm = box[side];
    return cm === undefined ? [] : [[side, up(cm)] as const];
  });
  return { ...box, ...Object.fromEntries(sides) };
}

type Told = { commands: readonly Command[]; parts: readonly MendPart[] };

const isLarger = (part: MendPart): boolean => part.code === "boxTooSmall" && part.quantities.variant === "larger";

/**
 * A mend that asks for a larger box, in whole inches or centimetres: nobody can buy or cut 35 7/16 in. A little more
 * room than the least is no loss.
 *
 * @example asSold(mend, "us").commands // setShell to 36 × 18 × 18 in
 */
export function asSold<M extends Told>(mend: M, system: UnitSystem): M {
  if (!mend.parts.some(isLarger)) return mend;
  const commands = mend.commands.map((command): Command =>
    command.name === "setShell" ? { ...command, args: roundedUp(command.args, system) } : command,
  );
  const parts = mend.parts.map((part) =>
    isLarger(part) ? ({ ...part, quantities: roundedUp(part.quantities as Sides, system) } as MendPart) : part,
  );
  return { ...mend, commands, parts };
}
