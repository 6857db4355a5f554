import type { Gear } from "../../catalog";
import type { Assessed, FindingOf } from "../../findings";
import { chainOf, fixtureOf, inUse, isThermostat, wattsOf, type Fitted } from "../../gear";
import { usualGear, type Command } from "../../habitat";
import type { Meets } from "../../outlook";
import { comesAfter, isFine } from "../comesAfter";
import { one, type Menders } from "../mender";
import type { MendQuantities } from "../quantities";
import { hasOpenTop, moreCover } from "./covers";
import { change, clearUpCm, freeId, heldRun, thermostat, type Half } from "./gear";

type Told = MendQuantities["tooCold"];
type Way = { commands: readonly Command[]; told: Told };

const isMeshed = ({ habitat }: Assessed): boolean => hasOpenTop({ habitat }) && habitat.shell.top.coveredPct < 95;

/** Whether the middle of what comes is in the band: a mend that only just ends a word is none. */
const isIn = (met: Meets | undefined): boolean =>
  met === undefined || (isFine(met) && (met.got[0] + met.got[1]) / 2 >= met.wanted[0]);

/** Whether the half that was too cold is so no more, and nothing in it too hot instead. */
function warms(assessed: Assessed, half: Half, { commands }: Way): boolean {
  const { warm, cool, night, basking } = comesAfter(assessed, commands);
  if (half === "night") return isIn(night);
  return isIn(warm) && isFine(cool) && basking?.stand !== "high";
}

/** A set point no higher than the heater comes up to: over that it is only ever on. */
function withinReach(assessed: Assessed, half: Half, way: Way): Way {
  const { warm, night } = comesAfter(assessed, way.commands);
  const reachC = Math.ceil((half === "night" ? night : warm)?.got[1] ?? Infinity);
  const commands = way.commands.map((command): Command => {
    if (command.name !== "addGear" && command.name !== "setGear") return command;
    const { run } = command.args;
    if (run?.by !== "warmth") return command;
    const nightC = run.nightC === null ? null : half === "night" ? Math.min(run.nightC, reachC) : run.nightC;
    const held = { ...run, dayC: half === "day" ? Math.min(run.dayC, reachC) : run.dayC, nightC };
    return { ...command, args: { ...command.args, run: held } } as Command;
  });
  return { ...way, commands };
}

/** The first of some ways that warms enough: they go from the least to the most. */
const first = (assessed: Assessed, half: Half, ways: readonly Way[]): Way[] => {
  const way = ways.find((one) => warms(assessed, half, one));
  if (!way) return [];
  const capped = withinReach(assessed, half, way);
  return [warms(assessed, half, capped) ? capped : way];
};

const wattsOfKind = ({ sizes }: Gear): number[] =>
  [...new Set(sizes.flatMap(({ watts }) => watts ?? []))].toSorted((a, b) => a - b);

/** What warms in this half of the day already, the strongest first. */
const heaters = ({ outlook }: Assessed, half: Half): Fitted[] =>
  outlook.all
    .filter(
      ({ piece, kind }) =>
        inUse(piece, outlook.on) && (kind.purpose === "nightHeat" || (half === "day" && kind.purpose === "dayHeat")),
    )
    .toSorted((a, b) => wattsOf(b) - wattsOf(a));

/** A heater that is there, set to what is wanted, and as strong as it must be; on the thermostat that is there. */
function changed(assessed: Assessed, half: Half, { piece, kind }: Fitted): Way[] {
  const { habitat, ground } = assessed;
  const feed = chainOf(piece, habitat.gear).find(isThermostat);
  const wanted = heldRun(assessed, kind, half);
  const was = piece.run.by === "warmth" ? piece.run : undefined;
  // The other half of the day stays as it was set.
  const run =
    was && wanted.by === "warmth"
      ? { ...was, ...(half === "day" ? { dayC: wanted.dayC } : { nightC: wanted.nightC }) }
      : feed
        ? wanted
        : piece.run;
  const fixture = fixtureOf({ piece, kind }, habitat.shell, ground.surfaceAt);
  const watts = wattsOfKind(kind).filter((one) => one >= wattsOf({ piece, kind }));
  return watts.map((powerW) => {
    const upCm = clearUpCm(assessed, fixture, powerW) ?? piece.upCm;
    const variant = powerW === piece.powerW ? ("set" as const) : ("stronger" as const);
    return { commands: [change(piece.id, { run, powerW, upCm })], told: { kindId: kind.id, loadW: powerW, variant } };
  });
}

/** What warms by night, or by day, in a box with such a top: the usual first. */
function kindsFor(assessed: Assessed, half: Half): string[] {
  if (!isMeshed(assessed)) return ["radiantPanel", "heatMat"];
  const basks = assessed.animal.temperatureC.baskingSurface !== null;
  if (half === "night") return ["ceramicEmitter", "radiantPanel"];
  return basks ? ["halogenLamp", "ceramicEmitter", "radiantPanel"] : ["ceramicEmitter", "radiantPanel", "halogenLamp"];
}

/** A heater of a kind on a thermostat, where none hangs yet, clear of what stands under it. */
function added(assessed: Assessed, half: Half, kindId: string): Way[] {
  const { habitat, library, animal, ground } = assessed;
  const kind = library.get("gear", kindId);
  const [id, controller] = [freeId(habitat.gear, `heater-${half}`), freeId(habitat.gear, `thermostat-${half}`)];
  const usual = usualGear(habitat, kind, animal, { id });
  const fixture = fixtureOf({ piece: usual, kind }, habitat.shell, ground.surfaceAt);
  return wattsOfKind(kind).map((powerW): Way => {
    const upCm = clearUpCm(assessed, fixture, powerW);
    const run = heldRun(assessed, kind, half);
    return {
      commands: [
        thermostat(assessed, kind, controller),
        { name: "addGear", args: { ...usual, powerW, upCm, feedId: controller, run } },
      ],
      told: { kindId, loadW: powerW, variant: "heater" },
    };
  });
}

/** Change what is there, cover the top, then add; last, both. */
function warmed(finding: FindingOf<"tooCold">, assessed: Assessed) {
  const half: Half = finding.quantities.variant === "night" ? "night" : "day";
  const covers = isMeshed(assessed) ? moreCover(assessed) : [];
  const there = heaters(assessed, half)
    .slice(0, 2)
    .map((heater) => changed(assessed, half, heater));
  const fresh = kindsFor(assessed, half).map((kindId) => added(assessed, half, kindId));
  const covered = (ways: readonly Way[]): Way[] =>
    covers.flatMap((cover) =>
      ways.slice(-2).map(({ commands, told }) => ({
        commands: [...cover.commands, ...commands],
        told: { ...told, coveredPct: cover.coveredPct, variant: "covered" as const },
      })),
    );
  const byCover = covers.map(({ coveredPct, commands }): Way => ({
    commands,
    told: { coveredPct, variant: "cover" },
  }));
  return [
    ...there.flatMap((ways) => first(assessed, half, ways)),
    ...first(assessed, half, byCover),
    ...fresh.flatMap((ways) => first(assessed, half, ways)),
    ...there.flatMap((ways) => first(assessed, half, covered(ways))),
    ...fresh.flatMap((ways) => first(assessed, half, covered(ways))),
  ].flatMap(({ commands, told }) => one(told, ...commands));
}

export const warmingMenders = { tooCold: warmed } satisfies Pick<Menders, "tooCold">;
