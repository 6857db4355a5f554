import type { Gear } from "@/core/catalog";

/** How a kind of gear looks. */
export type GearForm =
  "dome" | "tube" | "panel" | "mat" | "nozzles" | "vessel" | "fan" | "duct" | "pump" | "probe" | "stone";

const BY_ID: Readonly<Record<string, GearForm>> = {
  radiantPanel: "panel",
  ledPanel: "panel",
  heatMat: "mat",
  heatCable: "mat",
  heatedStone: "stone",
  mistingPump: "nozzles",
  mistingNozzle: "nozzles",
  drippingWall: "nozzles",
  ductedFan: "duct",
  moonLight: "tube",
};

const BY_PURPOSE: Readonly<Record<Gear["purpose"], GearForm>> = {
  dayHeat: "dome",
  nightHeat: "dome",
  uv: "dome",
  plantLight: "dome",
  water: "vessel",
  air: "fan",
  waterPart: "pump",
  control: "probe",
  measuring: "probe",
  guard: "probe",
};

const LAMPS: readonly Gear["purpose"][] = ["nightHeat", "uv", "plantLight"];

/** @example gearFormOf(STOCK.get("gear", "shadeUvTube")) // "tube" */
export function gearFormOf({ id, purpose, sizes }: Gear): GearForm {
  const own = BY_ID[id];
  if (own) return own;
  return LAMPS.includes(purpose) && sizes.some(({ lengthCm }) => lengthCm !== undefined) ? "tube" : BY_PURPOSE[purpose];
}

/** What gear gives, as a colour: warm light, dark warmth, violet, daylight, water, air. */
export const GEAR_COLORS: Record<Gear["purpose"], string> = {
  dayHeat: "#d9932b",
  nightHeat: "#a63d2f",
  uv: "#8d6fc0",
  plantLight: "#a89a35",
  water: "#3f9bb1",
  air: "#7f9a91",
  waterPart: "#3f9bb1",
  control: "#5c6a62",
  measuring: "#5c6a62",
  guard: "#5c6a62",
};
