import type { Animal } from "../../catalog";
import { feltK } from "../../climate";
import {
  clearanceOf,
  feeds,
  fixtureOf,
  isBeside,
  isOnWall,
  isThermostat,
  overGlassCm,
  pumpLPerH,
  shinesHeat,
  spanOf,
  wattsOf,
  type Fixture,
} from "../../gear";
import { BESIDE_LAMP_CM, besideCm, standCm } from "../../outlook";
import { grownHeightCm, hangsDown, plantFootCm } from "../../living";
import { contains } from "../../shape";
import { floorOutline } from "../../habitat";
import type { FindingQuantities } from "../quantities";
import type { Assessed, Check, Found } from "../types";

/** Lamps stronger than this want air between themselves and the mesh: from memory. */
const HOT_ON_MESH_W = 100;
const OFF_MESH_CM = 3;

const near = (
  { piece, kind }: Fixture,
  variant: FindingQuantities["lampNear"]["variant"],
  nearCm: number,
  needCm: number,
): Found => ({
  code: "lampNear",
  about: piece.id,
  weight: variant === "stand" || variant === "beside" ? "harm" : "look",
  step: "climate",
  quantities: { kindId: kind.id, nearCm: Math.max(0, nearCm), needCm: Math.round(needCm), variant },
});

/** The top of the tallest grown plant under a place; nothing where none reaches there. */
function leafCm({ habitat, ground, library }: Assessed, { xCm, yCm }: Fixture): number {
  const over = habitat.plants.map((stand) => {
    const plant = library.get("plants", stand.plantId);
    const reach = Math.hypot(stand.xCm - xCm, stand.yCm - yCm);
    const high = stand.keptCm ?? grownHeightCm(plant);
    const upCm = hangsDown(ground, stand, plant) ? 0 : high;
    return reach < 8 ? plantFootCm(habitat, ground, stand, plant) + upCm : 0;
  });
  return Math.max(0, ...over);
}

/** Lamps too near to what they shine on: at what stands there first, as an animal does. */
function tooNear(assessed: Assessed, lamp: Fixture): Found[] {
  const { ground } = assessed;
  if (!shinesHeat(lamp.kind) || isOnWall(lamp.place)) return [];
  const needCm = clearanceOf(lamp.kind, wattsOf(lamp));
  const toStand = lamp.zCm - standCm(ground, lamp.xCm, lamp.yCm, lamp.zCm);
  if (toStand < needCm) return [near(lamp, "stand", toStand, needCm)];
  const isInside = lamp.zCm <= assessed.habitat.shell.heightCm;
  const toSide = isInside ? besideCm(ground, lamp) : Infinity;
  if (toSide < BESIDE_LAMP_CM) return [near(lamp, "beside", toSide, BESIDE_LAMP_CM)];
  const toLeaf = lamp.zCm - leafCm(assessed, lamp);
  if (toLeaf < needCm) return [near(lamp, "leaf", toLeaf, needCm)];
  const offMesh = lamp.zCm - assessed.habitat.shell.heightCm;
  const hot = wattsOf(lamp) >= HOT_ON_MESH_W && lamp.through === "mesh" && offMesh < OFF_MESH_CM;
  return hot ? [near(lamp, "mesh", offMesh, OFF_MESH_CM)] : [];
}

/** What is less than this is within the slack of a holder: ours. */
const NOTICED_OVER_CM = 0.5;

/** What cannot be hung as it is drawn: it would go through a pane. */
function tooLong({ habitat }: Assessed, fixture: Fixture): Found[] {
  const overCm = overGlassCm(fixture, habitat.shell);
  if (overCm < NOTICED_OVER_CM) return [];
  const { alongCm, acrossCm } = spanOf(fixture);
  const quantities = { kindId: fixture.kind.id, spanCm: Math.max(alongCm, acrossCm), overCm };
  return [{ code: "gearTooLong", about: fixture.piece.id, weight: "look", step: "climate", quantities }];
}

const DIGS: readonly Animal["lives"][] = ["burrowing", "sandSwimming"];
/** Over a mat, more soil than this keeps the heat in: common practice. */
const THIN_SOIL_CM = 4;

function matUnder({ animal, ground }: Assessed, { piece, kind, place, xCm, yCm }: Fixture): Found[] {
  if (place !== "underBox" || !kind.neverWith.includes("deepSoil")) return [];
  const soilCm = ground.surfaceAt(xCm, yCm);
  const digs = DIGS.includes(animal.lives) && kind.neverWith.includes("burrower");
  if (!digs && soilCm <= THIN_SOIL_CM) return [];
  const quantities = { kindId: kind.id, soilCm, variant: digs ? "digger" : "deepSoil" } as const;
  return [{ code: "matUnder", about: piece.id, weight: "harm", step: "climate", quantities }];
}

const IN_GROUND: readonly Fixture["place"][] = [
  "underBox",
  "underSlab",
  "inSoil",
  "inWater",
  "floor",
  "wall",
  "sideOfBox",
];

function buried({ ground }: Assessed, fixture: Fixture): Found[] {
  const { piece, kind, place, xCm, yCm, zCm } = fixture;
  const groundCm = ground.surfaceAt(xCm, yCm);
  if (IN_GROUND.includes(place) || isBeside(place) || zCm >= groundCm) return [];
  const quantities = { kindId: kind.id, atCm: zCm, groundCm };
  return [{ code: "gearBuried", about: piece.id, weight: "harm", step: "climate", quantities }];
}

/** Controllers that feel, and whether what they feel is where the animal lives. */
function probe({ habitat, ground, animal }: Assessed, { piece, kind }: Fixture): Found[] {
  const off = (variant: FindingQuantities["probeOff"]["variant"]): Found[] => [
    { code: "probeOff", about: piece.id, weight: "look", step: "climate", quantities: { kindId: kind.id, variant } },
  ];
  const controls = isThermostat(piece) || kind.id === "humidistat" || kind.id === "overTemperatureCutOut";
  if (!piece.probe) return controls && habitat.gear.some(({ feedId }) => feedId === piece.id) ? off("missing") : [];
  const { xCm, yCm, upCm } = piece.probe;
  const { shell } = habitat;
  if (!contains(floorOutline(shell), [xCm, yCm]) || upCm > shell.heightCm) return off("outside");
  const inSoil = upCm < ground.surfaceAt(xCm, yCm) - 1;
  return inSoil && feeds(piece) && !DIGS.includes(animal.lives) ? off("buried") : [];
}

type HeldWarmth = Extract<Fixture["piece"]["run"], { by: "warmth" }>;

/** A set point its probe never comes up to, with all heaters on. */
function reach({ sizing, all }: Assessed["outlook"], { temperatureC }: Animal, run: HeldWarmth, fixture: Fixture) {
  const felt = feltK(fixture, all);
  const { warm, night: nights, baskingSurface } = temperatureC;
  // A probe that feels the lamp stands where the animal basks.
  const leastC = (felt >= 1 ? baskingSurface : null)?.[0] ?? warm[0];
  const night = { setC: run.nightC ?? -Infinity, reachC: sizing.night.temperatureC[1] + felt, leastC: nights[0] };
  const day = { setC: run.dayC, reachC: sizing.warmEndC[1] + felt, leastC };
  return [day, night].find(({ setC, reachC }) => setC > reachC + 1);
}

/** A set point no heater in the box comes up to. */
function beyond({ outlook, animal }: Assessed, fixture: Fixture): Found[] {
  const { piece, kind } = fixture;
  if (piece.run.by !== "warmth" || piece.months !== null) return [];
  const short = reach(outlook, animal, piece.run, fixture);
  if (!short) return [];
  const quantities = { kindId: kind.id, setC: short.setC, reachC: Math.round(short.reachC) };
  // All it misses is what nobody asked for, where the band is reached without it.
  const weight = short.reachC >= short.leastC ? "opinion" : "look";
  return [{ code: "setPointBeyond", about: piece.id, weight, step: "climate", quantities }];
}

/** A wall that drips is fed at its top. */
function noFlow({ habitat }: Assessed, fixture: Fixture): Found[] {
  const { piece, kind } = fixture;
  if (kind.id !== "drippingWall") return [];
  const liftCm = habitat.shell.heightCm;
  if (pumpLPerH(fixture, liftCm) > 0) return [];
  const headCm = piece.size.headCm ?? kind.reference.headCm?.[0] ?? 0;
  return [
    {
      code: "pumpNoFlow",
      about: piece.id,
      weight: "look",
      step: "climate",
      quantities: { kindId: kind.id, headCm, liftCm },
    },
  ];
}

/** Where gear is: lamps and what they shine on, mats and soil, probes, set points, pumps. */
export const checkGearPlaces: Check = (assessed) => {
  const { outlook, habitat, ground } = assessed;
  return outlook.all
    .map((one) => fixtureOf(one, habitat.shell, ground.surfaceAt))
    .flatMap((fixture) => {
      const inGround = buried(assessed, fixture);
      return [
        ...inGround,
        ...(inGround.length > 0 ? [] : tooNear(assessed, fixture)),
        ...tooLong(assessed, fixture),
        ...matUnder(assessed, fixture),
        ...probe(assessed, fixture),
        ...beyond(assessed, fixture),
        ...noFlow(assessed, fixture),
      ];
    });
};
