import { rule } from "../catalog";
import type { Habitat } from "../habitat";
import { areaCm2, bounds, centroid } from "../shape";
import { boxKg, groundOutline, wallWorks } from "../shell";
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

function paneOf({ shell }: Habitat, ground: Ground): Pane | undefined {
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
  const evenMPa = evenStressMPa(plate, ((ground.wetKg + elsewhereKg) * G_M_PER_S2) / area / 1000);
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

/**
 * What a habitat weighs, where its load stands, and what carries it.
 *
 * @example loads(habitat, ground).floodedKg
 */
export function loads(habitat: Habitat, ground: Ground): Load {
  const { shell } = habitat;
  const works = wallWorks(shell);
  const emptyKg = boxKg(shell);
  const wallsKg = works.reduce((sum, work) => sum + work.massKg, 0);
  const piecesKg = ground.solids.reduce((sum, solid) => sum + solid.emptyKg, 0);
  const bowlsKg = ground.solids.reduce((sum, solid) => sum + bowlL(solid), 0);
  const dryKg = emptyKg + wallsKg + piecesKg + ground.dryKg;
  const wetKg = emptyKg + wallsKg + piecesKg + bowlsKg + ground.wetKg;
  const floodedKg = Math.max(wetKg, dryKg + bowlsKg + ground.levels.reduce((sum, level) => sum + level.poresL, 0));
  const [cx, cy] = centroid(groundOutline(shell));
  const side = {
    front: [shell.widthCm / 2, 0],
    back: [shell.widthCm / 2, shell.depthCm],
    left: [0, shell.depthCm / 2],
    right: [shell.widthCm, shell.depthCm / 2],
  } as const;
  const middle = middleOf([
    { kg: emptyKg, xCm: shell.widthCm / 2, yCm: shell.depthCm / 2 },
    ...works.map((work) => ({ kg: work.massKg, xCm: side[work.wall][0], yCm: side[work.wall][1] })),
    ...ground.levels.map((level) => ({ kg: level.wetKg, ...level.middle })),
    { kg: ground.water?.keptL ?? 0, xCm: cx, yCm: cy },
    ...ground.solids.map((solid) => {
      const edge = bounds(solid.outline);
      return { kg: solid.emptyKg + bowlL(solid), xCm: (edge.left + edge.right) / 2, yCm: (edge.front + edge.back) / 2 };
    }),
  ]);
  const [u, v] = [
    Math.min(1, Math.max(0, middle.xCm / shell.widthCm)),
    Math.min(1, Math.max(0, middle.yCm / shell.depthCm)),
  ];
  const heavy = rule("twoPersonLiftKg");
  return {
    boxKg: emptyKg,
    wallsKg,
    piecesKg,
    dryKg,
    wetKg,
    floodedKg,
    middle,
    feetKg: {
      frontLeftKg: floodedKg * (1 - u) * (1 - v),
      frontRightKg: floodedKg * u * (1 - v),
      backLeftKg: floodedKg * (1 - u) * v,
      backRightKg: floodedKg * u * v,
    },
    lifts: [
      ...(emptyKg + wallsKg > heavy ? [{ what: "box" as const, id: shell.buildId, kg: emptyKg + wallsKg }] : []),
      ...ground.solids.flatMap((solid): Lift[] =>
        solid.piece && solid.emptyKg > heavy ? [{ what: "piece", id: solid.kind.id, kg: solid.emptyKg }] : [],
      ),
    ],
    pane: paneOf(habitat, ground),
  };
}
