/** The kinds that are small enough to come with the program. */
import { barriers } from "./data/barriers";
import { boxBuilds, boxSizes } from "./data/boxes";
import { drainageMedia } from "./data/drainage";
import { dressings } from "./data/dressings";
import { falseBottoms, pieceKinds, supplies, wallFinishes, wallTreatments } from "./data/structures";
import type { Stock } from "./stock";
import type { ChunkedKind } from "./chunks";

export const smallStock: Omit<Stock, ChunkedKind> = {
  drainageMedia,
  barriers,
  dressings,
  boxBuilds,
  boxSizes,
  falseBottoms,
  wallTreatments,
  wallFinishes,
  pieceKinds,
  supplies,
};
