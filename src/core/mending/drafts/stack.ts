import { rule } from "../../catalog";
import { DEEP_SHARE, isVessel, type Assessed } from "../../findings";
import { attempt, type Command, type Layer } from "../../habitat";
import { ground, soilReachedCm, type Ground } from "../../strata";
import { one, type Draft, type Menders } from "../mender";
import type { MendQuantities } from "../quantities";
import { frontOf, lowerAll, lowerFront, raiseBack, soilsOf, spareCm } from "./lifts";

/** A little under the sill, so that what is raked does not fall out. */
const EASE_CM = 0.5;
/** Drainage thinner than this holds too little. Common practice: an inch at the least. */
const LEAST_DRAINAGE_CM = 2.5;
const HAIR_CM = 0.05;
const MOST_SLOPE_CM = 30;
const halfUp = (cm: number): number => Math.ceil(cm * 2 - 1e-9) / 2;

/** The ground after some edits; undefined where they would be refused. */
function landAfter(commands: readonly Command[], { habitat, library }: Assessed): Ground | undefined {
  const tried = attempt(habitat, commands, library);
  return tried.ok ? ground(tried.design, library) : undefined;
}

type Thinned = { commands: Command[]; depthCm: number; savedCm: number };

/** The lowest drainage made thinner by as much as is wanted, down to its least, its water no higher than is safe then. */
function thinned(byCm: number, assessed: Assessed): Thinned | undefined {
  const { habitat } = assessed;
  const vessel = habitat.strata.layers.find(
    (layer): layer is Extract<Layer, { depthCm: number }> => isVessel(layer) && layer.over.on !== "zone",
  );
  const savedCm = vessel ? Math.min(byCm, vessel.depthCm - LEAST_DRAINAGE_CM) : 0;
  if (!vessel || savedCm < HAIR_CM) return undefined;
  const depthCm = vessel.depthCm - savedCm;
  const commands: Command[] = [{ name: "setDepth", args: { layerId: vessel.id, depthCm } }];
  const safeCm = landAfter(commands, assessed)?.water?.safeLineCm ?? 0;
  const lower: Command = { name: "setWaterLine", args: { waterLineCm: Math.max(0, Math.floor(safeCm * 10) / 10) } };
  return { commands: habitat.strata.waterLineCm > safeCm ? [...commands, lower] : commands, depthCm, savedCm };
}

/** How much the back is to be raised for the soil to reach a depth over as much of the floor as it is wanted over. */
function backFor(needCm: number, first: readonly Command[], assessed: Assessed): number | undefined {
  const soils = soilsOf(assessed);
  const raised = Array.from({ length: MOST_SLOPE_CM * 2 + 1 }, (_, at) => at / 2);
  return raised.find((byCm) => {
    const land = landAfter([...first, ...raiseAfter(first, soils, byCm, assessed)], assessed);
    return land !== undefined && soilReachedCm(land, DEEP_SHARE) >= needCm - HAIR_CM;
  });
}

/** Raising the back of soil that was edited before. */
function raiseAfter(
  first: readonly Command[],
  soils: ReturnType<typeof soilsOf>,
  byCm: number,
  { habitat, library }: Assessed,
): Command[] {
  const tried = attempt(habitat, first, library);
  if (!tried.ok) return [];
  const ids = soils.map(({ id }) => id);
  const now = tried.design.strata.layers.filter((layer) => ids.includes(layer.id) && layer.kind === "soil");
  return raiseBack(now as typeof soils, byCm);
}

/** The soil's front and back, in all its lifts, after some edits. */
function slopeAfter(commands: readonly Command[], assessed: Assessed): { frontCm: number; backCm: number } {
  const { habitat, library } = assessed;
  const tried = attempt(habitat, commands, library);
  const lifts = tried.ok ? soilsOf({ ...assessed, habitat: tried.design }) : [];
  const backOf = ({ corners }: (typeof lifts)[number]) => Math.max(corners.backLeftCm, corners.backRightCm);
  return {
    frontCm: lifts.reduce((sum, lift) => sum + frontOf(lift), 0),
    backCm: lifts.reduce((sum, lift) => sum + backOf(lift), 0),
  };
}

type SillWays = Draft<MendQuantities["overSill"]>[];

/** The depth the animal wants of its soil, where it wants any. */
const neededCm = ({ animal }: Assessed): number => (animal.soil.type === "none" ? 0 : animal.soil.leastDepthCm);

/** Some edits, and the back raised as far as the animal's depth then asks. */
function withSlope(first: readonly Command[], assessed: Assessed): Command[] | undefined {
  const byCm = backFor(neededCm(assessed), first, assessed);
  return byCm === undefined ? undefined : [...first, ...raiseAfter(first, soilsOf(assessed), byCm, assessed)];
}

/** Soil sloped up from a front so much lower. */
function sloped(byCm: number, assessed: Assessed): SillWays {
  const soils = soilsOf(assessed);
  if (spareCm(soils) < byCm) return [];
  const commands = withSlope(lowerFront(soils, byCm), assessed);
  return commands ? one({ ...slopeAfter(commands, assessed), variant: "slope" }, ...commands) : [];
}

/** Drainage thinner first, and only what is left to gain taken off the soil, which slopes where the animal needs it. */
function thinnerUnder(byCm: number, assessed: Assessed): SillWays {
  const thin = thinned(byCm, assessed);
  if (!thin) return [];
  const restCm = byCm - thin.savedCm;
  const soils = soilsOf(assessed);
  if (spareCm(soils) < restCm) return [];
  const commands = withSlope([...thin.commands, ...lowerFront(soils, restCm)], assessed);
  if (!commands) return [];
  return one({ depthCm: thin.depthCm, ...slopeAfter(commands, assessed), variant: "thinner" }, ...commands);
}

type DepthWays = Draft<MendQuantities["soilTooShallow"]>[];

/** Every corner of the widest lift at least so deep. */
function deepened(needCm: number, assessed: Assessed): DepthWays {
  const { levelOf } = assessed.ground;
  const soils = soilsOf(assessed);
  const widest = soils.toSorted((a, b) => (levelOf(b.id)?.areaCm2 ?? 0) - (levelOf(a.id)?.areaCm2 ?? 0))[0];
  if (!widest) return [];
  const others = soils.filter((lift) => lift !== widest).reduce((sum, lift) => sum + frontOf(lift), 0);
  const depth = (cm: number) => Math.max(cm, needCm - others);
  const corners = Object.fromEntries(Object.entries(widest.corners).map(([corner, cm]) => [corner, depth(cm)]));
  return one({ needCm, variant: "deepen" }, { name: "setCorners", args: { layerId: widest.id, ...corners } });
}

/** As it stands at the front, and rising to the back. */
function rising(assessed: Assessed): DepthWays {
  const commands = withSlope([], assessed);
  if (!commands || commands.length === 0) return [];
  return one({ ...slopeAfter(commands, assessed), variant: "slope" }, ...commands);
}

/** Drainage thinner, and what that gains given to the soil. */
function thinnerBelow(needCm: number, haveCm: number, assessed: Assessed): DepthWays {
  const thin = thinned(halfUp(needCm - haveCm), assessed);
  if (!thin) return [];
  const after = { ...assessed, habitat: habitatAfter(thin.commands, assessed) };
  const [way] = deepened(needCm, after);
  if (!way) return [];
  const commands = [...thin.commands, ...way.commands];
  return one({ depthCm: thin.depthCm, needCm, variant: "thinner" }, ...commands);
}

function habitatAfter(commands: readonly Command[], { habitat, library }: Assessed): Assessed["habitat"] {
  const tried = attempt(habitat, commands, library);
  return tried.ok ? tried.design : habitat;
}

export const stackMenders = {
  overSill: ({ quantities }, assessed) => {
    const byCm = quantities.overCm + EASE_CM;
    const soils = soilsOf(assessed);
    const lower: SillWays = spareCm(soils) >= byCm ? one({ byCm, variant: "lower" }, ...lowerFront(soils, byCm)) : [];
    return [...lower, ...sloped(byCm, assessed), ...thinnerUnder(byCm, assessed)];
  },
  aboveRim: ({ quantities }, assessed) => {
    const byCm = halfUp(quantities.overCm + EASE_CM);
    const commands = lowerAll(soilsOf(assessed), byCm);
    return commands.length > 0 ? one({ byCm }, ...commands) : [];
  },
  soilMissing: ({ quantities }, { habitat }) => {
    const needCm = Math.max(quantities.needCm, rule("soilDepthCm"));
    const mixId = habitat.mixes[0]?.id ?? "mix-1";
    const layer = { id: "soil-1", kind: "soil", mixId, frontCm: needCm, backCm: needCm } as const;
    return one({ needCm }, { name: "addLayer", args: { layer } });
  },
  soilTooShallow: ({ quantities }, assessed) => {
    const { needCm, haveCm } = quantities;
    return [...deepened(needCm, assessed), ...rising(assessed), ...thinnerBelow(needCm, haveCm, assessed)];
  },
} satisfies Partial<Menders>;
