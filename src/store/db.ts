import Dexie, { type EntityTable } from "dexie";
import type { OnlyRow } from "./oneDocument";

/** A stored habitat. The document is read through the core's reader, never trusted as it lies. */
export type StoredHabitat = { id: string; updatedAt: string; document: unknown };

class RinconDb extends Dexie {
  declare bins: EntityTable<OnlyRow, "id">;
  declare own: EntityTable<OnlyRow, "id">;
  declare habitats: EntityTable<StoredHabitat, "id">;

  constructor() {
    super("rincon");
    this.version(1).stores({ habitats: "id, updatedAt" });
    this.version(2).stores({ habitats: "id, updatedAt", bins: "id" });
    this.version(3).stores({ habitats: "id, updatedAt", bins: "id", own: "id" });
  }
}

let opened: RinconDb | undefined;

/** The one database, opened when first asked for: there is none on the server. */
export const db = (): RinconDb => (opened ??= new RinconDb());
