import { flatCmOf, lengthCmOf, type Fixture } from "@/core/gear";
import { alongOf, type Frame } from "./frame";
import { gearFormOf } from "./gearForm";

export const HOUSING = "#3f423d";
export const METAL = "#8d9290";

export type Drawn = { fixture: Fixture; frame: Frame };

/** How large things are that come in one size, cm: from memory. */
export const DOME_CM = { wide: 13, high: 8 };
export const TUBE_CM = { high: 3.2, wide: 5 };
export const PUMP_CM = { wide: 5, high: 4 };
export const VESSEL_CM = { wide: 9, high: 12 };

/** How wide a piece is along a view, cm. */
export function gearWideCm(fixture: Fixture, view: Frame["view"]): number {
  const { widthCm, depthCm } = flatCmOf(fixture);
  switch (gearFormOf(fixture.kind)) {
    case "dome":
      return DOME_CM.wide;
    case "tube":
      return view === "side" ? TUBE_CM.wide : Math.max(TUBE_CM.wide, lengthCmOf(fixture));
    case "panel":
    case "mat":
    case "stone":
      return Math.max(6, view === "side" ? depthCm : widthCm);
    case "vessel":
      return VESSEL_CM.wide;
    case "fan":
    case "duct":
      return 8;
    case "pump":
      return PUMP_CM.wide;
    case "nozzles":
    case "probe":
      return 4;
  }
}

/** How far a piece reaches over the place it hangs at, cm. */
export function gearHighCm({ kind }: Pick<Fixture, "kind">): number {
  const form = gearFormOf(kind);
  return form === "dome" ? DOME_CM.high + 4 : form === "vessel" || form === "duct" ? VESSEL_CM.high : TUBE_CM.high + 1;
}

/** Where a piece is drawn along a view, cm: what stands beside the box, left of it. */
export function drawnAlongCm(fixture: Fixture, frame: Frame): number {
  const isBesideIt = fixture.place === "outside" && gearFormOf(fixture.kind) !== "nozzles";
  return isBesideIt ? -gearWideCm(fixture, frame.view) / 2 - 2 : alongOf(frame, fixture);
}
