/** What tests of many rooms start from. Only tests import it. */
import { derive, type Derived } from "../derive";
import type { Finding } from "../findings";
import { applyAll, startHabitat, type Command, type Design, type Start } from "../habitat";
import { STOCK } from "../library";
import { blocksOfReadings, logNow, NOTHING_LOGGED, type LogEvent, type LogNow, type Reading, type Told } from "../log";
import { mendsOf, type Mend } from "../mending";
import { sceneOf, type Scene } from "../scene";

/** A frog-and-reptile keeper's plain box: 60 x 45 x 60 cm, one crocodile skink. */
export const FERNWALL: Start = {
  id: "h",
  name: "Fernwall",
  createdAt: "2026-01-05T08:00:00Z",
  startOn: "2026-01-05",
  timeZone: "UTC",
  animalId: "crocodileSkink",
  count: 1,
  room: { temperatureC: 21, humidityRh: 45 },
  shell: { widthCm: 60, depthCm: 45, heightCm: 60, sillCm: 20, top: "mesh" },
};

export const started = (over: Partial<Start> = {}): Design => startHabitat({ ...FERNWALL, ...over }, STOCK);
export const made = (design: Design, ...commands: Command[]): Design => applyAll(design, commands, STOCK);
export const scene = (design: Design): Scene => sceneOf(design, STOCK);
export const derived = (design: Design, log: LogNow = NOTHING_LOGGED): Derived => derive(design, log, STOCK);

export type PieceArgs = Extract<Command, { name: "addPiece" }>["args"];

/** A boulder of 10 x 10 x 20 cm on the glass in the middle, or with other figures. */
export const boulder = (more: Partial<PieceArgs> = {}): Command => ({
  name: "addPiece",
  args: {
    id: "stone",
    kindId: "boulder",
    xCm: 30,
    yCm: 22,
    turnDeg: 0,
    widthCm: 10,
    depthCm: 10,
    heightCm: 20,
    rest: { on: "glass" },
    fillMixId: null,
    ...more,
  },
});

/** Events as if each were written at noon of its day. */
export const happened = (...told: Told[]): LogEvent[] =>
  told.map((event, at) => ({ ...event, id: `e${at}`, at: `${event.on}T12:00:00.000Z` }));

/** A log of what happened and what was read, as it stands long after. */
export const logged = (told: readonly Told[], readings: readonly Reading[] = [], day = "2099-12-31"): LogNow =>
  logNow({ events: happened(...told), samples: blocksOfReadings(readings) }, day);

/** A finding by its code, and the ways to mend it. */
export const found = (of: Derived, code: Finding["code"]): { finding: Finding; mends: Mend[] } | undefined => {
  const finding = of.findings.find((one) => one.code === code);
  return finding && { finding, mends: mendsOf(finding, of) };
};
