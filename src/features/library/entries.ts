import { OWN_KINDS } from "@/core/catalog";
import type { CatalogEntry, CatalogKind, ClimateClass, OwnEntry, OwnKind } from "@/core/catalog";
import type { Design } from "@/core/habitat";
import type { Library } from "@/core/library";
import { crewClimates, crewFit, plantClimates, plantFit } from "@/core/living";
import { sceneOf } from "@/core/scene";

export type Shown = CatalogEntry<CatalogKind> | OwnEntry;

export const ownKindOf = (kind: CatalogKind): OwnKind | undefined => OWN_KINDS.find((one) => one === kind);

/** All entries of a kind, the builder's own first. */
export function entriesOf(kind: CatalogKind, library: Library): readonly Shown[] {
  const all = library.all(kind);
  const isOwn = ({ id }: Shown) => library.ownName(kind, id) !== undefined;
  return [...all.filter(isOwn), ...all.filter((entry) => !isOwn(entry))];
}

/** Every name an entry is found by. */
export const latinOf = (entry: Shown): string => ("scientificName" in entry ? entry.scientificName : "");
export const synonymsOf = (entry: Shown): readonly string[] => ("synonyms" in entry ? entry.synonyms : []);

/** What an entry is filed under within its shelf. */
export function subKindOf(entry: Shown): string | undefined {
  if ("purpose" in entry) return entry.purpose;
  if ("family" in entry) return entry.family;
  if ("kind" in entry) return entry.kind;
  if ("eats" in entry) return entry.group;
  return "matter" in entry ? entry.matter : undefined;
}

/** The climates an entry is for; undefined where that is no question. */
export function climatesFor(entry: Shown): readonly ClimateClass[] | undefined {
  if ("climate" in entry) return [entry.climate];
  if ("climates" in entry) return entry.climates;
  if ("light" in entry) return plantClimates(entry);
  return "eats" in entry ? crewClimates(entry) : undefined;
}

/** Which entries fit a habitat; undefined where fitting is no question. */
export function fittingIds(
  kind: CatalogKind,
  entries: readonly Shown[],
  habitat: Design,
  library: Library,
): ReadonlySet<string> | undefined {
  if (kind !== "plants" && kind !== "crew") return undefined;
  const scene = sceneOf(habitat, library);
  const fits = (entry: Shown): boolean => {
    if ("light" in entry) return plantFit(entry, scene).verdict !== "misfit";
    return "eats" in entry && crewFit(entry, scene).verdict !== "misfit";
  };
  return new Set(entries.filter(fits).map(({ id }) => id));
}
