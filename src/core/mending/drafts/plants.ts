import type { Plant } from "../../catalog";
import type { Assessed } from "../../findings";
import type { Command, Stand } from "../../habitat";
import { betterPlaces, calmSpot, canBeKept, grownHeightCm, MONTHS_AHEAD } from "../../living";
import { last, one, type Draft, type Menders } from "../mender";
import { firstPlants } from "./greens";
import { raisedLifts } from "./lifts";
import { setUpOne } from "./setUp";

type About = { about: string };
type Removing = Draft<{ variant: "remove" }>[];
type Moving = Draft<{ variant: "move" }>[];
type Trimming = Draft<{ variant: "trim"; keptCm: number }>[];

const takeOut = ({ about }: About): Removing =>
  last({ variant: "remove" }, { name: "removePlants", args: { ids: [about] } });

const moved = (id: string, to: Partial<Omit<Stand, "id" | "plantId">>): Command => ({
  name: "movePlant",
  args: { id, ...to },
});

/** Puts a plant where it does well and troubles nobody: the best places there are, to be tried in order. */
const moveWhereItDoesWell = ({ about }: About, assessed: Assessed): Moving =>
  betterPlaces(assessed, about, MONTHS_AHEAD).flatMap((place) => one({ variant: "move" }, moved(about, place)));

/** Moves a plant along the ground or the wall to where it makes no trouble. */
function moveOutOfTheWay({ about }: About, assessed: Assessed): Moving {
  const spot = calmSpot(assessed, about, MONTHS_AHEAD);
  return spot ? one({ variant: "move" }, moved(about, spot)) : [];
}

const plantOf = ({ about }: About, { habitat, library }: Assessed): Plant | undefined => {
  const stand = habitat.plants.find(({ id }) => id === about);
  return stand && library.get("plants", stand.plantId);
};

/** Keeps a plant down with scissors, where it bears that. */
function keepDown(finding: About, assessed: Assessed, toCm: number): Trimming {
  const plant = plantOf(finding, assessed);
  const keptCm = Math.floor(toCm);
  if (!plant || !canBeKept(plant, keptCm)) return [];
  return one({ variant: "trim", keptCm }, moved(finding.about, { keptCm }));
}

/** Shares of its grown height to try when how far it must be kept down is not told. */
const KEPT_SHARES = [0.8, 0.65, 0.5];
function trimmed(finding: About, assessed: Assessed): Trimming {
  const plant = plantOf(finding, assessed);
  return KEPT_SHARES.flatMap((share) => (plant ? keepDown(finding, assessed, grownHeightCm(plant) * share) : []));
}

/** Left free over a plant that is kept down. */
const UNDER_RIM_CM = 1;

/** Sets up a piece to tie a plant to, near where it stands. */
function mounted(stand: Stand | undefined, assessed: Assessed): Draft<{ variant: "mount"; kindId: string }>[] {
  if (!stand) return [];
  const kindId = "branch";
  const command = setUpOne(assessed, { kindId, name: "mount", xCm: stand.xCm, yCm: stand.yCm });
  return command ? one({ variant: "mount", kindId }, command) : [];
}

export const plantMenders = {
  plantOutgrows: (finding, assessed) => [
    ...keepDown(finding, assessed, finding.quantities.roomCm - UNDER_RIM_CM),
    ...moveWhereItDoesWell(finding, assessed),
    ...takeOut(finding),
  ],
  plantWantsWetter: (finding, assessed) => [...moveWhereItDoesWell(finding, assessed), ...takeOut(finding)],
  plantWantsDrier: (finding, assessed) => [
    ...moveWhereItDoesWell(finding, assessed),
    ...one({ variant: "pot" } as const, moved(finding.about, { spot: "pot", upCm: null })),
    ...takeOut(finding),
  ],
  plantRootsShallow: (finding, assessed) => {
    const { rootCm, soilCm } = finding.quantities;
    const byCm = Math.ceil((rootCm - soilCm) * 2) / 2;
    return [
      ...moveWhereItDoesWell(finding, assessed),
      ...one({ variant: "deepen", needCm: rootCm } as const, ...raisedLifts(assessed, byCm)).filter(
        ({ commands }) => commands.length > 0,
      ),
      ...takeOut(finding),
    ];
  },
  plantTrampled: (finding, assessed) => [...moveWhereItDoesWell(finding, assessed), ...takeOut(finding)],
  plantsMissing: (_finding, assessed) => firstPlants(assessed),
  plantHarmful: (finding, assessed) => [...moveWhereItDoesWell(finding, assessed), ...takeOut(finding)],
  plantWrongWarmth: (finding, assessed) => [...moveWhereItDoesWell(finding, assessed), ...takeOut(finding)],
  plantTooBright: (finding, assessed) => [...moveWhereItDoesWell(finding, assessed), ...takeOut(finding)],
  plantPricks: (finding, assessed) => [...moveWhereItDoesWell(finding, assessed), ...takeOut(finding)],
  plantTooDim: (finding, assessed) => [...moveWhereItDoesWell(finding, assessed), ...takeOut(finding)],
  plantMisplaced: (finding, assessed) => [
    ...one({ variant: "move" } as const, moved(finding.about, { spot: null, upCm: null })),
    ...moveWhereItDoesWell(finding, assessed),
    ...takeOut(finding),
  ],
  plantInside: (finding, assessed) => [
    ...moveOutOfTheWay(finding, assessed),
    ...moveWhereItDoesWell(finding, assessed),
    ...takeOut(finding),
  ],
  plantNoWood: (finding, assessed) => {
    const { about } = finding;
    const at = assessed.habitat.plants.find(({ id }) => id === about);
    return [...mounted(at, assessed), ...moveWhereItDoesWell(finding, assessed), ...takeOut(finding)];
  },
  plantsCrowd: (finding, assessed) => [
    ...moveOutOfTheWay(finding, assessed),
    ...trimmed(finding, assessed),
    ...takeOut(finding),
  ],
  plantShaded: (finding, assessed) => [...moveOutOfTheWay(finding, assessed), ...takeOut(finding)],
  viewBlocked: (finding, assessed) => [
    ...moveOutOfTheWay(finding, assessed),
    ...trimmed(finding, assessed),
    ...takeOut(finding),
  ],
  plantDiesHere: ({ about }, { habitat }) => {
    const ids = habitat.plants.filter((stand) => stand.plantId === about).map((stand) => stand.id);
    return last({}, { name: "removePlants", args: { ids } });
  },
} satisfies Partial<Menders>;
