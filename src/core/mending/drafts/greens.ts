import type { Plant } from "../../catalog";
import type { Assessed, FindingOf } from "../../findings";
import { leavesToHideIn } from "../../hardscape";
import type { Command, Stand } from "../../habitat";
import { calmSpot, grownSpreadCm, MONTHS_AHEAD, plantFit, usualStand } from "../../living";
import { sceneOf } from "../../scene";
import { last, one } from "../mender";
import { freeId } from "./freeIds";
import { middle } from "../../range";

/** A tangle is made of so many leafy plants: see the furnishing. */
export const TANGLE_LEAVES = 2;
/** So many kinds are offered. */
const MOST_KINDS = 3;

type Green = "leafTangle" | "waterPlants" | "mossBed";
/** What a box without any plant is begun with: so many of the kind that does best. */
const BEGUN_WITH = 2;
const IS: Record<Green, (plant: Plant, assessed: Assessed) => boolean> = {
  leafTangle: (plant, { animal, habitat }) => leavesToHideIn(plant, animal, habitat.brief.stage),
  waterPlants: ({ roots }) => roots === "submerged" || roots === "floating",
  mossBed: ({ form, roots }) => form === "moss" && roots !== "submerged",
};
const EACH: Record<Green, number> = { leafTangle: TANGLE_LEAVES, waterPlants: 1, mossBed: 1 };
export const isGreen = (variant: string): variant is Green => variant in IS;

/** So many points of humidity apart, two wants are the same: ours. */
const ALIKE_RH = 10;

/** How far a plant's air is from what the animal is to have: the box will be kept as damp as the animal wants it. */
const apartRh = ({ animal }: Assessed, { humidityRh }: Plant): number =>
  Math.round(Math.abs(middle(humidityRh.preferred) - middle(animal.humidityRh.day.preferred)) / ALIKE_RH);

/** The first few of some plants that do here where they usually go: each is tried only when it is its turn. */
function fitting(assessed: Assessed, plants: readonly Plant[], most: number): Plant[] {
  const found: Plant[] = [];
  for (const plant of plants) {
    if (found.length >= most) break;
    if (plantFit(plant, assessed, usualStand(assessed, plant)).verdict !== "misfit") found.push(plant);
  }
  return found;
}

/** The kinds that do here: the nearest to the animal's air, then the easy, then the small; large ones for want of small. */
function bestKinds(assessed: Assessed, is: (plant: Plant) => boolean, most = MOST_KINDS): Plant[] {
  const { library, habitat } = assessed;
  const ease = { easy: 0, fair: 1, hard: 2 };
  const kinds = library
    .all("plants")
    .filter(is)
    .toSorted(
      (a, b) =>
        apartRh(assessed, a) - apartRh(assessed, b) ||
        ease[a.ease] - ease[b.ease] ||
        grownSpreadCm(a) - grownSpreadCm(b),
    );
  const isSmall = (plant: Plant): boolean => grownSpreadCm(plant) <= habitat.shell.widthCm / 2;
  const small = fitting(assessed, kinds.filter(isSmall), most);
  return small.length > 0 ? small : fitting(assessed, kinds, most);
}

/** So many of a kind set out side by side where it usually goes, each where it makes no trouble if there is such a place. */
function setOut(assessed: Assessed, plant: Plant, count: number): Command[] {
  const { widthCm } = assessed.habitat.shell;
  let now = assessed.habitat;
  const commands: Command[] = [];
  for (let n = 0; n < count; n += 1) {
    const scene = sceneOf(now, assessed.library, assessed.outlook.on);
    const usual = usualStand(scene, plant);
    const id = freeId(now.plants, `green-${plant.id}`.slice(0, 40));
    const along = (n + 0.5) / count;
    const args = { id, plantId: plant.id, ...usual, xCm: Math.round(widthCm * (0.12 + 0.76 * along)) };
    const stand: Stand = { plantedOn: null, keptCm: null, inId: null, ...args };
    const tried = { ...scene, habitat: { ...now, plants: [...now.plants, stand] } };
    const calm = stand.spot === null ? calmSpot(tried, id, MONTHS_AHEAD) : undefined;
    commands.push({ name: "addPlant", args: { ...args, ...calm } });
    now = { ...now, plants: [...now.plants, { ...stand, ...calm }] };
  }
  return commands;
}

/** Plants for a refuge that is made of leaves, of the kinds that do best here. */
export function planted(
  assessed: Assessed,
  { needCount, haveCount }: FindingOf<"refugeMissing">["quantities"],
  variant: Green,
) {
  const count = (needCount - haveCount) * EACH[variant];
  return bestKinds(assessed, (plant) => IS[variant](plant, assessed)).flatMap((plant) =>
    one({ plantId: plant.id, variant: "plant" as const }, ...setOut(assessed, plant, count)),
  );
}

/** A first few plants, of kinds that do well here and root in its ground; or a box without plants. */
export function firstPlants(assessed: Assessed) {
  const rooted = ({ roots, places }: Plant) => roots !== "submerged" && roots !== "floating" && places[0] === "floor";
  const kinds = bestKinds(assessed, rooted, 1);
  const plain = last({ variant: "plain" as const }, { name: "setLiving" as const, args: { living: "plain" as const } });
  return [
    ...kinds.flatMap((plant) =>
      one({ plantId: plant.id, variant: "plant" as const }, ...setOut(assessed, plant, BEGUN_WITH)),
    ),
    ...plain,
  ];
}
