import { z } from "zod";
import { entry } from "../../catalog";
import { bounds, isSimple } from "../../shape";
import { innerFromOuter } from "../floor";
import { FloorSchema, IdSchema, OpeningSchema, ShellSchema, TopSchema, type Habitat, type Opening, type Shell } from "../schema";
import { edit, mustFind } from "./define";

/** Fields that were not given are left as they are. */
type Change = { [K in keyof Shell]?: Shell[K] | undefined };
const given = (change: Change): Partial<Shell> => Object.fromEntries(Object.entries(change).filter(([, value]) => value !== undefined));

const withShell = (habitat: Habitat, shell: Partial<Shell>): Habitat => ({ ...habitat, shell: { ...habitat.shell, ...shell } });
const size = ShellSchema.pick({ widthCm: true, depthCm: true, heightCm: true });

/** A drawn floor is a figure of its own: when the box changes size it is stretched with it. */
function stretched({ floor, widthCm, depthCm }: Shell, to: Pick<Shell, "widthCm" | "depthCm">): Shell["floor"] {
  if (floor.shape !== "polygon") return floor;
  return { ...floor, points: floor.points.map(([x, y]) => [(x * to.widthCm) / widthCm, (y * to.depthCm) / depthCm]) };
}

const resized = (habitat: Habitat, change: Change): Habitat => {
  const to = given(change);
  const shell = { ...habitat.shell, ...to };
  return withShell(habitat, { ...to, floor: stretched(habitat.shell, shell) });
};

const wallLengthCm = ({ widthCm, depthCm }: Shell, wall: Opening["wall"]): number => (wall === "front" || wall === "back" ? widthCm : depthCm);

/** An opening lies in its wall, all of it. */
function checkOpening(shell: Shell, opening: Opening): void {
  if (opening.acrossCm + opening.widthCm > wallLengthCm(shell, opening.wall) + 1e-6) throw new RangeError("acrossCm: the opening passes the end of its wall");
  if (opening.upCm + opening.heightCm > shell.heightCm + 1e-6) throw new RangeError("upCm: the opening passes the top of its wall");
}

/** Edits of the shell: size, build, floor, top, openings. */
export const shellEdits = {
  setShell: edit(ShellSchema.pick({ widthCm: true, depthCm: true, heightCm: true, sillCm: true, wallMm: true }).partial(), (habitat, to) =>
    resized(habitat, to),
  ),

  /** Sets the inner size from one measured outside. */
  setOuterSize: edit(size, (habitat, outer) => {
    const { top, wallMm } = habitat.shell;
    return resized(habitat, size.parse(innerFromOuter(outer, wallMm, top.lid === "glass")));
  }),

  /** Stands a flat box on its end, or lays it flat again: width and height change places. */
  turnOnEnd: edit(z.strictObject({}), (habitat) =>
    resized(habitat, { widthCm: habitat.shell.heightCm, heightCm: habitat.shell.widthCm, sillCm: Math.min(habitat.shell.sillCm, habitat.shell.widthCm) }),
  ),

  setBuild: edit(z.strictObject({ buildId: z.string() }), (habitat, { buildId }) => {
    const build = entry("boxBuilds", buildId);
    return withShell(habitat, { buildId, wallMm: build.usualWallMm });
  }),

  setFloor: edit(z.strictObject({ floor: FloorSchema }), (habitat, { floor }) => {
    if (floor.shape === "polygon") {
      if (!isSimple(floor.points)) throw new RangeError("floor.points: the outline crosses itself or has no area");
      const { right, back } = bounds(floor.points);
      if (right > habitat.shell.widthCm + 1e-6 || back > habitat.shell.depthCm + 1e-6) throw new RangeError("floor.points: the outline passes the box");
    }
    return withShell(habitat, { floor });
  }),

  setTop: edit(TopSchema.partial(), (habitat, top) => withShell(habitat, { top: TopSchema.parse({ ...habitat.shell.top, ...top }) })),

  addOpening: edit(OpeningSchema, (habitat, opening) => {
    if (habitat.shell.openings.some((other) => other.id === opening.id)) throw new RangeError(`id: "${opening.id}" is taken`);
    checkOpening(habitat.shell, opening);
    return withShell(habitat, { openings: [...habitat.shell.openings, opening] });
  }),

  setOpening: edit(OpeningSchema.omit({ kind: true }).partial().extend({ id: IdSchema }), (habitat, change) => {
    const before = mustFind(habitat.shell.openings, (opening) => opening.id === change.id, "id", change.id);
    const after = OpeningSchema.parse({ ...before, ...change });
    checkOpening(habitat.shell, after);
    return withShell(habitat, { openings: habitat.shell.openings.map((opening) => (opening.id === change.id ? after : opening)) });
  }),

  removeOpening: edit(z.strictObject({ id: IdSchema }), (habitat, { id }) => {
    mustFind(habitat.shell.openings, (opening) => opening.id === id, "id", id);
    return withShell(habitat, { openings: habitat.shell.openings.filter((opening) => opening.id !== id) });
  }),
};
