import type { Command } from "../habitat";
import { CM_PER_INCH, type UnitSystem } from "../units";
import type { MendPart } from "./part";

type Sides = { [side in "widthCm" | "depthCm" | "heightCm"]?: number | undefined };
const SIDES = ["widthCm", "depthCm", "heightCm"] as const;
const HAIR = 1e-6;

type Rounding = (units: number) => number;
const up: Rounding = (units) => Math.ceil(units - HAIR);
const down: Rounding = (units) => Math.floor(units + HAIR);

/** In whole inches or centimetres: what a tape shows, and boxes are sold in. */
function inWhole<T extends Sides>(box: T, system: UnitSystem, rounding: Rounding): T {
  const unitCm = system === "us" ? CM_PER_INCH : 1;
  const sides = SIDES.flatMap((side) => {
    const cm = box[side];
    return cm === undefined ? [] : [[side, rounding(cm / unitCm) * unitCm] as const];
  });
  return { ...box, ...Object.fromEntries(sides) };
}

type Sized = { commands: readonly Command[]; parts: readonly MendPart[] };

/** Which way the box of a part may be rounded: a larger one up, a smaller one down; another is none. */
function roundingOf({ code, quantities }: MendPart): Rounding | undefined {
  if (code === "boxTooSmall" && quantities.variant === "larger") return up;
  return code === "boxTooLarge" && quantities.variant === "smaller" ? down : undefined;
}

/**
 * A mend that asks for a larger or a smaller box, in whole inches or centimetres: nobody can buy or cut 35 7/16 in. A little more
 * room than the least is no loss, nor a little less than the most.
 *
 * @example asSold(mend, "us").commands // setShell to 36 × 18 × 18 in
 */
export function asSold<M extends Sized>(mend: M, system: UnitSystem): M {
  const rounding = mend.parts.map(roundingOf).find((one) => one !== undefined);
  if (!rounding) return mend;
  const commands = mend.commands.map((command): Command =>
    command.name === "setShell" ? { ...command, args: inWhole(command.args, system, rounding) } : command,
  );
  const parts = mend.parts.map((part) =>
    roundingOf(part)
      ? ({ ...part, quantities: inWhole(part.quantities as Sides, system, rounding) } as MendPart)
      : part,
  );
  return { ...mend, commands, parts };
}
