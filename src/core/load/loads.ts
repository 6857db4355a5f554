import { weakMapMemoize } from "reselect";
import { rule } from "../catalog";
import type { Shell } from "../habitat";
import type { Library } from "../library";
import { areaCm2, bounds, centroid } from "../shape";
import { boxKg, groundOutline, wallWorks, type WallWork } from "../shell";
import type { Ground, Solid } from "../strata";
import { evenStressMPa, patchStressMPa } from "./pane";

/** Something that wants two people. */
export type Lift = { what: "box" | "piece"; id: string; kg: number };

/** The floor pane when only its rim is carried. */
export type Pane = {
  evenMPa: number;
  patchMPa: number;
  stressMPa: number;
  allowedMPa: number;
  heaviestId: string | undefined;
};

/** What the stand and the floor under it carry. */
export type Load = {
  boxKg: number;
  wallsKg: number;
  piecesKg: number;
  /** As built; soaked with the kept water; and with every pore full, as when a mister sticks. */
  dryKg: number;
  wetKg: number;
  floodedKg: number;
  /** Middle of the wet load, from the left and from the front. */
  middle: { xCm: number; yCm: number };
  /** Under four feet at the corners, flooded, by the lever rule. */
  feetKg: { frontLeftKg: number; frontRightKg: number; backLeftKg: number; backRightKg: number };
  lifts: readonly Lift[];
  pane: Pane | undefined;
};

const G_M_PER_S2 = 9.80665;
const CM2_PER_M2 = 10_000;

/** Water a bowl holds to its rim. */
const bowlL = ({ kind, hole, topCm, baseCm }: Solid): number =>
  kind.form === "bowl" && hole ? (areaCm2(hole) * Math.max(0, topCm - baseCm - (kind.hollow?.wallCm ?? 0))) / 1000 : 0;

type Weighed = { kg: number; xCm: number; yCm: number };

function middleOf(parts: readonly Weighed[]): { xCm: number; yCm: number } {
  const kg = parts.reduce((sum, part) => sum + part.kg, 0);
  const mean = (pick: (part: Weighed) => number) =>
    kg > 0 ? parts.reduce((sum, part) => sum + part.kg * pick(part), 0) / kg : 0;
  return { xCm: mean((part) => part.xCm), yCm: mean((part) => part.yCm) };
}

function paneOf(shell: Shell, ground: Ground, bodyKg: number): Pane | undefined {
  if (shell.standsOn.under !== "rim" || shell.buildId !== "glass") return undefined;
  const plate = {
    longCm: Math.max(shell.widthCm, shell.depthCm),
    shortCm: Math.min(shell.widthCm, shell.depthCm),
    thickMm: shell.wallMm,
  };
  const onGlass = ground.solids.filter((solid) => solid.piece && solid.baseCm === 0);
  const elsewhereKg = ground.solids
    .filter((solid) => !onGlass.includes(solid))
    .reduce((sum, solid) => sum + solid.emptyKg, 0);
  const area = areaCm2(groundOutline(shell)) / CM2_PER_M2;
  const evenMPa = evenStressMPa(plate, ((ground.wetKg + bodyKg + elsewhereKg) * G_M_PER_S2) / area / 1000);
  const patches = onGlass.map((solid) => ({
    id: solid.id,
    mpa: patchStressMPa(
      plate,
      solid.emptyKg * G_M_PER_S2,
      Math.min(Math.sqrt(areaCm2(solid.outline) / Math.PI), plate.shortCm / 2),
    ),
  }));
  const patchMPa = patches.reduce((sum, patch) => sum + patch.mpa, 0);
  return {
    evenMPa,
    patchMPa,
    stressMPa: evenMPa + patchMPa,
    allowedMPa: rule("lastingGlassMPa"),
    heaviestId: patches.reduce<(typeof patches)[number] | undefined>(
      (worst, patch) => (worst && worst.mpa >= patch.mpa ? worst : patch),
      undefined,
    )?.id,
  };
}

/** Where each wall's build hangs: the middle of its side. */
const sidesOf = ({ widthCm, depthCm }: Shell) =>
  ({
    front: { xCm: widthCm / 2, yCm: 0 },
    back: { xCm: widthCm / 2, yCm: depthCm },
    left: { xCm: 0, yCm: depthCm / 2 },
    right: { xCm: widthCm, yCm: depthCm / 2 },
  }) as const;

/** The middle of all that is wet: box, walls, layers, kept water, and what stands in it. */
function loadMiddle(shell: Shell, ground: Ground, emptyKg: number, bodyKg: number, works: readonly WallWork[]) {
  const [cx, cy] = centroid(groundOutline(shell));
  const sides = sidesOf(shell);
  return middleOf([
    { kg: emptyKg, xCm: shell.widthCm / 2, yCm: shell.depthCm / 2 },
    ...works.map((work) => ({ kg: work.massKg, ...sides[work.wall] })),
    ...ground.levels.map((level) => ({ kg: level.wetKg, ...level.middle })),
    { kg: (ground.water?.keptL ?? 0) + bodyKg, xCm: cx, yCm: cy },
    ...ground.solids.map((solid) => {
      const edge = bounds(solid.outline);
      return { kg: solid.emptyKg + bowlL(solid), xCm: (edge.left + edge.right) / 2, yCm: (edge.front + edge.back) / 2 };
    }),
  ]);
}

/** What four feet at the corners bear, by the lever rule. */
function onFeet(kg: number, { xCm, yCm }: Load["middle"], { widthCm, depthCm }: Shell): Load["feetKg"] {
  const share = (value: number) => Math.min(1, Math.max(0, value));
  const [u, v] = [share(xCm / widthCm), share(yCm / depthCm)];
  return {
    frontLeftKg: kg * (1 - u) * (1 - v),
    frontRightKg: kg * u * (1 - v),
    backLeftKg: kg * (1 - u) * v,
    backRightKg: kg * u * v,
  };
}

/** What is too heavy for one. */
function liftsOf(boxId: string, boxKgWithWalls: number, solids: readonly Solid[]): Lift[] {
  const heavy = rule("twoPersonLiftKg");
  const box: Lift = { what: "box", id: boxId, kg: boxKgWithWalls };
  const pieces = solids.filter((solid) => solid.piece && solid.emptyKg > heavy);
  return [
    ...(box.kg > heavy ? [box] : []),
    ...pieces.map((solid): Lift => ({ what: "piece", id: solid.kind.id, kg: solid.emptyKg })),
  ];
}

/**
 * What a habitat weighs, where its load stands, and what carries it.
 *
 * @param bodyKg water that stands in the box for the animal to live in, over what drainage and bowls hold
 * @example loads(design.shell, ground, library, 0).floodedKg
 */
export const loads = weakMapMemoize((shell: Shell, ground: Ground, library: Library, bodyKg: number): Load => {
  const works = wallWorks(shell, library);
  const emptyKg = boxKg(shell, library);
  const wallsKg = works.reduce((sum, work) => sum + work.massKg, 0);
  const piecesKg = ground.solids.reduce((sum, solid) => sum + solid.emptyKg, 0);
  const bowlsKg = ground.solids.reduce((sum, solid) => sum + bowlL(solid), 0);
  const poresKg = ground.levels.reduce((sum, level) => sum + level.poresL, 0);
  const dryKg = emptyKg + wallsKg + piecesKg + ground.dryKg;
  const wetKg = emptyKg + wallsKg + piecesKg + bowlsKg + bodyKg + ground.wetKg;
  const floodedKg = Math.max(wetKg, dryKg + bowlsKg + bodyKg + poresKg);
  const middle = loadMiddle(shell, ground, emptyKg, bodyKg, works);
  return {
    boxKg: emptyKg,
    wallsKg,
    piecesKg,
    dryKg,
    wetKg,
    floodedKg,
    middle,
    feetKg: onFeet(floodedKg, middle, shell),
    lifts: liftsOf(shell.buildId, emptyKg + wallsKg, ground.solids),
    pane: paneOf(shell, ground, bodyKg),
  };
});
