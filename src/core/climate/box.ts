import { weakMapMemoize } from "reselect";
import type { Animal, Range } from "../catalog";
import type { Design, Shell } from "../habitat";
import type { Library } from "../library";
import { openingsOf } from "./airChange";
import { filmDries, vapourConductance, type BoxFace, type Shut } from "./balance";
import { SOIL_MOISTURE, type Half } from "./field";
import { AIR_KG_PER_M3, panesOf, type Panes } from "./heat";
import { humidityRatio } from "./psychrometrics";

/** Leaves and open water as the air of a box sees them. */
export type WetSurfaces = {
  leavesM2: number;
  /** How easily they give water off, kg/s for each kg/kg: the most closed of a kind, and the most open. */
  leavesKgPerS: { day: Range; night: Range };
  waterM2: number;
};

/** Which end of each range a corner takes: 0 the least, 1 the most. */
export type Corner = { still: 0 | 1; heat: 0 | 1; wet: 0 | 1; films: 0 | 1 };

/** Air to what it passes, W/m²K, from still air to moving: natural convection, from memory. */
const FILM_W_PER_M2K: Range = [2, 4];
/** The same on either side of a leaf, which is small: from memory. */
const LEAF_FILM: Range = [3, 6];
/** Long waves between surfaces near room warmth, 4 ε σ T³ for surfaces of nine tenths: W/m²K. */
const SHINES_W_PER_M2K = 4.9;
/** Of what shines up through a mesh, so much comes through: from memory. */
const THROUGH_MESH = 0.75;

/** What litter holds back: a tuned model's. */
const LITTER_S_PER_M = 400;
/** How freely ground gives off water by how damp it is: Lee and Pielke 1992, recalled. */
const groundShare = (moisture: number): number => Math.sin((Math.PI / 2) * Math.min(1, moisture)) ** 4;
const inSeries = (conductance: number, sPerM: number): number => 1 / (1 / conductance + sPerM / AIR_KG_PER_M3);

/**
 * How easily leaves of an area, one side, give water off by what their pores let through, kg/s for each kg/kg.
 *
 * @param sPerM resistance of pores and skin together, s/m
 * @example leafKgPerS(0.2, 800) // 2.2e-4
 */
export const leafKgPerS = (m2: number, sPerM: number): number =>
  m2 * inSeries(vapourConductance((LEAF_FILM[0] + LEAF_FILM[1]) / 2), sPerM);

/** Leaves catch light by Beer's law; through gaps it falls on: from memory. */
const CAUGHT_BY_LEAVES = 0.6;
/** Of what shines past the leaves, so much falls on the ground, the rest on the walls: from memory. */
const FALLS_ON_GROUND = 0.7;

/** What a box is worked out from: its shell over its fill, its room, its ground and its leaves. */
export type Boxed = {
  animal: Pick<Animal, "soil">;
  room: Design["brief"]["room"];
  shell: Shell;
  /** Mean height of the ground, cm. */
  fillCm: number;
  wet: WetSurfaces;
  library: Library;
};

/** One face of so much area, all but what it is shone on. */
function faceOf(
  is: BoxFace["is"],
  m2: number,
  filmWPerM2K: number,
  more: Partial<BoxFace> & Pick<BoxFace, "outWPerK">,
): BoxFace {
  return {
    is,
    shinesWPerK: m2 * SHINES_W_PER_M2K,
    airWPerK: m2 * filmWPerM2K,
    wetKgPerS: 0,
    dewKgPerS: m2 * vapourConductance(filmWPerM2K),
    takesShone: 0,
    takesMat: 0,
    ...more,
  };
}

/** Leaves and water, which share the floor with bare ground. */
function floorFaces({ animal, wet }: Boxed, panes: Panes, half: Half, { films, wet: at }: Corner): BoxFace[] {
  const film = FILM_W_PER_M2K[films];
  const waterM2 = Math.min(wet.waterM2, panes.floorM2 * 0.9);
  const groundM2 = panes.floorM2 - waterM2;
  const damp = groundShare(SOIL_MOISTURE[animal.soil.surface][at]);
  const past = Math.exp(-CAUGHT_BY_LEAVES * (wet.leavesM2 / panes.floorM2));
  const fallsPerM2 = (past * FALLS_ON_GROUND) / panes.floorM2;
  const ground = faceOf("ground", groundM2, film, {
    outWPerK: groundM2 * panes.baseWPerM2K,
    wetKgPerS: groundM2 * inSeries(vapourConductance(film), LITTER_S_PER_M) * damp,
    takesShone: groundM2 * fallsPerM2,
    takesMat: waterM2 > 0 ? groundM2 / panes.floorM2 : 1,
  });
  const water = faceOf("water", waterM2, film, {
    outWPerK: waterM2 * panes.baseWPerM2K,
    wetKgPerS: waterM2 * vapourConductance(film),
    takesShone: waterM2 * fallsPerM2,
    takesMat: waterM2 / panes.floorM2,
  });
  // Leaves that hide one another shine only as far as they are seen.
  const leaves = faceOf("leaves", 2 * wet.leavesM2, LEAF_FILM[films], {
    shinesWPerK: Math.min(2 * wet.leavesM2, 2 * panes.floorM2) * SHINES_W_PER_M2K,
    outWPerK: 0,
    wetKgPerS: wet.leavesKgPerS[half][at],
    takesShone: 1 - past,
  });
  return [ground, water, leaves];
}

function wallFaces({ wet }: Boxed, panes: Panes, { films }: Corner): BoxFace[] {
  const film = FILM_W_PER_M2K[films];
  const past = Math.exp(-CAUGHT_BY_LEAVES * (wet.leavesM2 / panes.floorM2));
  const builtM2 = panes.built.reduce((sum, { m2 }) => sum + m2, 0);
  const onWalls = past * (1 - FALLS_ON_GROUND);
  const share = (m2: number) => (onWalls * m2) / Math.max(1e-9, panes.wallsM2 + builtM2);
  const walls = faceOf("walls", panes.wallsM2, film, {
    outWPerK: panes.wallsM2 * panes.wallWPerM2K,
    // What falls on bare glass goes out through it; a board takes it up.
    takesShone: panes.isClear ? 0 : share(panes.wallsM2),
  });
  const lid = faceOf("lid", panes.closedM2, film, { outWPerK: panes.closedM2 * panes.lidWPerM2K });
  return [
    walls,
    lid,
    ...panes.built.map(({ m2, wPerM2K }) =>
      faceOf("built", m2, film, { outWPerK: m2 * wPerM2K, takesShone: share(m2), dewKgPerS: 0 }),
    ),
  ];
}

/** A film of spray lies on leaves and on the panes; of leaves only on the upper side. */
function filmOf({ wet }: Boxed, panes: Panes, roomC: number, { films }: Corner): number {
  const film = FILM_W_PER_M2K[films];
  const m2 = wet.leavesM2 + panes.wallsM2 * SPRAYED_SHARE;
  return filmDries(m2 * vapourConductance(film), m2 * (film + SHINES_W_PER_M2K), roomC);
}
/** Spray reaches so much of the panes: from memory. */
const SPRAYED_SHARE = 0.3;

/** What of a box is the same at every corner. */
const shellOf = weakMapMemoize((shell: Shell, fillCm: number, library: Library) => ({
  openings: openingsOf(shell, fillCm, library),
  panes: panesOf(shell, fillCm, library),
}));

const isThere = ({ airWPerK }: BoxFace): boolean => airWPerK > 0;

/** A box with its room, over its fill, at one corner of its range. */
export function shutOf(boxed: Boxed, half: Half, corner: Corner): Shut {
  const { shell, fillCm, room, library } = boxed;
  const { openings, panes } = shellOf(shell, fillCm, library);
  return {
    openings,
    faces: [...floorFaces(boxed, panes, half, corner), ...wallFaces(boxed, panes, corner)].filter(isThere),
    openWPerK: openings.topM2 * SHINES_W_PER_M2K * (openings.topIsMesh ? THROUGH_MESH : 1),
    filmKgPerS: filmOf(boxed, panes, room.temperatureC, corner),
    roomC: room.temperatureC,
    roomRatio: humidityRatio(room.temperatureC, room.humidityRh),
  };
}
