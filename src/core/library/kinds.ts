import { WHOLE_KINDS } from "../catalog/chunks/wholeKinds";
import type { CatalogKind } from "../catalog/stock";
import { isChunked, isWhole, read } from "./stocked";

/** Reads kinds whole. @throws what the reading throws, when a part cannot be fetched */
export async function readKinds(kinds: readonly CatalogKind[]): Promise<void> {
  const missing = kinds.filter(isChunked).filter((kind) => !isWhole(kind));
  await Promise.all(missing.map((kind) => read(kind, WHOLE_KINDS[kind])));
}
