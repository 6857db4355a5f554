import { weakMapMemoize } from "reselect";
import { rule, type Animal } from "../../catalog";
import type { Furnishing } from "../../hardscape";
import type { Piece, Wall } from "../../habitat";
import { areaCm2, bounds, regionAreaCm2, type Polygon } from "../../shape";
import type { Solid } from "../../strata";
import type { Assessed, Check, Found } from "../types";

const HAIR_CM = 0.05;
const NEARLY_ALL = 0.97;

/** How much of a piece stands on the floor, cm². */
const onFloorCm2 = weakMapMemoize((outline: Polygon, floor: Polygon): number =>
  regionAreaCm2({ inside: [outline, floor], outside: [] }),
);

/** A piece larger than the box, over its rim, or past its floor. */
function checkSize(solid: Solid, piece: Piece, { habitat, ground }: Assessed): Found[] {
  const { widthCm, depthCm, heightCm } = habitat.shell;
  const { left, right, front, back } = bounds(solid.outline);
  const largerCm = Math.max(right - left - widthCm, back - front - depthCm, solid.topCm - solid.baseCm - heightCm);
  const told = { code: "pieceTooLarge", about: piece.id, step: "shell" } as const;
  const kindId = solid.kind.id;
  if (largerCm > 0) return [{ ...told, weight: "look", quantities: { kindId, overCm: largerCm, variant: "box" } }];
  const overRimCm = solid.topCm - heightCm;
  if (overRimCm > HAIR_CM)
    return [{ ...told, weight: "look", quantities: { kindId, overCm: overRimCm, variant: "rim" } }];
  if (piece.rest.on === "inWall") return checkHeld(solid, piece.rest.wall, habitat);
  if (onFloorCm2(solid.outline, ground.terrain.outline) < areaCm2(solid.outline) * NEARLY_ALL)
    return [{ ...told, weight: "look", quantities: { kindId, overCm: 0, variant: "wall" } }];
  return [];
}

/** What is set in a wall needs something built there to be set in. */
function checkHeld(solid: Solid, wall: Wall, { shell }: Assessed["habitat"]): Found[] {
  const built = shell.treatments.find((other) => other.wall === wall && other.thicknessCm > 0);
  if (built && built.fromCm <= solid.baseCm + HAIR_CM) return [];
  const variant = built ? ("below" as const) : ("bare" as const);
  const quantities = { kindId: solid.kind.id, wall, edgeCm: built?.fromCm ?? 0, variant };
  return [{ code: "pieceUnheld", about: solid.id, weight: "look", step: "shell", quantities }];
}

const DIGGERS: readonly Animal["lives"][] = ["burrowing", "sandSwimming"];
const HEAVY_FEET: readonly Animal["plants"]["roughness"][] = ["rough", "uproots"];

/** A heavy stone over ground an animal can dig out from under it. */
function checkFooting({ kind, emptyKg, baseCm }: Solid, piece: Piece, { ground, animal }: Assessed): Found[] {
  const heavy = kind.roles.includes("heavy") && emptyKg >= rule("heavyPieceKg");
  const digs = DIGGERS.includes(animal.lives) || HEAVY_FEET.includes(animal.plants.roughness);
  const onSoil = piece.rest.on === "ground" && baseCm > 0.5 && ground.soilDepthAt(piece.xCm, piece.yCm) > 0;
  if (!heavy || !digs || !onSoil) return [];
  const quantities = { kindId: kind.id, stoneKg: emptyKg, baseCm, animalId: animal.id };
  return [{ code: "stoneOnSoil", about: piece.id, weight: "harm", step: "shell", quantities }];
}

/** A hide or a bowl that lies under the ground. */
function checkBuried({ kind, topCm }: Solid, piece: Piece, { ground }: Assessed): Found[] {
  const entered = kind.roles.some((role) => role === "hide" || role === "bowl") && !kind.roles.includes("deepTube");
  const surfaceCm = ground.surfaceAt(piece.xCm, piece.yCm);
  if (!entered || topCm > surfaceCm + HAIR_CM) return [];
  const quantities = { kindId: kind.id, underCm: surfaceCm - topCm };
  return [{ code: "pieceBuried", about: piece.id, weight: "look", step: "shell", quantities }];
}

/** Pieces the box cannot hold, stones that may sink, hides nobody gets into. */
export const checkPieces: Check = (assessed) =>
  assessed.ground.solids.flatMap((solid): Found[] => {
    const { piece } = solid;
    if (!piece) return [];
    return [
      ...checkSize(solid, piece, assessed),
      ...checkFooting(solid, piece, assessed),
      ...checkBuried(solid, piece, assessed),
    ];
  });

function missing({ code, needCount, haveCount, leastCm = 0 }: Furnishing, { id: animalId, lives }: Animal): Found {
  const told = { about: code, weight: "look", step: "shell" } as const;
  const quantities = { animalId, needCount, haveCount };
  switch (code) {
    case "hideWarm":
    case "hideCool":
    case "hideAny":
      return { ...told, code: "hideMissing", quantities: { ...quantities, holdsGrownCm: leastCm, variant: code } };
    case "humidHide":
      return { ...told, code: "humidHideMissing", quantities: { ...quantities, holdsGrownCm: leastCm } };
    case "climb":
      return { ...told, code: "climbMissing", quantities };
    case "basking":
      return {
        ...told,
        code: "baskingMissing",
        quantities: { ...quantities, variant: lives === "climbing" && needCount > 1 ? "heights" : "places" },
      };
    case "bowl":
      return { ...told, code: "bowlMissing", quantities };
    default:
      return { ...told, code: "refugeMissing", quantities: { ...quantities, variant: code } };
  }
}

/** Hides, a humid hide, spans and basking places the animal wants and does not find. */
export const checkFurnishing: Check = ({ animal, furnishing }) =>
  furnishing.filter(({ needCount, haveCount }) => haveCount < needCount).map((wanted) => missing(wanted, animal));

/** Too heavy for the stand or for a floor pane carried at its rim; foam without a finish. */
export const checkLoad: Check = ({ habitat, ground, load, library }) => {
  const { standsOn, treatments, wallMm } = habitat.shell;
  const { pane, wetKg, floodedKg } = load;
  const { ratingKg } = standsOn;
  const stand = (ratedKg: number): Found => ({
    code: "standOverloaded",
    about: "stand",
    weight: "harm",
    step: "shell",
    quantities: { ratedKg, wetKg, floodedKg, groundKg: ground.wetKg, piecesKg: load.piecesKg },
  });
  const glass = ({ stressMPa, allowedMPa, patchMPa, evenMPa, heaviestId }: NonNullable<typeof pane>): Found => {
    const heaviest = ground.solids.find(({ id }) => id === heaviestId);
    const told = { stressMPa: stressMPa.toFixed(1), allowedMPa: allowedMPa.toFixed(1), wallMm };
    const quantities =
      heaviest && patchMPa > evenMPa
        ? ({ ...told, kindId: heaviest.kind.id, variant: "piece" } as const)
        : ({ ...told, variant: "even" } as const);
    return { code: "paneOverloaded", about: "pane", weight: "harm", step: "shell", quantities };
  };
  const bare = treatments.filter(
    ({ treatmentId, finishId }) => finishId === null && library.get("wallTreatments", treatmentId).takesFinish,
  );
  return [
    ...(ratingKg !== null && floodedKg > ratingKg ? [stand(ratingKg)] : []),
    ...(pane && pane.stressMPa > pane.allowedMPa ? [glass(pane)] : []),
    ...bare.map(({ wall }): Found => ({
      code: "foamUnfinished",
      about: wall,
      weight: "look",
      step: "shell",
      quantities: { wall },
    })),
  ];
};
