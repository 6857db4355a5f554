import type { Design, GearPiece, Layer } from "../habitat";

/** What of a design is held against another, in the order it is worked on. */
const PARTS = ["animal", "room", "box", "top", "walls", "layers", "mixes", "pieces", "plants", "crew", "gear"] as const;
type Part = (typeof PARTS)[number];

/** What is told of a piece of gear: its kind, how strong it is, where it is, and when it runs. */
export type GearTold = Pick<GearPiece, "kindId" | "powerW" | "place" | "run" | "months">;

/** One thing that is told of a part: a code with its quantities. */
export type Line =
  | { code: "animal"; animalId: string; count: number }
  | { code: "room"; roomC: number; roomRh: number }
  | { code: "box"; widthCm: number; depthCm: number; heightCm: number; sillCm: number }
  | { code: "build"; buildId: string; wallMm: number }
  | { code: "top"; lid: Design["shell"]["top"]["lid"]; coveredPct: number }
  | { code: "wall"; wall: string; treatmentId: string; thicknessCm: number; fromCm: number }
  | { code: "layer"; materialId: string; depthCm: number }
  | { code: "sheet"; materialId: string }
  | { code: "soil"; frontCm: number; backCm: number }
  | { code: "water"; lineCm: number }
  | { code: "part"; ingredientId: string; sharePct: number }
  | { code: "piece"; kindId: string; count: number }
  | { code: "plant"; plantId: string; count: number }
  | { code: "crew"; crewId: string; count: number }
  | { code: "starter"; supplyId: string }
  | ({ code: "gear"; count: number } & GearTold);

export type Difference = { part: Part; a: readonly Line[]; b: readonly Line[] };

const tenth = (value: number): number => Math.round(value * 10) / 10;

/** How many there are of each. */
function counted<T>(items: readonly T[], idOf: (item: T) => string): [id: string, count: number][] {
  const counts = new Map<string, number>();
  for (const item of items) counts.set(idOf(item), (counts.get(idOf(item)) ?? 0) + 1);
  return [...counts].toSorted(([one], [other]) => one.localeCompare(other));
}

function lineOfLayer(layer: Layer): Line {
  switch (layer.kind) {
    case "barrier":
      return { code: "sheet", materialId: layer.materialId };
    case "soil": {
      const { frontLeftCm, frontRightCm, backLeftCm, backRightCm } = layer.corners;
      const [frontCm, backCm] = [Math.min(frontLeftCm, frontRightCm), Math.max(backLeftCm, backRightCm)];
      return { code: "soil", frontCm: tenth(frontCm), backCm: tenth(backCm) };
    }
    default:
      return { code: "layer", materialId: layer.materialId, depthCm: tenth(layer.depthCm) };
  }
}

function linesOfMixes({ mixes }: Design): Line[] {
  return mixes.flatMap(({ parts }) => {
    const total = parts.reduce((sum, part) => sum + part.parts, 0);
    return parts.map(({ ingredientId, parts: share }): Line => ({
      code: "part",
      ingredientId,
      sharePct: Math.round((share / total) * 100),
    }));
  });
}

/** Pieces of gear, those that are alike in all that is told of them counted together. */
function linesOfGear({ gear }: Design): Line[] {
  const told = gear.map(({ kindId, powerW, place, run, months }): GearTold => ({ kindId, powerW, place, run, months }));
  const byKey = new Map(told.map((one) => [JSON.stringify(one), one]));
  return counted(told, (one) => JSON.stringify(one)).flatMap(([key, count]) => {
    const one = byKey.get(key);
    return one ? [{ code: "gear" as const, count, ...one }] : [];
  });
}

const LINES: Record<Part, (design: Design) => readonly Line[]> = {
  animal: ({ brief }) => [
    { code: "animal", animalId: brief.animalId, count: brief.count },
    ...brief.mates.map((mate): Line => ({ code: "animal", ...mate })),
  ],
  room: ({ brief }) => [{ code: "room", roomC: brief.room.temperatureC, roomRh: brief.room.humidityRh }],
  box: ({ shell: { widthCm, depthCm, heightCm, sillCm, buildId, wallMm } }) => [
    { code: "box", widthCm, depthCm, heightCm, sillCm },
    { code: "build", buildId, wallMm },
  ],
  top: ({ shell }) => [{ code: "top", ...shell.top }],
  walls: ({ shell }) =>
    shell.treatments.map(({ wall, treatmentId, thicknessCm, fromCm }) => ({
      code: "wall",
      wall,
      treatmentId,
      thicknessCm,
      fromCm: tenth(fromCm),
    })),
  layers: ({ strata }) => [
    ...strata.layers.toReversed().map(lineOfLayer),
    { code: "water", lineCm: tenth(strata.waterLineCm) },
  ],
  mixes: linesOfMixes,
  pieces: ({ pieces }) =>
    counted(pieces, ({ kindId }) => kindId).map(([kindId, count]) => ({ code: "piece", kindId, count })),
  plants: ({ plants }) =>
    counted(plants, ({ plantId }) => plantId).map(([plantId, count]) => ({ code: "plant", plantId, count })),
  crew: ({ crew, starters }) => [
    ...crew.map(({ crewId, count }): Line => ({ code: "crew", crewId, count })),
    ...starters.map(({ supplyId }): Line => ({ code: "starter", supplyId })),
  ],
  gear: linesOfGear,
};

/**
 * What differs between two designs, part by part: of each only the lines the other does not have.
 *
 * @example differences(fernwall, deeper) // [{ part: "layers", a: [{ code: "soil", … }], b: [{ code: "soil", … }] }]
 */
export function differences(a: Design, b: Design): Difference[] {
  return PARTS.flatMap((part): Difference[] => {
    const [ofA, ofB] = [LINES[part](a), LINES[part](b)];
    const keys = (lines: readonly Line[]) => new Set(lines.map((line) => JSON.stringify(line)));
    const [inA, inB] = [keys(ofA), keys(ofB)];
    const only = (lines: readonly Line[], others: ReadonlySet<string>) =>
      lines.filter((line) => !others.has(JSON.stringify(line)));
    const difference: Difference = { part, a: only(ofA, inB), b: only(ofB, inA) };
    return difference.a.length + difference.b.length > 0 ? [difference] : [];
  });
}
