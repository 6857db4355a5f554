import type { Crew } from "../../catalog";
import type { Command } from "../../habitat";
import type { Assessed } from "../../findings";
import { crewFit, ranked, seedCount } from "../../living";
import { last, one, type Draft, type Menders } from "../mender";
import type { MendQuantities } from "../quantities";

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
  if (!better) return last({ crewId, variant: "remove" }, { name: "removeCrew", args: { crewId } });
  const to = { crewId: better.id, count: seedCount(better, assessed.habitat) };
  return one({ crewId, swapCrewId: better.id, variant: "swap" }, { name: "swapCrew", args: { crewId, to } });
}

const GROUPS = ["springtail", "isopod"] as const;

/** Of springtails and of isopods the kind that does best, where one does well. */
function seeded(_finding: unknown, assessed: Assessed): Draft<MendQuantities["crewMissing"]>[] {
  const { library, habitat } = assessed;
  const best = GROUPS.flatMap((group) => {
    const kinds = library.all("crew").filter((kind) => kind.group === group && kind.proposed);
    const [first] = ranked(kinds.map((kind) => crewFit(kind, assessed)));
    return first && first.verdict !== "misfit" ? [{ ...first, kind: library.get("crew", first.id) }] : [];
  });
  const good = best.filter(({ verdict }) => verdict === "good");
  const taken = good.length > 0 ? good : best.slice(0, 1);
  const [first] = taken;
  const commands = taken.map(({ kind }): Command => ({
    name: "setCrew",
    args: { crewId: kind.id, count: seedCount(kind, habitat) },
  }));
  const byHand = last(
    { variant: "byHand" as const },
    { name: "setLiving" as const, args: { living: "planted" as const } },
  );
  return first ? [...one({ crewId: first.kind.id, variant: "seed" as const }, ...commands), ...byHand] : byHand;
}

export const crewMenders = {
  crewMissing: seeded,
  crewTooDry: swapCrew,
  crewTooWet: swapCrew,
  crewWrongWarmth: swapCrew,
  crewWrongAir: swapCrew,
  crewHunted: swapCrew,
  crewHarms: swapCrew,
  crewNowhere: swapCrew,
} satisfies Partial<Menders>;
