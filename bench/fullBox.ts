/**
 * The fullest box a builder might draw: 200 plants, 60 pieces, 6 zones each with soil of its own, 12 heaps. Seeded, so
 * that runs compare.
 */
import { applyAll, startHabitat, type Command, type Design } from "../src/core/habitat";
import { STOCK } from "../src/core/library";
import "../src/core/library/whole";
import { seeded } from "../src/core/random";

const BOX = { widthCm: 180, depthCm: 60, heightCm: 90, sillCm: 30, top: "mesh" } as const;
const COUNTS = { zones: 6, mounds: 12, pieces: 60, plants: 200 };
const KINDS = ["branch", "log", "corkFlat", "boulder", "slabStack", "dryHide"];

const chance = seeded(1126);
const between = (least: number, most: number): number => least + (most - least) * chance();
const times = <T>(count: number, make: (at: number) => T): T[] => Array.from({ length: count }, (_, at) => make(at));

/** Six strips along the front, each with a lift of its own. */
const zones = (): Command[] =>
  times(COUNTS.zones, (at) => {
    const [left, right] = [5 + at * 28, 5 + at * 28 + 24];
    const points: [number, number][] = [
      [left, 2],
      [right, 2],
      [right, 22],
      [left, 22],
    ];
    return { name: "addZone", args: { id: `zone-${at}`, name: `Bed ${at + 1}`, points, retaining: null } };
  });

const beds = (): Command[] =>
  times(COUNTS.zones, (at) => ({
    name: "addLayer",
    args: {
      layer: {
        id: `bed-${at}`,
        kind: "dressing",
        materialId: "oakLitter",
        depthCm: 2,
        over: { on: "zone", zoneId: `zone-${at}` },
      },
    },
  }));

const mounds = (): Command[] =>
  times(COUNTS.mounds, (at) => ({
    name: "addMound",
    args: {
      layerId: "soil-1",
      id: `mound-${at}`,
      form: at % 2 === 0 ? "dome" : "flat",
      xCm: between(10, 170),
      yCm: between(25, 55),
      radiusCm: between(6, 12),
      topRadiusCm: at % 2 === 0 ? 0 : 3,
      heightCm: between(3, 6),
    },
  }));

const pieces = (): Command[] =>
  times(COUNTS.pieces, (at) => {
    const kindId = KINDS[at % KINDS.length]!;
    const { widthCm, depthCm, heightCm } = STOCK.get("pieceKinds", kindId);
    const rest = at % 3 === 0 ? { on: "glass" as const } : { on: "ground" as const, sunkCm: at % 4 };
    const [xCm, yCm, turnDeg] = [between(10, 170), between(8, 52), between(-90, 90)];
    const size = { widthCm: widthCm * 0.7, depthCm: depthCm * 0.7, heightCm: heightCm * 0.7 };
    return { name: "addPiece", args: { id: `piece-${at}`, kindId, xCm, yCm, turnDeg, ...size, rest, fillMixId: null } };
  });

const plants = (): Command[] => {
  const kinds = STOCK.all("plants").slice(0, 40);
  return times(COUNTS.plants, (at) => {
    const plantId = kinds[at % kinds.length]!.id;
    return { name: "addPlant", args: { id: `plant-${at}`, plantId, xCm: between(3, 177), yCm: between(3, 57) } };
  });
};

/** The box, and what it holds as counts. */
export function fullBox(): Design {
  const start = startHabitat(
    {
      id: "full",
      name: "Full box",
      createdAt: "2026-03-02T08:00:00Z",
      startOn: "2026-03-02",
      animalId: "crocodileSkink",
      count: 2,
      room: { temperatureC: 21, humidityRh: 45 },
      shell: BOX,
    },
    STOCK,
  );
  return applyAll(start, [...zones(), ...beds(), ...mounds(), ...pieces(), ...plants()], STOCK);
}
