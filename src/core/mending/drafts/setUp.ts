import type { Assessed } from "../../findings";
import { freePlace } from "../../placing";
import { sceneOf } from "../../scene";
import { attempt, usualSlabs, type Command, type Piece } from "../../habitat";
import { freeId } from "./freeIds";

/** Set up by a mend, nothing takes more of the box than this. Rincon's own. */
export const MOST_OF_HEIGHT = 0.4;
const MOST_OF_SIDE = 0.45;

type Wish = {
  kindId: string;
  name: string;
  xCm: number;
  yCm: number;
  rest?: Piece["rest"];
  heightCm?: number;
  /** How long it is at the least. */
  leastCm?: number;
};

/** A piece of a kind as it is wished, no larger than the box allows. */
function pieceOf({ habitat, library }: Assessed, { kindId, id, ...wish }: Omit<Wish, "name"> & { id: string }): Piece {
  const { widthCm, depthCm, rests, form, ...kind } = library.get("pieceKinds", kindId);
  const { shell } = habitat;
  const larger = Math.max(1, (wish.leastCm ?? 0) / Math.max(widthCm, depthCm));
  const heightCm = wish.heightCm ?? Math.min(kind.heightCm * larger, shell.heightCm * MOST_OF_HEIGHT);
  return {
    id,
    kindId,
    xCm: wish.xCm,
    yCm: wish.yCm,
    rest: wish.rest ?? (rests === "glass" ? { on: "glass" } : { on: "ground", sunkCm: 0 }),
    turnDeg: 0,
    tilt: null,
    slabs: form === "slabs" ? usualSlabs(heightCm) : null,
    fillMixId: null,
    widthCm: Math.min(widthCm * larger, shell.widthCm * MOST_OF_SIDE),
    depthCm: Math.min(depthCm * larger, shell.depthCm * MOST_OF_SIDE),
    heightCm,
  };
}

/** As it is usually bought, or a smaller one where that finds no room. */
const SIZES = [1, 0.75, 0.55] as const;

/** A piece of a kind at the free place nearest to where it is wished, as large as it finds room. */
export function setUpOne(
  assessed: Assessed,
  { name, ...wish }: Wish,
  sizes: readonly number[] = SIZES,
): Command | undefined {
  const usual = pieceOf(assessed, { ...wish, id: freeId(assessed.habitat.pieces, name) });
  for (const share of sizes) {
    const piece = { ...usual, widthCm: usual.widthCm * share, depthCm: usual.depthCm * share };
    if (Math.max(piece.widthCm, piece.depthCm) < (wish.leastCm ?? 0)) continue;
    const place = freePlace(assessed, piece);
    if (place) return { name: "addPiece", args: { ...piece, ...place } };
  }
  return undefined;
}

/**
 * Pieces set up one after the other, each clear of those before it: each as large as it can be, or all of them smaller
 * where the first took the room of the last.
 *
 * @returns none where one of them finds no room
 */
export function setUpAll(assessed: Assessed, wishes: readonly Wish[]): Command[] {
  const anySize = setUpSized(assessed, wishes, SIZES);
  if (anySize.length > 0 || wishes.length < 2) return anySize;
  const smaller = SIZES.slice(1).map((_, n) => SIZES.slice(n + 1));
  for (const sizes of smaller) {
    const commands = setUpSized(assessed, wishes, sizes);
    if (commands.length > 0) return commands;
  }
  return [];
}

function setUpSized(assessed: Assessed, wishes: readonly Wish[], sizes: readonly number[]): Command[] {
  let now: Assessed = assessed;
  const commands: Command[] = [];
  for (const wish of wishes) {
    const command = setUpOne(now, wish, sizes);
    const tried = command && attempt(now.habitat, [command], now.library);
    if (!command || !tried?.ok) return [];
    commands.push(command);
    now = { ...now, ...sceneOf(tried.design, now.library) };
  }
  return commands;
}
