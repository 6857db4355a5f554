/** Turns any older document into today's; a newer one is refused. */
import type { Migration } from "./migration";
import { v1ToV2 } from "./v1ToV2";
import { v2ToV3 } from "./v2ToV3";
import { v3ToV4 } from "./v3ToV4";
import { v4ToV5 } from "./v4ToV5";
import { v5ToV6 } from "./v5ToV6";
import { v6ToV7 } from "./v6ToV7";
import { v7ToV8 } from "./v7ToV8";
import { v8ToV9 } from "./v8ToV9";
import { v9ToV10 } from "./v9ToV10";
import { v10ToV11 } from "./v10ToV11";
import { v11ToV12 } from "./v11ToV12";
import { v12ToV13 } from "./v12ToV13";

export type { Migration };
export { sampleInstantNow, timesNow } from "./v12ToV13";

/** In order: the first takes version 1 to 2. */
const MIGRATIONS: readonly Migration[] = [
  v1ToV2,
  v2ToV3,
  v3ToV4,
  v4ToV5,
  v5ToV6,
  v6ToV7,
  v7ToV8,
  v8ToV9,
  v9ToV10,
  v10ToV11,
  v11ToV12,
  v12ToV13,
];

export const FORMAT = "rincon-habitat";
export const FORMAT_VERSION = MIGRATIONS.length + 1;

export class NewerVersionError extends Error {
  constructor(
    readonly found: number,
    readonly known: number,
  ) {
    super(`formatVersion: the document is version ${found}, this program knows up to ${known}`);
  }
}

/**
 * Brings a parsed document up to today's version. The input is not changed.
 *
 * @param document parsed JSON that carries `formatVersion`
 * @throws RangeError when `formatVersion` is no whole number from 1; NewerVersionError when it is from a later program
 * @example migrate({ formatVersion: 1, name: "Fernwall" }) // as today's version, with what version 1 left unsaid
 */
export function migrate(
  document: Record<string, unknown>,
  migrations: readonly Migration[] = MIGRATIONS,
  today: number = FORMAT_VERSION,
): Record<string, unknown> {
  const found = document.formatVersion;
  if (typeof found !== "number" || !Number.isInteger(found) || found < 1) {
    throw new RangeError("formatVersion: not a whole number from 1");
  }
  if (found > today) throw new NewerVersionError(found, today);
  return migrations
    .slice(found - 1, today - 1)
    .reduce((before, step, at) => ({ ...step(before), formatVersion: found + at + 1 }), document);
}
