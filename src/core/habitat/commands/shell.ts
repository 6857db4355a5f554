import * as z from "zod";
import { innerFromOuter } from "../floor";
import {
  FloorSchema,
  IdSchema,
  OpeningSchema,
  ShellSchema,
  StandOnSchema,
  TopSchema,
  TreatmentSchema,
  type Design,
  type Opening,
  type Shell,
  type Treatment,
} from "../schema";
import { EditRefused } from "../problem";
import { againstWall, mostThicknessCm, sideLengthCm } from "../walls";
import { carriedAlong } from "./pieces";
import { changed, edit, mustBeFree, mustFind } from "./define";

/** Fields that were not given are left as they are. */
type Change = { [K in keyof Shell]?: Shell[K] | undefined };
const given = (change: Change): Partial<Shell> =>
  Object.fromEntries(Object.entries(change).filter(([, value]) => value !== undefined));

const withShell = (habitat: Design, shell: Partial<Shell>): Design => ({
  ...habitat,
  shell: { ...habitat.shell, ...shell },
});
const size = ShellSchema.pick({ widthCm: true, depthCm: true, heightCm: true });

type Size = Pick<Shell, "widthCm" | "depthCm">;
type Points = [number, number][];
const stretch = (points: Points, from: Size, to: Size): Points =>
  points.map(([x, y]) => [(x * to.widthCm) / from.widthCm, (y * to.depthCm) / from.depthCm]);

/** A drawn floor is a figure of its own: when the box changes size it is stretched with it. */
const stretched = ({ floor, ...from }: Shell, to: Size): Shell["floor"] =>
  floor.shape === "polygon" ? { ...floor, points: stretch(floor.points, from, to) } : floor;

/** An opening in a wall that has become shorter or lower is pushed in, and cut down where it must be. */
function refitted(opening: Opening, shell: Shell): Opening {
  const lengthCm = sideLengthCm(shell, opening.wall);
  const [widthCm, heightCm] = [Math.min(opening.widthCm, lengthCm), Math.min(opening.heightCm, shell.heightCm)];
  return {
    ...opening,
    widthCm,
    heightCm,
    acrossCm: Math.min(opening.acrossCm, lengthCm - widthCm),
    upCm: Math.min(opening.upCm, shell.heightCm - heightCm),
  };
}

const thinned = (treatment: Treatment, shell: Shell): Treatment => ({
  ...treatment,
  thicknessCm: Math.min(treatment.thicknessCm, mostThicknessCm(shell, treatment.wall)),
  fromCm: Math.min(treatment.fromCm, shell.heightCm / 2),
});

const pulledIn = <T extends { xCm: number; yCm: number }>(item: T, { widthCm, depthCm }: Size): T =>
  item.xCm <= widthCm && item.yCm <= depthCm
    ? item
    : { ...item, xCm: Math.min(item.xCm, widthCm), yCm: Math.min(item.yCm, depthCm) };

/** Zones are stretched with the floor they are drawn on. */
function stretchedZones(strata: Design["strata"], from: Size, to: Size): Design["strata"] {
  const same = from.widthCm === to.widthCm && from.depthCm === to.depthCm;
  if (same || strata.zones.length === 0) return strata;
  return { ...strata, zones: strata.zones.map((zone) => ({ ...zone, points: stretch(zone.points, from, to) })) };
}

/** What stands in a piece goes where it went. */
const withPieces = (plants: Design["plants"], pieces: Design["pieces"]): Design["plants"] =>
  pieces.reduce((moved, piece) => carriedAlong({ plants: moved }, piece), plants);

/** A box of another size: drawn outlines are stretched, and what stood beyond the new walls is pulled in. */
const resized = (habitat: Design, change: Change): Design => {
  const to = given(change);
  const shell = { ...habitat.shell, ...to };
  const pieces = changed(habitat.pieces, (piece) => pulledIn(againstWall(shell, piece), shell));
  return {
    ...habitat,
    shell: {
      ...shell,
      floor: stretched(habitat.shell, shell),
      openings: shell.openings.map((opening) => refitted(opening, shell)),
      treatments: shell.treatments.map((treatment) => thinned(treatment, shell)),
    },
    strata: stretchedZones(habitat.strata, habitat.shell, shell),
    pieces,
    plants: changed(withPieces(habitat.plants, pieces), (stand) => pulledIn(stand, shell)),
    gear: changed(habitat.gear, (piece) => pulledIn(piece, shell)),
  };
};

/** A box bought as it is keeps its size. @throws EditRefused */
function mustBeFreeToChange({ shell }: Design, path: string): void {
  if (shell.bought) throw new EditRefused({ path, code: "bought" });
}

/** Edits of the shell: size, build, floor, top, openings. */
export const shellEdits = {
  setShell: edit(
    ShellSchema.pick({ widthCm: true, depthCm: true, heightCm: true, sillCm: true, wallMm: true }).partial(),
    (habitat, to) => {
      const { wallMm: _wall, ...size } = to;
      const [first] = Object.keys(size);
      if (first !== undefined) mustBeFreeToChange(habitat, first);
      return resized(habitat, to);
    },
  ),

  /** Sets the inner size from one measured outside. */
  setOuterSize: edit(size, (habitat, outer) => {
    mustBeFreeToChange(habitat, "widthCm");
    const { top, wallMm } = habitat.shell;
    return resized(habitat, size.parse(innerFromOuter(outer, wallMm, top.lid === "glass")));
  }),

  /** Stands a flat box on its end, or lays it flat again: width and height change places. */
  turnOnEnd: edit(z.strictObject({}), (habitat) => {
    mustBeFreeToChange(habitat, "heightCm");
    const { widthCm, heightCm, sillCm } = habitat.shell;
    return resized(habitat, { widthCm: heightCm, heightCm: widthCm, sillCm: Math.min(sillCm, widthCm) });
  }),

  setBuild: edit(z.strictObject({ buildId: z.string() }), (habitat, { buildId }, library) => {
    const build = library.get("boxBuilds", buildId);
    return withShell(habitat, { buildId, wallMm: build.usualWallMm });
  }),

  setFloor: edit(z.strictObject({ floor: FloorSchema }), (habitat, { floor }) => withShell(habitat, { floor })),

  setTop: edit(TopSchema.partial(), (habitat, top) =>
    withShell(habitat, { top: TopSchema.parse({ ...habitat.shell.top, ...top }) }),
  ),

  /** Builds on a wall, changes what is built there, or with no treatment leaves it bare. */
  setTreatment: edit(
    z.strictObject({
      wall: TreatmentSchema.shape.wall,
      treatmentId: z.string().nullable(),
      finishId: z.string().nullable().optional(),
      thicknessCm: TreatmentSchema.shape.thicknessCm.optional(),
      fromCm: TreatmentSchema.shape.fromCm.optional(),
    }),
    (habitat, { wall, treatmentId, finishId, thicknessCm, fromCm }, library) => {
      const others = habitat.shell.treatments.filter((other) => other.wall !== wall);
      if (treatmentId === null) return withShell(habitat, { treatments: others });
      const kind = library.get("wallTreatments", treatmentId);
      const before = habitat.shell.treatments.find((other) => other.wall === wall && other.treatmentId === treatmentId);
      const finish = finishId === undefined ? (before?.finishId ?? null) : finishId;
      const thick = kind.inside ? (thicknessCm ?? before?.thicknessCm ?? kind.usualCm) : 0;
      const from = kind.inside ? (fromCm ?? before?.fromCm ?? 0) : 0;
      return withShell(habitat, {
        treatments: [...others, { wall, treatmentId, finishId: finish, thicknessCm: thick, fromCm: from }],
      });
    },
  ),

  /** Says that the box is bought as it is, or that it may still be changed. */
  setBought: edit(ShellSchema.pick({ bought: true }), (habitat, { bought }) => withShell(habitat, { bought })),

  setStandsOn: edit(StandOnSchema.partial(), (habitat, to) =>
    withShell(habitat, { standsOn: StandOnSchema.parse({ ...habitat.shell.standsOn, ...to }) }),
  ),

  addOpening: edit(OpeningSchema, (habitat, opening) => {
    mustBeFree(habitat.shell.openings, opening.id);
    return withShell(habitat, { openings: [...habitat.shell.openings, opening] });
  }),

  setOpening: edit(OpeningSchema.omit({ kind: true }).partial().extend({ id: IdSchema }), (habitat, change) => {
    const before = mustFind(habitat.shell.openings, (opening) => opening.id === change.id, "id", change.id);
    const after = OpeningSchema.parse({ ...before, ...change });
    return withShell(habitat, {
      openings: habitat.shell.openings.map((opening) => (opening.id === change.id ? after : opening)),
    });
  }),

  removeOpening: edit(z.strictObject({ id: IdSchema }), (habitat, { id }) => {
    mustFind(habitat.shell.openings, (opening) => opening.id === id, "id", id);
    return withShell(habitat, { openings: habitat.shell.openings.filter((opening) => opening.id !== id) });
  }),
};
