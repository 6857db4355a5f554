import type { Layer, Shell } from "../../habitat";
import type { Scene } from "../../scene";
import { resolved, whole, type About, type Activity, type Draft } from "./activity";
import { handsFor } from "./hands";
import { activities } from "./index";

/** What is dug out of a running box and what of it goes in again, litres as poured. */
export type Dug = { layerId: string; outL: number; savedL: number };

/** A running box opened again: what comes out, what of it is saved, and the steps there and back. */
export type Rework = { dug: readonly Dug[]; newL: number; steps: readonly Activity[] };

const sameLayer = (a: Layer | undefined, b: Layer | undefined): boolean => JSON.stringify(a) === JSON.stringify(b);

/** Walls that are built otherwise: their box has to be empty for it. */
const changedWalls = (before: Shell, after: Shell): Shell["treatments"] =>
  after.treatments.filter(
    (treatment) => !before.treatments.some((other) => JSON.stringify(other) === JSON.stringify(treatment)),
  );

/** The lowest layer that is not as it was; all above it has to come out. As many as there are where none has to. */
function lowestChanged(before: Scene, after: Scene): number {
  if (changedWalls(before.habitat.shell, after.habitat.shell).length > 0) return 0;
  const [old, now] = [before.habitat.strata.layers, after.habitat.strata.layers];
  const at = now.findIndex((layer, n) => !sameLayer(layer, old[n]));
  return at < 0 ? Math.min(old.length, now.length) : at;
}

/** What a layer is made of: what is the same can be used again. */
const stuffOf = (layer: Layer): string =>
  layer.kind === "soil" ? `soil ${layer.mixId}` : `${layer.kind} ${layer.materialId}`;

/** Litres out, layer by layer from the top, and what of each goes in again. */
function dugOut(before: Scene, after: Scene, from: number): Dug[] {
  const wanted = new Map<string, number>();
  for (const layer of after.habitat.strata.layers.slice(from)) {
    const litres = after.ground.levelOf(layer.id)?.looseL ?? 0;
    wanted.set(stuffOf(layer), (wanted.get(stuffOf(layer)) ?? 0) + litres);
  }
  return before.habitat.strata.layers
    .slice(from)
    .toReversed()
    .flatMap((layer): Dug[] => {
      const outL = before.ground.levelOf(layer.id)?.looseL ?? 0;
      if (outL <= 0) return [];
      const left = wanted.get(stuffOf(layer)) ?? 0;
      const savedL = Math.min(outL, left);
      wanted.set(stuffOf(layer), left - savedL);
      return [{ layerId: layer.id, outL, savedL }];
    });
}

/** What of the new build has to be done again, by its job; what is not named stands as it is. */
const NEEDED: Partial<Record<Activity["job"], (opened: Opened, about: About | undefined) => boolean>> = {
  buildWalls: ({ walls }, about) => about?.kind === "wall" && walls.some(({ wall }) => wall === about.wall),
  finishWalls: ({ walls }, about) => about?.kind === "wall" && walls.some(({ wall }) => wall === about.wall),
  setInWall: ({ walls }, about) => about?.kind === "wall" && walls.some(({ wall }) => wall === about.wall),
  airOut: ({ walls }) => walls.length > 0,
  drillPlanters: ({ walls }) => walls.length > 0,
  leakTest: ({ from }) => from === 0,
  setOnGlass: ({ from }) => from === 0,
  buildFalseBottom: ({ from }) => from === 0,
  cutBarrier: (opened) => isRelaid(opened, "barrier"),
  mixSoil: (opened) => isRelaid(opened, "soil"),
  setPieces: (opened) => isRelaid(opened, "soil"),
  fillPieces: (opened) => isRelaid(opened, "soil"),
  soak: ({ from }) => from === 0,
  quarantinePlants: ({ after, isNew }) => after.habitat.plants.some(({ plantId }) => isNew.plant(plantId)),
  plantOut: ({ isLifted, isNew }, about) => isLifted || (about?.kind === "entry" && isNew.plant(about.id)),
  seedCrew: ({ isNew }, about) => about?.kind === "entry" && isNew.crew(about.id),
  runGear: () => true,
  trimVents: () => true,
};

const isRelaid = ({ after, from }: Opened, kind: Layer["kind"]): boolean =>
  after.habitat.strata.layers.slice(from).some((layer) => layer.kind === kind);

/** From the lowest changed layer up, walls that changed, and life put back. */
function isNeeded({ layerId, job, about }: Activity, opened: Opened): boolean {
  if (layerId === undefined) return NEEDED[job]?.(opened, about) ?? false;
  return opened.after.habitat.strata.layers.findIndex(({ id }) => id === layerId) >= opened.from;
}

const SHELVES = {
  drainage: "drainageMedia",
  falseBottom: "falseBottoms",
  barrier: "barriers",
  dressing: "dressings",
} as const;

/** What a layer is called by: its mix, or its stuff. */
function aboutOf({ habitat }: Scene, layerId: string): Pick<Draft, "about"> {
  const layer = habitat.strata.layers.find(({ id }) => id === layerId);
  if (!layer) return {};
  if (layer.kind === "soil") return { about: { kind: "mix", mixId: layer.mixId } };
  return { about: { kind: "entry", shelf: SHELVES[layer.kind], id: layer.materialId } };
}

/** What of each mix is kept for later, litres as poured. */
function savedMixL({ habitat }: Scene, dug: readonly Dug[]): ReadonlyMap<string, number> {
  const saved = new Map<string, number>();
  for (const { layerId, savedL } of dug) {
    const layer = habitat.strata.layers.find(({ id }) => id === layerId);
    if (layer?.kind === "soil") saved.set(layer.mixId, (saved.get(layer.mixId) ?? 0) + savedL);
  }
  return saved;
}

/** Less than this of a mix is not made afresh. */
const LEAST_MIXED_L = 0.05;

/** Of a mix only what was not kept is made afresh, and wetted; nothing where all of it was. */
function lessSaved(step: Activity, savedL: ReadonlyMap<string, number>): Activity[] {
  const { job, about, quantities } = step;
  if (job !== "mixSoil" || about?.kind !== "mix") return [step];
  const wholeL = quantities.looseL ?? 0;
  const newL = wholeL - (savedL.get(about.mixId) ?? 0);
  if (newL < LEAST_MIXED_L) return [];
  const share = newL / wholeL;
  const less = Object.fromEntries(Object.entries(quantities).map(([name, litres]) => [name, litres * share]));
  return [{ ...step, quantities: less, handsMin: handsFor("mixSoil", newL) }];
}

/** How far a box is opened, and what is new in it. */
type Opened = { after: Scene; from: number; walls: Shell["treatments"]; isLifted: boolean; isNew: IsNew };

type IsNew = { plant: (id: string) => boolean; crew: (id: string) => boolean };

/**
 * A running box opened again to become another: the animals wait in a tub, plants and what can be used again are saved,
 * layers come out from the top down to the lowest that changes, and all goes back in its order.
 *
 * @example rework(now, deeper).dug[0] // { layerId: "dressing-1", outL: 5.4, savedL: 5.4 }
 */
export function rework(before: Scene, after: Scene): Rework {
  const from = lowestChanged(before, after);
  const walls = changedWalls(before.habitat.shell, after.habitat.shell);
  const dug = dugOut(before, after, from);
  // Roots stand in the soil: what only lies on top comes off round them.
  const soils = before.habitat.strata.layers.filter(({ kind }) => kind === "soil").map(({ id }) => id);
  const isLifted = before.habitat.plants.length > 0 && dug.some(({ layerId }) => soils.includes(layerId));
  const species = new Set(before.habitat.plants.map(({ plantId }) => plantId));
  const crew = new Set(before.habitat.crew.map(({ crewId }) => crewId));
  const isNew: IsNew = {
    plant: (id) => !species.has(id),
    crew: (id) => !crew.has(id),
  };
  const out: Draft[] = [
    {
      job: "moveOut",
      after: [],
      handsMin: handsFor("moveIn"),
      quantities: { count: before.habitat.brief.count },
      cautions: before.animal.cautions,
    },
    ...(isLifted
      ? [
          {
            job: "liftPlants" as const,
            after: ["moveOut"],
            handsMin: handsFor("plantOut", before.habitat.plants.length),
            quantities: { count: before.habitat.plants.length },
            cautions: ["handWashing" as const],
          },
        ]
      : []),
    ...dug.map(({ layerId, outL, savedL }, at): Draft => {
      const above = dug[at - 1];
      return {
        job: "digOut",
        ref: layerId,
        ...aboutOf(before, layerId),
        after: ["moveOut", "liftPlants", ...(above ? [`digOut:${above.layerId}`] : [])],
        handsMin: handsFor("laySoil", outL),
        quantities: { outL, savedL },
        cautions: ["handWashing"],
      };
    }),
  ];
  const made = activities(after);
  const saved = savedMixL(before, dug);
  const kept = made
    .filter((step) => isNeeded(step, { after, from, walls, isLifted, isNew }))
    .flatMap((step) => lessSaved(step, saved));
  const back: Draft = {
    job: "moveBack",
    after: [...new Set(kept.map(({ job }) => job as string))],
    handsMin: handsFor("moveIn"),
    quantities: { count: after.habitat.brief.count },
    cautions: after.animal.cautions,
  };
  const begun = kept.map((step) => ({ ...step, after: [...step.after, "moveOut", "liftPlants", "digOut"] }));
  const inL = after.habitat.strata.layers
    .slice(from)
    .reduce((sum, { id }) => sum + (after.ground.levelOf(id)?.looseL ?? 0), 0);
  const savedL = dug.reduce((sum, one) => sum + one.savedL, 0);
  return { dug, newL: Math.max(0, inL - savedL), steps: resolved([...out.map(whole), ...begun, whole(back)]) };
}
