import Dexie, { type EntityTable } from "dexie";

/** A stored habitat. The document is read through the core's reader, never trusted as it lies. */
export type StoredHabitat = { id: string; updatedAt: string; document: unknown };

class RinconDb extends Dexie {
  declare habitats: EntityTable<StoredHabitat, "id">;

  constructor() {
    super("rincon");
    this.version(1).stores({ habitats: "id, updatedAt" });
  }
}

let opened: RinconDb | undefined;

/** The one database, opened when first asked for: there is none on the server. */
export const db = (): RinconDb => (opened ??= new RinconDb());
