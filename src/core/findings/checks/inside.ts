import type { Stand } from "../../habitat";
import { spotOf } from "../../living";
import { within } from "../../placing";
import type { Assessed, Check, Found } from "../types";

const ON_GROUND: readonly string[] = ["ground", "pot", "waterEdge"];
const WOODEN: readonly string[] = ["log", "tube", "flat", "ledge"];

/** Whether there is anything to tie a plant to: a branch, cork, or a wall that takes it. */
const hasWood = ({ ground, habitat }: Assessed): boolean =>
  habitat.shell.treatments.some(({ thicknessCm }) => thicknessCm > 0) ||
  ground.solids.some(({ piece, kind }) => piece && (WOODEN.includes(kind.form) || kind.roles.includes("climb")));

function checkStand(stand: Stand, assessed: Assessed): Found[] {
  const { ground, library } = assessed;
  const spot = spotOf(library.get("plants", stand.plantId), stand);
  const told = { about: stand.id, weight: "look", step: "planting" } as const;
  const { plantId } = stand;
  if (spot === "wood" && !hasWood(assessed)) return [{ ...told, code: "plantNoWood", quantities: { plantId } }];
  if (stand.inId !== null || !ON_GROUND.includes(spot)) return [];
  const inside = within(stand.xCm, stand.yCm, ground);
  if (inside === undefined) return [];
  const quantities =
    inside === "wall"
      ? ({ plantId, variant: "wall" } as const)
      : ({ plantId, kindId: inside.kind.id, variant: "piece" } as const);
  return [{ ...told, code: "plantInside", quantities }];
}

/** Plants that would grow within a wall or a thing, and on wood where there is none. */
export const checkStanding: Check = (assessed) =>
  assessed.habitat.plants.flatMap((stand) => checkStand(stand, assessed));
