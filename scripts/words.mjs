/**
 * Says which words nobody says: keys of the English tables that the source names nowhere. The last line is the count.
 */
import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";

const TABLES = "src/words/en";
/** Names of entries are said by their ids; a test holds them against the catalogue. */
const NAMES = ["catalog.json", "things.json"];
const PLURAL = /_(one|other)$/;

const filesUnder = (folder) =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) =>
    entry.isDirectory() ? filesUnder(join(folder, entry.name)) : [join(folder, entry.name)],
  );
const keysOf = (table, path = []) =>
  Object.entries(table).flatMap(([key, value]) =>
    typeof value === "string" ? [[...path, key.replace(PLURAL, "")]] : keysOf(value, [...path, key]),
  );

const source = filesUnder("src")
  .filter((file) => /\.tsx?$/.test(file) && !/\.test\.tsx?$/.test(file) && !file.startsWith(join(TABLES)))
  .map((file) => readFileSync(file, "utf8"))
  .join("\n");
/** Keys named in full, and beginnings to which the source puts the rest: `say(\`mix:levels.${level}\`)`. */
const named = new Set([...source.matchAll(/["'`]([a-z]+:[\w.]+)["'`]/gi)].map(([, key]) => key));
const begun = [...source.matchAll(/["'`]([a-z]+:[\w.]*)\$\{/gi)].map(([, start]) => start);

const unused = readdirSync(TABLES)
  .filter((file) => file.endsWith(".json") && !NAMES.includes(file))
  .flatMap((file) => {
    const space = file.replace(".json", "");
    const table = JSON.parse(readFileSync(join(TABLES, file), "utf8"));
    return [...new Set(keysOf(table).map((path) => `${space}:${path.join(".")}`))];
  })
  .filter((key) => !named.has(key) && !begun.some((start) => start !== "" && key.startsWith(start)));

for (const key of unused) console.log(key);
console.log(`${unused.length} words that nobody says`);
process.exitCode = unused.length === 0 ? 0 : 1;
