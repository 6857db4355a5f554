import { rule, type Brick, type Matter } from "../catalog";
import { blend, litresFor, type Pantry, type Parts } from "./blend";
import { mixWater, type Laying } from "./wetting";

/** What is at hand to mix with. */
export type Bench = { vesselL: number; scoopL: number; liftKg: number };

type MeasuredPart = {
  ingredientId: string;
  litres: number;
  scoops: number;
  perBatchL: number;
  perBatchScoops: number;
};
type Soak = { ingredientId: string; bricks: number; brick: Brick; waterL: number };

/** The order of mixing: coarse stuff first, so that fines cling to it; what lives or breaks last. */
const MAKE_STEPS = ["soak", "coarse", "hold", "mineral", "clay", "char", "living", "wet", "squeeze"] as const;
type MakeStepId = (typeof MAKE_STEPS)[number];
type MakeStep = { id: MakeStepId; ingredientIds: string[] };

/** How a mix is made: what to measure out, in how many batches, how wet, how heavy, in which order. */
export type MakePlan = {
  measured: MeasuredPart[];
  batches: number;
  /** Loose litres of mix that come of one batch, and its mass once wetted. */
  batchLooseL: number;
  batchWetKg: number;
  /** How many batches keep each under the lifting limit; undefined when they are already. */
  batchesToLift: number | undefined;
  soaks: Soak[];
  /** Water to squeeze-ready for what is laid moist, and to lay the dust of what is laid dry. */
  moistWaterL: number;
  dryWaterL: number;
  /** What of the water comes in with soaked bricks, never more than is wanted. */
  brickWaterL: number;
  steps: MakeStep[];
};

const STEP_OF: Record<Matter, MakeStepId> = {
  fibre: "coarse",
  bark: "coarse",
  wood: "coarse",
  grit: "coarse",
  coir: "hold",
  peat: "hold",
  moss: "hold",
  soil: "mineral",
  sand: "mineral",
  lime: "mineral",
  ready: "mineral",
  clay: "clay",
  char: "char",
  compost: "living",
  leaf: "living",
};

const HALF_A_SCOOP = 0.5;
/** Quarter scoops are as fine as a scoop is read. */
const inScoops = (litres: number, scoopL: number): number =>
  Math.max(HALF_A_SCOOP / 2, Math.round((litres / scoopL) * 4) / 4);

/** A whole batch may miss by this much: a brimful of rounding. */
const HAIR = 1e-9;

/**
 * How to make a mix for a habitat with what is at hand.
 *
 * @param laying what is wanted, loose and as it lies
 * @param bench size of the vessel and of the scoop, L, and what one may lift, kg
 * @param leastBatches more batches than the vessel asks for, so that each is light enough
 * @returns undefined for an empty mix
 * @throws RangeError naming the field when the vessel, scoop or limit is not above 0
 * @example makePlan(parts, { looseL: 27, moistL: 23, dryL: 0 }, { vesselL: 12, scoopL: 0.5, liftKg: 25 })?.batches // 3
 */
export function makePlan(
  parts: Parts,
  laying: Laying,
  bench: Bench,
  pantry: Pantry,
  leastBatches = 1,
): MakePlan | undefined {
  for (const [name, value] of Object.entries(bench)) if (!(value > 0)) throw new RangeError(`${name}: must be above 0`);
  const mixture = blend(parts, pantry);
  if (!mixture) return undefined;
  const litres = litresFor(parts, laying.looseL, pantry);
  const measuredL = litres.reduce((sum, part) => sum + part.litres, 0);
  const batches = Math.max(1, leastBatches, Math.ceil(measuredL / (bench.vesselL * rule("vesselFillShare")) - HAIR));
  const water = mixWater(parts, laying, pantry);
  const soaks = litres.flatMap(({ ingredientId, litres: wanted }): Soak[] => {
    const { brick } = pantry(ingredientId);
    if (!brick || wanted <= 0) return [];
    const bricks = Math.ceil(wanted / ((brick.makesL[0] + brick.makesL[1]) / 2) - HAIR);
    return [{ ingredientId, bricks, brick, waterL: bricks * brick.waterL }];
  });
  const boughtWaterL = ((laying.moistL + laying.dryL) * mixture.airDryPct) / 100;
  const wetKg = laying.looseL * mixture.pouredKgPerL + boughtWaterL + water.moistL + water.dryL;
  const batchesToLift = Math.max(1, Math.ceil(wetKg / bench.liftKg - HAIR));
  const idsFor = (step: MakeStepId) =>
    litres.map((part) => part.ingredientId).filter((id) => STEP_OF[pantry(id).matter] === step);
  return {
    measured: litres.map(({ ingredientId, litres: all }) => ({
      ingredientId,
      litres: all,
      scoops: inScoops(all, bench.scoopL),
      perBatchL: all / batches,
      perBatchScoops: inScoops(all / batches, bench.scoopL),
    })),
    batches,
    batchLooseL: laying.looseL / batches,
    batchWetKg: wetKg / batches,
    batchesToLift: batchesToLift > batches ? batchesToLift : undefined,
    soaks,
    moistWaterL: water.moistL,
    dryWaterL: water.dryL,
    brickWaterL: water.brickL,
    steps: MAKE_STEPS.map((id) => ({
      id,
      ingredientIds: id === "soak" ? soaks.map((soak) => soak.ingredientId) : idsFor(id),
    })).filter(({ id, ingredientIds }) => id === "wet" || id === "squeeze" || ingredientIds.length > 0),
  };
}
