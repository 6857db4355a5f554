import type { Gear } from "@/core/catalog";

export type GearPurpose = Gear["purpose"];

/** What gear gives, as a colour: warm light, dark warmth, daylight, water, air. */
export const COLORS: Record<GearPurpose, string> = {
  dayHeat: "#d9822b",
  nightHeat: "#a63d2f",
  uv: "#8d6fc0",
  plantLight: "#c9b23a",
  water: "#3f9bb1",
  air: "#9fb5ae",
  waterPart: "#3f9bb1",
  control: "#5c6a62",
  measuring: "#5c6a62",
  guard: "#5c6a62",
};
