import type { Library } from "../library";
import type { Design, GearPiece } from "./schema";
import { usualGear } from "./usualGear";

/** Whether a piece of gear is a lamp that plants grow under. */
const lightsPlants = ({ kindId }: GearPiece, library: Library): boolean =>
  library.find("gear", kindId)?.purpose === "plantLight";

/** The lamps over the plants. */
const lampsOf = ({ gear }: Pick<Design, "gear">, library: Library): GearPiece[] =>
  gear.filter((piece) => lightsPlants(piece, library));

/**
 * What the lamps over the plants give together, lumens; null while no lamp tells.
 *
 * @example lampLumens(design, library) // 2400
 */
export function lampLumens(design: Pick<Design, "gear">, library: Library): number | null {
  const told = lampsOf(design, library).flatMap(({ lumens }) => (lumens === null ? [] : [lumens]));
  return told.length === 0 ? null : told.reduce((sum, lumens) => sum + lumens, 0);
}

const FIRST_LAMP = "lamp-1";

/**
 * The gear with so much light over the plants in all: what is one lamp tells it, a first lamp is put up where there is
 * none, and among several the first takes what the others leave.
 */
export function lightOf(
  design: Pick<Design, "gear" | "shell" | "brief">,
  lumens: number | null,
  library: Library,
): GearPiece[] {
  const [first, ...others] = lampsOf(design, library);
  if (!first) return lumens === null ? design.gear : [...design.gear, firstLamp(design, lumens, library)];
  const rest = others.reduce((sum, lamp) => sum + (lamp.lumens ?? 0), 0);
  const left = lumens === null ? null : Math.max(1, lumens - rest);
  return design.gear.map((piece) => (piece === first ? { ...piece, lumens: left } : piece));
}

function firstLamp(design: Pick<Design, "gear" | "shell" | "brief">, lumens: number, library: Library): GearPiece {
  const animal = library.get("animals", design.brief.animalId);
  const { xCm, yCm } = { xCm: design.shell.widthCm / 2, yCm: design.shell.depthCm / 2 };
  const told = { id: FIRST_LAMP, xCm, yCm, powerW: null, lumens };
  return usualGear(design, library.get("gear", "ledBar"), animal, told);
}
