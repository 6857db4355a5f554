import type { CatalogKind } from "../catalog";
import type { Command, Design } from "../habitat";
import { STOCK } from "../library";

const floor = (n: number) => ({ xCm: (n * 7) % 50, yCm: (n * 5) % 40 });
const upright = { turnDeg: 0, widthCm: 2, depthCm: 2, heightCm: 2, fillMixId: null, rest: { on: "glass" } } as const;

const idAt = (kind: CatalogKind, n: number): string => STOCK.all(kind)[n]?.id ?? "none";
/** A strip of the floor, clear of all others. */
const strip = (n: number): [number, number][] => [
  [n * 6, 0],
  [n * 6 + 5, 0],
  [n * 6 + 5, 40],
  [n * 6, 40],
];

type Growing = {
  list: string;
  most: number;
  of: (design: Design) => readonly unknown[];
  add: (n: number) => Command;
};

/** Every list a design holds, how many it may hold at the most, and the edit that adds one more. */
export const GROWING: readonly Growing[] = [
  {
    list: "layers",
    most: 40,
    of: ({ strata }) => strata.layers,
    add: (n) => ({
      name: "addLayer",
      args: { layer: { id: `l${n}`, kind: "drainage", materialId: "clayPebbles", depthCm: 0.2 } },
    }),
  },
  {
    list: "plants",
    most: 200,
    of: ({ plants }) => plants,
    add: (n) => ({ name: "addPlant", args: { id: `p${n}`, plantId: "nervePlant", ...floor(n) } }),
  },
  {
    list: "pieces",
    most: 60,
    of: ({ pieces }) => pieces,
    add: (n) => ({ name: "addPiece", args: { id: `s${n}`, kindId: "boulder", ...floor(n), ...upright } }),
  },
  {
    list: "gear",
    most: 60,
    of: ({ gear }) => gear,
    add: (n) => ({ name: "addGear", args: { id: `g${n}`, kindId: "ledBar", ...floor(n) } }),
  },
  {
    list: "mounds",
    most: 12,
    of: ({ strata }) => strata.layers.flatMap((layer) => (layer.kind === "soil" ? layer.mounds : [])),
    add: (n) => ({
      name: "addMound",
      args: { layerId: "soil-1", id: `m${n}`, form: "flat", ...floor(n), radiusCm: 3, topRadiusCm: 1, heightCm: 2 },
    }),
  },
  {
    list: "openings",
    most: 40,
    of: ({ shell }) => shell.openings,
    add: (n) => ({
      name: "addOpening",
      args: { id: `o${n}`, kind: "port", wall: "back", acrossCm: n % 50, upCm: 2, widthCm: 1, heightCm: 1 },
    }),
  },
  {
    list: "individuals",
    most: 200,
    of: ({ individuals }) => individuals,
    add: (n) => ({
      name: "addIndividual",
      args: { id: `i${n}`, name: `No ${n}`, animalId: "crocodileSkink", sex: "unknown", hatchedOn: null, origin: "" },
    }),
  },
  {
    list: "own",
    most: 60,
    of: ({ care }) => care.own,
    add: (n) => ({
      name: "addDuty",
      args: { id: `d${n}`, name: `Duty ${n}`, comes: { by: "days", days: 3 }, keepsPace: false, minutes: null },
    }),
  },
  {
    list: "own",
    most: 60,
    of: ({ build }) => build.own,
    add: (n) => ({
      name: "addTask",
      args: { id: `task:${n}`, name: `Step ${n}`, after: [], before: [], minutes: 5, waitDays: 0 },
    }),
  },
  {
    list: "answers",
    most: 200,
    of: ({ answers }) => answers,
    add: (n) => ({
      name: "answer",
      args: {
        ...{ code: "boxTooSmall", about: `a${n}`, cause: "", on: "2026-03-02" },
        answer: { kind: "accepted", reason: "It grows" },
      },
    }),
  },
  {
    list: "mates",
    most: 8,
    of: ({ brief }) => brief.mates,
    add: (n) => ({ name: "setMate", args: { animalId: idAt("animals", n), count: 1 } }),
  },
  {
    list: "crew",
    most: 40,
    of: ({ crew }) => crew,
    add: (n) => ({ name: "setCrew", args: { crewId: idAt("crew", n), count: 10 } }),
  },
  {
    list: "parts",
    most: 60,
    of: ({ mixes }) => mixes[0]?.parts ?? [],
    add: (n) => ({ name: "setPart", args: { mixId: "mix-1", ingredientId: idAt("ingredients", n), parts: 1 } }),
  },
  {
    list: "zones",
    most: 8,
    of: ({ strata }) => strata.zones,
    add: (n) => ({ name: "addZone", args: { id: `z${n}`, name: `Strip ${n}`, points: strip(n), retaining: null } }),
  },
];
