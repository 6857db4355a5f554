/** What is planted, seeded and set up in the demo boxes, in short. */
import { STOCK } from "@/core/library";
import type { Command } from "@/core/habitat";

export const plant = (id: string, plantId: string, xCm: number, yCm: number): Command => ({
  name: "addPlant",
  args: { id, plantId, xCm, yCm },
});
export const crew = (crewId: string, count: number): Command => ({ name: "setCrew", args: { crewId, count } });

type PieceArgs = Extract<Command, { name: "addPiece" }>["args"];
export const GLASS: PieceArgs["rest"] = { on: "glass" };
export const onGround = (sunkCm = 0): PieceArgs["rest"] => ({ on: "ground", sunkCm });
export const onWall = (upCm: number): PieceArgs["rest"] => ({ on: "wall", upCm });

/** A piece in the usual size of its kind, or in one of its own. */
export function piece(
  id: string,
  kindId: string,
  xCm: number,
  yCm: number,
  rest: PieceArgs["rest"],
  more: Partial<PieceArgs> = {},
): Command {
  const { widthCm, depthCm, heightCm } = STOCK.get("pieceKinds", kindId);
  return {
    name: "addPiece",
    args: { id, kindId, xCm, yCm, rest, turnDeg: 0, widthCm, depthCm, heightCm, fillMixId: null, ...more },
  };
}

type GearArgs = Extract<Command, { name: "addGear" }>["args"];
/** A piece of gear as its kind is usually bought, placed and run, but for what is told. */
export const gear = (id: string, kindId: string, more: Partial<GearArgs> = {}): Command => ({
  name: "addGear",
  args: { id, kindId, ...more },
});

/** Sockets the house guards, with each cable hung in a loop. */
export const SAFE_SOCKETS: Command = { name: "setPower", args: { guarded: true, dripLoops: true, pricePerKWh: 0.32 } };
