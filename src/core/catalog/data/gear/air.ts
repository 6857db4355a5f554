import type { Gear } from "../../gearSchema";
import { usual } from "./from";

/** What moves the air. */
export const air: readonly Gear[] = [
  {
    id: "smallFan", purpose: "air", watts: [0.5, 5],
    sizes: [
      { mm: 40, flowM3PerH: [8, 14] }, { mm: 60, flowM3PerH: [18, 35] }, { mm: 80, flowM3PerH: [35, 60] },
      { mm: 120, flowM3PerH: [60, 110] },
    ],
    reference: { flowM3PerH: [8, 110], pressurePa: [8, 40], freeFlow: true },
    lifeHours: 40000, renewInMonths: 36, checkInMonths: null,
    control: ["speed", "timer", "humidistat"],
    neverWith: ["unguardedBlades", "handDimmer"],
    places: ["insideGuarded", "outside"],
    cautions: ["electricityWater"],
    unsure: ["reference.pressurePa"],
    from: usual,
  },
  {
    id: "condensationFan", purpose: "air", watts: [0.5, 3],
    sizes: [{ mm: 40, flowM3PerH: [8, 14] }, { mm: 60, flowM3PerH: [18, 35] }],
    reference: { flowM3PerH: [8, 35], freeFlow: true },
    lifeHours: 40000, renewInMonths: 36, checkInMonths: null,
    control: ["speed", "timer", "humidistat"],
    neverWith: ["unguardedBlades", "handDimmer"],
    places: ["insideTop", "outside", "lidOpening"],
    cautions: ["electricityWater"],
    from: usual,
  },
  {
    id: "ductedFan", purpose: "air", watts: [3, 30],
    sizes: [
      { mm: 80, flowM3PerH: [60, 90] }, { mm: 100, flowM3PerH: [90, 190] }, { mm: 125, flowM3PerH: [150, 280] },
    ],
    reference: { flowM3PerH: [60, 280], pressurePa: [30, 150], freeFlow: true },
    lifeHours: 40000, renewInMonths: 48, checkInMonths: null,
    control: ["speed", "timer", "humidistat"],
    neverWith: ["handDimmer"],
    places: ["outside", "room"],
    cautions: ["electricityWater"],
    unsure: ["reference.flowM3PerH", "reference.pressurePa"],
    from: usual,
  },
];
