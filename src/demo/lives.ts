import type { Life } from "./life";

/** The made-up life in each box of the demo. */
export const LIVES: Readonly<Record<string, Life>> = {
  "demo-lantern-gully": {
    seed: 11,
    massG: [38.5, 41.2],
    shedEveryDays: 38,
    seen: [
      {
        ago: 60,
        told: { kind: "saw", what: "mould", text: "On the new bark, the size of a coin; gone ten days later" },
      },
      { ago: 34, told: { kind: "changed", text: "Mister set from 15 s to 20 s" } },
      {
        ago: 18,
        told: {
          kind: "noted",
          text: "Found the skink under the left cork by day, damp side. #hides",
          tags: ["hides"],
          photoIds: [],
        },
      },
    ],
  },
  "demo-dry-wash": {
    seed: 12,
    massG: [9, 62],
    shedEveryDays: 45,
    seen: [
      { ago: 640, told: { kind: "noted", text: "First time out in the open at dusk", tags: [], photoIds: [] } },
      { ago: 410, told: { kind: "health", text: "Stuck shed on two toes: bathed, off after a day", vet: false } },
      { ago: 402, told: { kind: "changed", text: "Damp retreat moved to the cool end, moss renewed" } },
      { ago: 60, told: { kind: "spent", amount: 34, text: "New lamps" } },
    ],
  },
  "demo-kiln-end": { seed: 13, massG: [48, 55], shedEveryDays: 30 },
  "demo-chimney": { seed: 14, massG: [31, 38], shedEveryDays: 40 },
  "demo-undercut": { seed: 15, massG: [4, 5] },
  "demo-twin-thin": {
    seed: 16,
    massG: [48, 71],
    seen: [{ ago: 4, told: { kind: "counted", crewId: "dwarfWhiteIsopod", count: 17 } }],
  },
  "demo-twin-deep": {
    seed: 17,
    massG: [49, 76],
    seen: [{ ago: 4, told: { kind: "counted", crewId: "dwarfWhiteIsopod", count: 41 } }],
  },
};
