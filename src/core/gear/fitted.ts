import type { Gear, Range } from "../catalog";
import type { Design, GearPiece, Shell } from "../habitat";
import type { Library } from "../library";

export type Place = Gear["places"][number];

/** A piece of gear with its kind. */
export type Fitted = { piece: GearPiece; kind: Gear };

/** Every piece of gear of a design with its kind. @example fitted(design.gear, library)[0]?.kind.purpose // "uv" */
export const fitted = (gear: Design["gear"], library: Library): Fitted[] =>
  gear.map((piece) => ({ piece, kind: library.get("gear", piece.kindId) }));

/** Within the box, under what closes it. */
const INSIDE: readonly Place[] = [
  "insideGuarded",
  "insideTop",
  "insideWall",
  "underSlab",
  "inWater",
  "inSoil",
  "floor",
];
export const isInside = (place: Place): boolean => INSIDE.includes(place);

const ON_WALLS: readonly Place[] = ["insideWall", "sideOfBox", "wall"];
export const isOnWall = (place: Place): boolean => ON_WALLS.includes(place);

/** Beside the box or somewhere in the room: it has a hose, a duct or a cable into the box. */
const BESIDE: readonly Place[] = ["outside", "room"];
export const isBeside = (place: Place): boolean => BESIDE.includes(place);

/**
 * Where a piece is: as it was told, else where its kind usually goes; one that was given a height under the lid goes
 * where its kind goes inside.
 */
export function placeOf({ piece, kind }: Fitted, { heightCm }: Pick<Shell, "heightCm">): Place {
  if (piece.place !== null) return piece.place;
  const usual = kind.places[0] ?? "room";
  const within = piece.upCm !== null && piece.upCm <= heightCm;
  return within && !isInside(usual) ? (kind.places.find(isInside) ?? usual) : usual;
}

/** Lamps rest so far over a mesh, and hang so far under a lid, where no height is told: from memory. */
const OVER_TOP_CM = 3;
const UNDER_TOP_CM = 4;
const GUARDED_UNDER_CM = 12;

/** How high over the floor's glass a piece is where no height is told. */
function usualUpCm(place: Place, heightCm: number, surfaceCm: number): number {
  switch (place) {
    case "aboveMesh":
    case "lidOpening":
      return heightCm + OVER_TOP_CM;
    case "insideTop":
      return heightCm - UNDER_TOP_CM;
    case "insideGuarded":
      return Math.max(surfaceCm, heightCm - GUARDED_UNDER_CM);
    case "insideWall":
    case "wall":
      return surfaceCm + (heightCm - surfaceCm) * 0.7;
    case "sideOfBox":
      return surfaceCm + (heightCm - surfaceCm) * 0.25;
    case "outside":
    case "room":
      return heightCm * 0.4;
    case "underSlab":
    case "inSoil":
      return surfaceCm;
    case "underBox":
    case "inWater":
    case "floor":
      return 0;
  }
}

/** What is between a lamp and what it shines on. */
export type Between = "nothing" | "mesh" | "glass";

/**
 * Of light, UV and heat from a lamp over it, so much comes through the mesh of a lid: holes of 1.0 mm at a pitch of 1.35
 * are 55 % of it, and a coarser one lets three quarters by; "a third or more lost" is common practice.
 */
export const MESH_PASSES: Range = [0.55, 0.75];

/** A covered top is of glass: over so much of it, a lamp has no mesh left to stand on. */
const WHOLLY_COVERED_PCT = 95;

/** What closes the box between what stands over it and what is in it. @example throughTop(shell) // "mesh" */
function throughTop({ top }: Pick<Shell, "top">): Between {
  if (top.lid === "glass" || top.coveredPct > WHOLLY_COVERED_PCT) return "glass";
  return top.lid === "mesh" ? "mesh" : "nothing";
}

/** A piece of gear where it is: cm from the left, from the front and from the floor's glass. */
export type Fixture = Fitted & { place: Place; xCm: number; yCm: number; zCm: number; through: Between };

type Surface = (xCm: number, yCm: number) => number;

const onWall = ({ wall, xCm, yCm }: GearPiece, { widthCm, depthCm }: Shell): { xCm: number; yCm: number } => ({
  xCm: wall === "left" ? 0 : wall === "right" ? widthCm : xCm,
  yCm: wall === "front" ? 0 : wall === "back" ? depthCm : yCm,
});

/**
 * Where a piece of gear is, whether it was told or goes by its kind.
 *
 * @param surfaceAt height of the ground at a place, cm
 * @example fixtureOf(lamp, shell, ground.surfaceAt).zCm // 53: three over the mesh of a box of 50
 */
export function fixtureOf(one: Fitted, shell: Shell, surfaceAt: Surface): Fixture {
  const place = placeOf(one, shell);
  const { xCm, yCm } = isOnWall(place) ? onWall(one.piece, shell) : one.piece;
  const zCm = one.piece.upCm ?? usualUpCm(place, shell.heightCm, surfaceAt(xCm, yCm));
  const over = !isInside(place) && zCm >= shell.heightCm - 1;
  return { ...one, place, xCm, yCm, zCm, through: over ? throughTop(shell) : "nothing" };
}
