import type { Crew } from "../../catalog";
import { calmSpot, crewFit, MONTHS_AHEAD, ranked, seedCount, spotOf } from "../../living";
import type { MendQuantities } from "../quantities";
import type { Assessed } from "../types";
import { one, type Draft, type Menders } from "./mender";

const takeOut = ({ about }: { about: string }): Draft<object>[] =>
  one({}, { name: "removePlants", args: { ids: [about] } });

type MoveOrRemove = Draft<{ variant: "move" | "remove" }>[];
const remove = (standId: string): MoveOrRemove =>
  one({ variant: "remove" }, { name: "removePlants", args: { ids: [standId] } });

/** Moves a plant to where it makes no trouble, or takes it out where there is no such place. */
function outOfTheWay({ about }: { about: string }, assessed: Assessed): MoveOrRemove {
  const spot = calmSpot(assessed, about, MONTHS_AHEAD);
  return spot ? one({ variant: "move" }, { name: "movePlant", args: { id: about, ...spot } }) : remove(about);
}

/** Does the work of another when it eats at least this share of what that one eats. Rincon's own measure. */
const SAME_WORK = 0.5;

const doesTheWorkOf =
  (one: Crew) =>
  ({ eats }: Crew): boolean =>
    one.eats.filter((food) => eats.includes(food)).length >= one.eats.length * SAME_WORK;

/** The species that would do the same work best instead, when one does well. */
function betterCrew(crewId: string, { habitat, library, ...rest }: Assessed) {
  const taken = habitat.crew.map((seeding) => seeding.crewId);
  const alike = library.all("crew").filter(doesTheWorkOf(library.get("crew", crewId)));
  const free = alike.filter(({ id, proposed }) => proposed && !taken.includes(id));
  const [best] = ranked(free.map((species) => crewFit(species, { habitat, library, ...rest })));
  return best?.verdict === "good" ? library.get("crew", best.id) : undefined;
}

/** Seeds a better species instead, or takes the unhappy one out. */
function swapCrew({ about: crewId }: { about: string }, assessed: Assessed): Draft<MendQuantities["crewTooDry"]>[] {
  const better = betterCrew(crewId, assessed);
  if (!better) return one({ crewId, variant: "remove" }, { name: "removeCrew", args: { crewId } });
  const to = { crewId: better.id, count: seedCount(better, assessed.habitat) };
  return one({ crewId, swapCrewId: better.id, variant: "swap" }, { name: "swapCrew", args: { crewId, to } });
}

export const livingMenders = {
  plantOutgrows: takeOut,
  plantWantsWetter: takeOut,
  plantWantsDrier: takeOut,
  plantRootsShallow: takeOut,
  plantTrampled: takeOut,
  plantHarmful: takeOut,
  plantTooDim: takeOut,
  plantMisplaced: ({ about }, { habitat, library }) => {
    const stand = habitat.plants.find((other) => other.id === about);
    if (!stand) return [];
    const plant = library.get("plants", stand.plantId);
    const elsewhere = stand.spot !== null && spotOf(plant, { spot: null }) !== stand.spot;
    return elsewhere
      ? one({ variant: "move" }, { name: "movePlant", args: { id: about, spot: null, upCm: null } })
      : remove(about);
  },
  plantsCrowd: outOfTheWay,
  plantShaded: outOfTheWay,
  viewBlocked: outOfTheWay,
  plantDiesHere: ({ about }, { habitat }) => {
    const ids = habitat.plants.filter((stand) => stand.plantId === about).map((stand) => stand.id);
    return one({}, { name: "removePlants", args: { ids } });
  },
  crewTooDry: swapCrew,
  crewTooWet: swapCrew,
  crewHarms: swapCrew,
  crewNowhere: swapCrew,
} satisfies Partial<Menders>;
