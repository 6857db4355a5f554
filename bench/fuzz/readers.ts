import { readFileSync } from "node:fs";
import { planOf } from "../../src/core/build";
import { derive } from "../../src/core/derive";
import {
  exampleCsv,
  parseHabitat,
  parseIngredients,
  parseOwn,
  parseRecipe,
  printHabitat,
  printIngredients,
  printOwn,
  printRecipe,
} from "../../src/core/files";
import { packer, type BackupKind } from "../../src/core/files/backup";
import { guessLayout, readTable } from "../../src/core/files/readingTable";
import { channelsIn, readSenml, samplesIn } from "../../src/core/files/senml";
import { dueList, duties } from "../../src/core/keeping";
import { nextByRule } from "../../src/core/keeping/rules";
import { saidOf } from "../../src/core/keeping/said";
import { STOCK } from "../../src/core/library";
import { blocksOfSamples, logNow, mustBeSamples, samplesOf, type Habitat } from "../../src/core/log";
import { EMPTY_SHELF } from "../../src/core/own";
import { readBackup } from "../../src/core/restoring";
import type { Chance } from "../../src/core/testing/anyValue";
import { demoHabitats } from "../../src/demo";
import { openArchive } from "../../src/workers/archive";
import { deflate } from "../../src/workers/deflate";
import { bytesSpoilt, jsonSpoilt, textSpoilt } from "./mutate";

const TODAY = "2026-03-02";
const NOW_MS = Date.UTC(2026, 2, 2, 10);

/** A reader tried with spoilt input: whether it took it, after what it took was put to full use. */
export type Tried = { name: string; share: number; once: (chance: Chance) => Promise<boolean> };

class Unusable extends Error {}
const mustBe = (holds: boolean, what: string): void => {
  if (!holds) throw new Unusable(what);
};

/** All that the application works out of a habitat, on its pages and on the Shelf. */
function used({ design, events, samples }: Habitat): void {
  const log = logNow({ events, samples }, TODAY);
  const derived = derive(design, log, STOCK);
  const dues = dueList(derived, log, TODAY, nextByRule);
  duties(derived, TODAY);
  planOf(derived, log.state, TODAY);
  const bySeries = Object.fromEntries(
    [...new Set(samples.map(({ series }) => series))].map((series) => [
      series,
      samples.filter((block) => block.series === series).flatMap(samplesOf),
    ]),
  );
  const { outlook, bands } = derived;
  saidOf({ scene: derived, outlook, state: log.state, events, bands, dues, today: TODAY }, bySeries);
}

function habitatTaken(text: string): boolean {
  const read = parseHabitat(text);
  if (!read.ok) return false;
  used(read.habitat);
  const printed = printHabitat(read.habitat);
  const again = parseHabitat(printed);
  mustBe(again.ok && printHabitat(again.habitat) === printed, "a habitat's file does not come back");
  return true;
}

const small = (habitat: Habitat): Habitat => ({
  ...habitat,
  events: habitat.events.slice(0, 60),
  samples: habitat.samples.slice(0, 6),
});
const habitats = demoHabitats(TODAY).map(small);
const frozen = Array.from({ length: 12 }, (_, n) =>
  readFileSync(new URL(`../../src/core/files/fixtures/habitat-v${n + 1}.json`, import.meta.url), "utf8"),
);
const files = [...habitats.map(printHabitat), ...frozen].map((text) => ({
  text,
  document: JSON.parse(text) as unknown,
}));
const anyOf = <T>(items: readonly T[], chance: Chance): T => items[Math.floor(chance() * items.length)] as T;

const owns = [1, 2, 3].map((version) =>
  readFileSync(new URL(`../../src/core/files/fixtures/own-v${version}.json`, import.meta.url), "utf8"),
);
owns.push(printOwn(EMPTY_SHELF));

function ownTaken(text: string): boolean {
  const read = parseOwn(text);
  if (!read.ok) return false;
  const again = parseOwn(printOwn(read.shelf));
  mustBe(again.ok && printOwn(again.shelf) === printOwn(read.shelf), "own entries do not come back");
  return true;
}

const recipe = printRecipe({ name: "Fernwall soil", parts: [{ ingredientId: "coir", parts: 3 }], ingredients: [] });
function recipeTaken(text: string): boolean {
  const read = parseRecipe(text);
  if (!read.ok) return false;
  const again = parseRecipe(printRecipe(read.recipe));
  mustBe(again.ok, "a recipe does not come back");
  return true;
}

const table = exampleCsv();
function tableTaken(text: string): boolean {
  const { ingredients } = parseIngredients(text, (at) => `own${at}`);
  const again = parseIngredients(printIngredients(ingredients), (at) => `own${at}`);
  mustBe(again.ingredients.length === ingredients.length, "ingredients do not come back");
  return ingredients.length > 0;
}

const LOGS = [
  "Time,Temp (°C),Humidity %\n2026-03-01 10:00,24.5,80\n2026-03-01 10:05,24.6,81\n2026-03-01 10:10,24.7,82\n",
  "Datum;Uhrzeit;Temp °F\n15.09.2025;14:00;78,3\n15.09.2025;14:30;78,9\n16.09.2025;02:00;71,1\n",
  "date\ttemp warm\trh cool\n03/25/2026 1:30 PM\t26\t70\n03/25/2026 1:45 PM\t26.5\t71\n",
];
const ZONES = ["UTC", "Europe/Berlin", "America/New_York", "Asia/Kolkata"];
function loggerTaken(text: string, chance: Chance): boolean {
  const { layout } = guessLayout(text);
  const { samples } = readTable(text, layout, anyOf(ZONES, chance));
  mustBeSamples(blocksOfSamples(samples));
  return samples.length > 0;
}

const PACKS: readonly unknown[] = [
  [
    { bn: "hub/warmEnd/", bt: 1_772_000_000, bu: "Cel", n: "t", v: 24 },
    { n: "t", t: 60, v: 24.2 },
    { n: "h", u: "%RH", t: 60, v: 80 },
  ],
  [
    { n: "basking/uvIndex", bt: 1_772_000_000_000, v: 3 },
    { n: "x", u: "constructor", vs: "on" },
  ],
];
function senmlTaken(text: string): boolean {
  const read = readSenml(text, NOW_MS);
  if (!read.ok) return false;
  const { samples } = samplesIn(read.records, channelsIn(read.records));
  mustBeSamples(blocksOfSamples(samples));
  return samples.length > 0;
}

async function* whole(bytes: Uint8Array): AsyncGenerator<Uint8Array> {
  yield bytes;
}

/** A backup of two habitats, own entries and a photograph, some of them spoilt before they are packed. */
async function anyZip(chance: Chance): Promise<Uint8Array<ArrayBuffer>> {
  const pieces: Uint8Array[] = [];
  const into = packer("2026-03-02T10:00:00.000Z", deflate, (piece) => pieces.push(piece.slice()));
  const told: { path: string; kind: BackupKind; text: string }[] = [
    ...files.slice(0, 2).map(({ text }, n) => ({ path: `habitats/${n}.json`, kind: "habitat" as const, text })),
    { path: "own.json", kind: "own", text: anyOf(owns, chance) },
    {
      path: "bins.json",
      kind: "bins",
      text: '{"format":"rincon-bins","formatVersion":1,"currency":"EUR","stock":[],"packs":[]}',
    },
    {
      path: "aside/1.json",
      kind: "aside",
      text: '{"id":"a","habitatId":null,"name":"A","why":"older","at":"2026-01-01T00:00:00Z"}',
    },
    {
      path: "unread/1.json",
      kind: "unread",
      text: '{"id":"u","updatedAt":"2026-01-01T00:00:00Z","document":{},"events":[],"samples":[]}',
    },
  ];
  for (const { text, ...file } of told) {
    const spoilt = chance() < 0.3 ? jsonSpoilt(JSON.parse(text), text, chance) : text;
    await into.add(file, whole(new TextEncoder().encode(spoilt)));
  }
  const photo = {
    id: "p",
    habitatId: "h",
    takenOn: anyOf(["2026-02-03", "0000-00-00"], chance),
    widthPx: 4,
    heightPx: 3,
  };
  await into.add({ path: "photos/p.jpg", kind: "photo", photo }, whole(new Uint8Array([255, 216, 0, 1])));
  await into.finish();
  return new Uint8Array(Buffer.concat(pieces));
}

async function zipTaken(chance: Chance): Promise<boolean> {
  const zip = await anyZip(chance);
  const archive = await openArchive(new Blob([chance() < 0.6 ? bytesSpoilt(zip, chance) : zip])).catch(() => undefined);
  const read = archive && (await readBackup(archive, () => undefined));
  if (!read?.ok) return false;
  for (const habitat of read.habitats) used(habitat);
  for (const { path } of read.photos)
    for await (const piece of archive?.read(path) ?? []) mustBe(piece.length >= 0, path);
  return true;
}

/** Every reader of what comes in, with its share of the tries. */
export const READERS: readonly Tried[] = [
  {
    name: "habitat files",
    share: 0.4,
    once: async (chance) => {
      const { text, document } = anyOf(files, chance);
      return habitatTaken(jsonSpoilt(document, text, chance));
    },
  },
  {
    name: "own entries",
    share: 0.1,
    once: async (chance) => {
      const text = anyOf(owns, chance);
      return ownTaken(jsonSpoilt(JSON.parse(text), text, chance));
    },
  },
  { name: "recipes", share: 0.08, once: async (chance) => recipeTaken(jsonSpoilt(JSON.parse(recipe), recipe, chance)) },
  { name: "tables of ingredients", share: 0.08, once: async (chance) => tableTaken(textSpoilt(table, chance)) },
  {
    name: "loggers' tables",
    share: 0.16,
    once: async (chance) => loggerTaken(textSpoilt(anyOf(LOGS, chance), chance), chance),
  },
  {
    name: "SenML",
    share: 0.15,
    once: async (chance) => {
      const pack = anyOf(PACKS, chance);
      return senmlTaken(jsonSpoilt(pack, JSON.stringify(pack), chance));
    },
  },
  { name: "backups", share: 0.03, once: zipTaken },
];
