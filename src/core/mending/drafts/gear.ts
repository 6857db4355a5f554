import type { Gear } from "../../catalog";
import type { Assessed } from "../../findings";
import { chainOf, clearanceOf, fixtureOf, isResidualGuard, isThermostat, spanOf, type Fixture } from "../../gear";
import { betweenPanes, fittingSizes, sizeAsSold, type Command, type GearPiece } from "../../habitat";
import { standCm } from "../../outlook";
import { one, type Menders } from "../mender";
import { freeId } from "./freeIds";
import { wholeMiddle } from "../../range";

export const pieceAbout = ({ habitat }: Assessed, id: string): GearPiece | undefined =>
  habitat.gear.find((piece) => piece.id === id);

export const change = (id: string, to: Partial<GearPiece>): Command => ({ name: "setGear", args: { id, ...to } });

/** The thermostat a heater is run by: the gentlest that it goes with. */
const THERMOSTATS: readonly [control: Gear["control"][number], kindId: string][] = [
  ["pulse", "pulseThermostat"],
  ["dimming", "dimmingThermostat"],
  ["onOff", "onOffThermostat"],
];
export const thermostatFor = ({ control }: Gear): string =>
  THERMOSTATS.find(([kind]) => control.includes(kind))?.[1] ?? "onOffThermostat";

/** A probe where the animal is: on what stands there, a little over it. */
function probeAt({ ground }: Assessed, xCm: number, yCm: number): NonNullable<GearPiece["probe"]> {
  const upCm = Math.round(standCm(ground, xCm, yCm) + 1);
  return { xCm: Math.round(xCm), yCm: Math.round(yCm), upCm };
}

/** A thermostat that feeds a heater, its probe in the middle of the box: under the heater it would feel too much. */
export function thermostat(assessed: Assessed, kind: Gear, id: string): Command {
  const { widthCm, depthCm } = assessed.habitat.shell;
  const probe = probeAt(assessed, widthCm / 2, depthCm / 2);
  return { name: "addGear", args: { id, kindId: thermostatFor(kind), probe } };
}

export type Half = "day" | "night";

/** A hide that comes later still stands clear under a heater: as high as most are. */
const HIDE_CM = 10;

/** How high a heater over the top hangs to be clear of what stands under it; nothing where it is so already. */
export function clearUpCm(
  { habitat, ground }: Assessed,
  { xCm, yCm, zCm, kind }: Fixture,
  powerW: number,
): number | null {
  const mayStandCm = Math.max(standCm(ground, xCm, yCm), ground.surfaceAt(xCm, yCm) + HIDE_CM);
  const clearCm = Math.ceil(mayStandCm + clearanceOf(kind, powerW));
  return zCm > habitat.shell.heightCm && clearCm > zCm ? clearCm : null;
}

/** By night, and by day no less; or by day alone: what gives light is dark by night. */
export function heldRun({ animal }: Assessed, { purpose }: Gear, half: Half): GearPiece["run"] {
  const { warm, night } = animal.temperatureC;
  const nightC = wholeMiddle(night);
  const byNight = half === "night" || purpose === "nightHeat" ? nightC : null;
  const dayC = half === "day" ? wholeMiddle(warm) : nightC;
  const alarms = { alarmLowC: night[0] - 2, alarmHighC: warm[1] + 3 };
  return { by: "warmth", fromMin: 8 * 60, untilMin: 20 * 60, dayC, nightC: half === "day" ? null : byNight, ...alarms };
}

export const gearMenders = {
  /** Plugged into a thermostat of its kind, its probe under it. */
  heaterLoose: ({ about, quantities }, assessed) => {
    const piece = pieceAbout(assessed, about);
    if (!piece) return [];
    const kind = assessed.library.get("gear", quantities.kindId);
    const ready = assessed.habitat.gear.find((other) => isThermostat(other) && other.kindId === thermostatFor(kind));
    const id = ready?.id ?? freeId(assessed.habitat.gear, "thermostat");
    const run = piece.run.by === "warmth" ? piece.run : heldRun(assessed, kind, "night");
    const plugged = change(about, { feedId: id, run });
    const adds = ready ? [] : [thermostat(assessed, kind, id)];
    return one({ kindId: thermostatFor(kind) }, ...adds, plugged);
  },
  setPointBeyond: ({ about, quantities }, assessed) => {
    const piece = pieceAbout(assessed, about);
    if (!piece) return [];
    const kind = assessed.library.get("gear", quantities.kindId);
    const fixture = fixtureOf({ piece, kind }, assessed.habitat.shell, assessed.ground.surfaceAt);
    const stronger = kind.sizes.flatMap(({ watts }) => watts ?? []).filter((watts) => watts > (piece.powerW ?? 0));
    return [...new Set(stronger)]
      .toSorted((a, b) => a - b)
      .flatMap((powerW) => {
        const upCm = clearUpCm(assessed, fixture, powerW) ?? piece.upCm;
        return one({ loadW: powerW }, change(about, { powerW, upCm }));
      });
  },
  matUnder: ({ about }) => one({}, change(about, { place: "sideOfBox", wall: "left", upCm: null })),
  miswired: ({ about, quantities }, assessed) => {
    const piece = pieceAbout(assessed, about);
    const bad = piece && chainOf(piece, assessed.habitat.gear).find(({ kindId }) => kindId === quantities.otherKindId);
    const run: GearPiece["run"] = { by: "hours", fromMin: 8 * 60, untilMin: 20 * 60, rampMin: 0 };
    const clocked = piece?.run.by === "warmth" ? { run } : {};
    return bad ? one({ otherKindId: bad.kindId }, change(about, { feedId: bad.feedId, ...clocked })) : [];
  },
  /** The one that is there, or one, before all that is plugged into the wall: what draws, and what feeds it. */
  socketUnguarded: (_finding, { habitat }) => {
    const { gear } = habitat;
    const there = gear.find(isResidualGuard);
    const id = there?.id ?? freeId(gear, "guard");
    const feedsSome = (piece: GearPiece) => gear.some(({ feedId }) => feedId === piece.id);
    const roots = gear.filter((piece) => {
      const draws = piece.powerW !== null || feedsSome(piece);
      return piece.feedId === null && draws && !isResidualGuard(piece);
    });
    const adds: Command[] = there ? [] : [{ name: "addGear", args: { id, kindId: "residualCurrentDevice" } }];
    return one({}, ...adds, ...roots.map((root) => change(root.id, { feedId: id })));
  },
  noDripLoop: () => one({}, { name: "setPower", args: { dripLoops: true } }),
  lightByNight: ({ about }) =>
    one({}, change(about, { run: { by: "hours", fromMin: 8 * 60, untilMin: 20 * 60, rampMin: 0 } })),
  probeOff: ({ about }, assessed) => {
    const { habitat, outlook } = assessed;
    const fed = habitat.gear.find(({ feedId, powerW }) => feedId === about && powerW !== null);
    const at = outlook.basking?.at ?? fed ?? { xCm: habitat.shell.widthCm / 4, yCm: habitat.shell.depthCm / 2 };
    return one({}, change(about, { probe: probeAt(assessed, at.xCm, at.yCm) }));
  },
  gearTooLong: ({ about }, assessed) => {
    const { habitat, outlook, ground } = assessed;
    const lamp = outlook.all.find(({ piece }) => piece.id === about);
    if (!lamp) return [];
    const fixture = fixtureOf(lamp, habitat.shell, ground.surfaceAt);
    const move = one(
      { variant: "move" as const },
      change(about, betweenPanes(fixture, spanOf(fixture), habitat.shell)),
    );
    const lengthCm = ({ lengthCm: long, widthCm }: Gear["sizes"][number]): number => long ?? widthCm ?? 0;
    const shorter = fittingSizes(lamp.kind, habitat.shell)
      .filter((sold) => lengthCm(sold) < spanOf(fixture).alongCm)
      .toReversed()
      .slice(0, 1)
      .flatMap((sold) => {
        const size = { ...lamp.piece.size, ...sizeAsSold(sold) };
        const piece = { ...lamp.piece, size };
        const at = betweenPanes(fixture, spanOf({ ...lamp, piece }), habitat.shell);
        const told = { spanCm: lengthCm(sold), variant: "shorter" as const };
        return one(told, change(about, { size, powerW: sold.watts ?? piece.powerW, ...at }));
      });
    return [...move, ...shorter];
  },
  gearBuried: ({ about }) => one({}, change(about, { upCm: null })),
  pumpNoFlow: ({ about, quantities }, assessed) => {
    const headCm = Math.ceil(quantities.liftCm * 1.4);
    const size = { ...pieceAbout(assessed, about)?.size, headCm };
    return one({ headCm }, change(about, { size }));
  },
} satisfies Pick<
  Menders,
  | "heaterLoose"
  | "setPointBeyond"
  | "matUnder"
  | "miswired"
  | "socketUnguarded"
  | "noDripLoop"
  | "lightByNight"
  | "probeOff"
  | "gearBuried"
  | "gearTooLong"
  | "pumpNoFlow"
>;
