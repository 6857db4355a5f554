import { catalog, type CatalogEntry, type CatalogKind, type ClimateClass } from "@/core/catalog";
import type { Habitat } from "@/core/habitat";
import { climatesOf, crewFit, plantFit } from "@/core/living";
import { OWN_KINDS, type OwnEntry, type OwnKind, type OwnShelf } from "@/core/own";
import { ground } from "@/core/strata";

export type Shown = CatalogEntry<CatalogKind> | OwnEntry;

export const ownKindOf = (kind: CatalogKind): OwnKind | undefined => OWN_KINDS.find((one) => one === kind);

/** All entries of a shelf, the builder's own first. */
export function entriesOf(kind: CatalogKind, own: OwnShelf): readonly Shown[] {
  const mine = ownKindOf(kind);
  return [...(mine ? own[mine] : []), ...catalog[kind]];
}

/** Every name an entry is found by. */
export const latinOf = (entry: Shown): string => ("scientificName" in entry ? entry.scientificName : "");
export const synonymsOf = (entry: Shown): readonly string[] => ("synonyms" in entry ? entry.synonyms : []);

/** What an entry is filed under within its shelf. */
export const subKindOf = (entry: Shown): string | undefined =>
  "purpose" in entry
    ? entry.purpose
    : "kind" in entry
      ? entry.kind
      : "eats" in entry
        ? entry.group
        : "matter" in entry
          ? entry.matter
          : undefined;

/** The climates an entry is for; undefined where that is no question. */
export function climatesFor(entry: Shown): readonly ClimateClass[] | undefined {
  if ("climate" in entry) return [entry.climate];
  if ("climates" in entry) return entry.climates;
  return "light" in entry || "eats" in entry ? climatesOf(entry) : undefined;
}

/** Which entries fit a habitat; undefined where fitting is no question. */
export function fittingIds(
  kind: CatalogKind,
  entries: readonly Shown[],
  habitat: Habitat,
): ReadonlySet<string> | undefined {
  if (kind !== "plants" && kind !== "crew") return undefined;
  const land = ground(habitat);
  return new Set(
    entries
      .filter((entry) =>
        "light" in entry
          ? plantFit(entry, habitat, land).verdict !== "misfit"
          : "eats" in entry && crewFit(entry, habitat).verdict !== "misfit",
      )
      .map(({ id }) => id),
  );
}
