import type { Assessed } from "../../findings";
import type { Command, Piece } from "../../habitat";
import { freePlace } from "../../placing";
import { sceneOf } from "../../scene";
import { attempt } from "../../habitat";

/** Set up by a mend, nothing takes more of the box than this. Rincon's own. */
export const MOST_OF_HEIGHT = 0.4;
const MOST_OF_SIDE = 0.45;

const freeId = (pieces: readonly Piece[], id: string): string =>
  pieces.some((piece) => piece.id === id) ? freeId(pieces, `${id}-2`) : id;

type Wish = { kindId: string; name: string; xCm: number; yCm: number; rest?: Piece["rest"] };

/** A piece of a kind, no larger than the box allows, at the free place nearest to where it is wished. */
export function setUpOne(assessed: Assessed, { kindId, name, ...wish }: Wish): Command | undefined {
  const { habitat, library } = assessed;
  const { widthCm, depthCm, heightCm, rests } = library.get("pieceKinds", kindId);
  const { shell } = habitat;
  const rest = wish.rest ?? (rests === "glass" ? { on: "glass" as const } : { on: "ground" as const, sunkCm: 0 });
  const piece: Piece = {
    id: freeId(habitat.pieces, name),
    kindId,
    xCm: wish.xCm,
    yCm: wish.yCm,
    rest,
    turnDeg: 0,
    fillMixId: null,
    widthCm: Math.min(widthCm, shell.widthCm * MOST_OF_SIDE),
    depthCm: Math.min(depthCm, shell.depthCm * MOST_OF_SIDE),
    heightCm: Math.min(heightCm, shell.heightCm * MOST_OF_HEIGHT),
  };
  const place = freePlace(assessed, piece);
  return place && { name: "addPiece", args: { ...piece, ...place } };
}

/**
 * Pieces set up one after the other, each clear of those before it.
 *
 * @returns none where one of them finds no room
 */
export function setUpAll(assessed: Assessed, wishes: readonly Wish[]): Command[] {
  let now: Assessed = assessed;
  const commands: Command[] = [];
  for (const wish of wishes) {
    const command = setUpOne(now, wish);
    const tried = command && attempt(now.habitat, [command], now.library);
    if (!command || !tried?.ok) return [];
    commands.push(command);
    now = { ...now, ...sceneOf(tried.design, now.library) };
  }
  return commands;
}
