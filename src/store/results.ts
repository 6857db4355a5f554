import type { Solution } from "@/core/solve";
import { db } from "./db";

const MOST_KEPT = 200;

/** The hash of a text, in hexadecimal (SHA-256). */
async function hashOf(text: string): Promise<string> {
  const bytes = new Uint8Array(await crypto.subtle.digest("SHA-256", new TextEncoder().encode(text)));
  return Array.from(bytes, (byte) => byte.toString(16).padStart(2, "0")).join("");
}

/** Lets the oldest results go once there are too many. */
async function trim(): Promise<void> {
  const over = (await db().results.count()) - MOST_KEPT;
  if (over > 0) await db().results.bulkDelete(await db().results.orderBy("at").limit(over).primaryKeys());
}

/**
 * A result that takes long, kept by the hash of all it is worked out from: asked again, it is there at once. One that
 * was cut short is not kept, and without a database it is worked out anew each time.
 *
 * @param question everything the result depends on
 */
export async function remembered(question: string, work: () => Promise<Solution>): Promise<Solution> {
  const hash = await hashOf(question).catch(() => undefined);
  const before =
    hash === undefined
      ? undefined
      : await db()
          .results.get(hash)
          .catch(() => undefined);
  if (before) return before.result;
  const result = await work();
  if (hash !== undefined && result.status !== "stopped") {
    await db()
      .results.put({ hash, at: new Date().toISOString(), result })
      .then(trim)
      .catch(() => undefined);
  }
  return result;
}
