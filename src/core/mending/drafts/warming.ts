import type { Gear } from "../../catalog";
import type { Assessed, FindingOf } from "../../findings";
import { chainOf, clearanceOf, fixtureOf, inUse, isThermostat, wattsOf, type Fitted } from "../../gear";
import { grouped } from "../../grouped";
import { betweenPanes, fittingSizes, sizeAsSold, usualGear, type Command, type GearPiece } from "../../habitat";
import { standCm, type Meets } from "../../outlook";
import { comesAfter, isFine } from "../comesAfter";
import { one, type Menders } from "../mender";
import type { MendQuantities } from "../quantities";
import { hasOpenTop, moreCover } from "./covers";
import { isClear, placesAside } from "./apart";
import { freeId, freeIds } from "./freeIds";
import { change, clearUpCm, heldRun, thermostat, thermostatFor, type Half } from "./gear";

type Quantities = MendQuantities["tooCold"];
type Way = { commands: readonly Command[]; told: Quantities };

const isMeshed = ({ habitat }: Assessed): boolean => hasOpenTop({ habitat }) && habitat.shell.top.coveredPct < 95;

/** When it is warm enough: the middle of what comes in the band; or, where nothing does that, some of it. */
type Enough = (met: Meets | undefined) => boolean;
const midIn: Enough = (met) => met === undefined || (isFine(met) && (met.got[0] + met.got[1]) / 2 >= met.wanted[0]);

/** What is to be warmer, and when it is so. */
type Aim = { half: Half; enough: Enough };

/** Whether the half that was too cold is so no more, and nothing in it too hot instead. */
function warms(assessed: Assessed, { half, enough }: Aim, { commands }: Way): boolean {
  const { warm, cool, night, basking } = comesAfter(assessed, commands);
  if (half === "night") return enough(night);
  return enough(warm) && isFine(cool) && basking?.stand !== "high";
}

type Held = Extract<GearPiece["run"], { by: "warmth" }>;

/** A way with the set points of what it adds or changes told anew. */
const reset = (way: Way, anew: (run: Held) => Partial<Held>): Way => ({
  ...way,
  commands: way.commands.map((command): Command => {
    if (command.name !== "addGear" && command.name !== "setGear") return command;
    const { run } = command.args;
    if (run?.by !== "warmth") return command;
    return { ...command, args: { ...command.args, run: { ...run, ...anew(run) } } } as Command;
  }),
});

/** A set point no higher than the heater comes up to: over that it is only ever on. */
function withinReach(assessed: Assessed, half: Half, way: Way): Way {
  const { warm, night } = comesAfter(assessed, way.commands);
  const reachC = Math.ceil((half === "night" ? night : warm)?.got[1] ?? Infinity);
  return reset(way, ({ dayC, nightC }) =>
    half === "day" ? { dayC: Math.min(dayC, reachC) } : { nightC: nightC === null ? null : Math.min(nightC, reachC) },
  );
}

/** Set to the middle of what is wanted; where a whole box that warm leaves no cool end, to the least of it. */
function heldAt(assessed: Assessed, half: Half, way: Way): Way[] {
  const leastC = Math.ceil(assessed.animal.temperatureC.warm[0]);
  return half === "night" ? [way] : [way, reset(way, ({ dayC }) => ({ dayC: Math.min(dayC, leastC) }))];
}

/** The first of some ways that warms enough: they go from the least to the most. */
const first = (assessed: Assessed, aim: Aim, ways: readonly Way[]): Way[] => {
  for (const way of ways.flatMap((one) => heldAt(assessed, aim.half, one))) {
    if (!warms(assessed, aim, way)) continue;
    const capped = withinReach(assessed, aim.half, way);
    return [warms(assessed, aim, capped) ? capped : way];
  }
  return [];
};

/** So many ways of one sort are offered. */
const OFFERED = 2;

/** The first that warms enough of each of some lists, no further than so many are found: each is tried out. */
function firstFew(assessed: Assessed, aim: Aim, lists: readonly (readonly Way[])[]): Way[] {
  const found: Way[] = [];
  for (const ways of lists) {
    if (found.length >= OFFERED) break;
    found.push(...first(assessed, aim, ways));
  }
  return found;
}

type Sold = { watts: number; size: GearPiece["size"] };

/** What a kind is sold in that fits the box, the weakest first: a stronger panel or mat is a larger one. */
function byWatts(kind: Gear, shell: Assessed["habitat"]["shell"]): Sold[] {
  const sold = fittingSizes(kind, shell).flatMap((size) => {
    const { watts } = size;
    return watts === undefined ? [] : [{ watts, size: sizeAsSold(size) }];
  });
  return [...new Map(sold.map((one) => [one.watts, one])).values()].toSorted((a, b) => a.watts - b.watts);
}

/** What warms in this half of the day already, the strongest first. */
const heaters = ({ outlook }: Assessed, half: Half): Fitted[] =>
  outlook.all
    .filter(
      ({ piece, kind }) =>
        inUse(piece, outlook.on) && (kind.purpose === "nightHeat" || (half === "day" && kind.purpose === "dayHeat")),
    )
    .toSorted((a, b) => wattsOf(b) - wattsOf(a));

/** Heaters of one kind that hang on one thermostat are set together. */
function together(all: readonly Fitted[]): Fitted[][] {
  const groups = grouped(all, ({ piece }) => `${piece.kindId} ${piece.feedId ?? piece.id}`);
  return [...groups.values()];
}

/** Heaters that are there, set to what is wanted, and as strong as they must be; on the thermostat that is there. */
function changed(assessed: Assessed, half: Half, group: readonly Fitted[]): Way[] {
  const { habitat, ground } = assessed;
  const [strongest] = group;
  if (!strongest) return [];
  const { kind } = strongest;
  const wanted = heldRun(assessed, kind, half);
  const runOf = ({ piece }: Fitted): GearPiece["run"] => {
    const feed = chainOf(piece, habitat.gear).find(isThermostat);
    if (piece.run.by !== "warmth" || wanted.by !== "warmth") return feed ? wanted : piece.run;
    // A lamp holds what basks under it: that stays as it was set, however warm the air is to be.
    if (kind.purpose === "dayHeat" && half === "day") return piece.run;
    // The other half of the day stays as it was set.
    return { ...piece.run, ...(half === "day" ? { dayC: wanted.dayC } : { nightC: wanted.nightC }) };
  };
  const sold = byWatts(kind, habitat.shell).filter(({ watts }) => watts >= wattsOf(strongest));
  return sold.map(({ watts: powerW, size }) => {
    const commands = group.map((one) => {
      const fixture = fixtureOf(one, habitat.shell, ground.surfaceAt);
      const upCm = clearUpCm(assessed, fixture, powerW) ?? one.piece.upCm;
      return change(one.piece.id, { run: runOf(one), powerW, upCm, size: { ...one.piece.size, ...size } });
    });
    const variant = powerW === strongest.piece.powerW ? ("set" as const) : ("stronger" as const);
    return { commands, told: { kindId: kind.id, loadW: powerW, variant } };
  });
}

/** What warms by night, or by day, in a box with such a top: the usual first. */
function kindsFor(assessed: Assessed, half: Half): string[] {
  if (!isMeshed(assessed)) return ["radiantPanel", "heatMat"];
  if (half === "night") return ["ceramicEmitter", "radiantPanel", "heatMat"];
  // One place to bask: a second bright lamp would make another, which no thermostat feels.
  const basks = assessed.animal.temperatureC.baskingSurface !== null && assessed.outlook.basking === undefined;
  return basks
    ? ["halogenLamp", "ceramicEmitter", "radiantPanel", "heatMat"]
    : ["ceramicEmitter", "radiantPanel", "heatMat", "halogenLamp"];
}

/** Over a large box in a cool room one heater is not enough: so many hang side by side, one to so much of its width. */
const MOST_HEATERS = 4;
const WIDTH_EACH_CM = 40;

/** Where a heater hangs: over the top as usual, or guarded inside a high box, where no mesh keeps its heat out. */
type Hangs = { place: GearPiece["place"]; upCm: number | null };
const AS_USUAL: Hangs = { place: null, upCm: null };
const UNDER_TOP_CM = 8;

function hangsInside({ habitat, ground }: Assessed, kind: Gear): Hangs[] {
  if (!kind.places.includes("insideGuarded")) return [];
  const upCm = Math.round(habitat.shell.heightCm - UNDER_TOP_CM);
  const strongest = byWatts(kind, habitat.shell).at(-1)?.watts ?? 0;
  const isClear =
    upCm - standCm(ground, habitat.shell.widthCm / 2, habitat.shell.depthCm / 2) > clearanceOf(kind, strongest);
  return isClear ? [{ place: "insideGuarded", upCm }] : [];
}

/**
 * Heaters of a kind on one thermostat, clear of what stands under them: one of each strength, then several of the
 * strongest side by side.
 */
function added(assessed: Assessed, half: Half, kind: Gear, hangs: Hangs): Way[] {
  const { habitat, animal, ground, library } = assessed;
  const { widthCm } = habitat.shell;
  const controller = freeId(habitat.gear, `thermostat-${half}`);
  const run = heldRun(assessed, kind, half);
  const hung = (id: string, { watts, size }: Sold, at: { xCm?: number; yCm?: number; feedId?: string }): GearPiece => {
    const told = { ...usualGear(habitat, kind, animal, { id: freeId(habitat.gear, id) }), ...hangs, ...at };
    const span = { alongCm: size.widthCm ?? 0, acrossCm: size.depthCm ?? 0 };
    const usual = { ...told, ...betweenPanes(told, span, habitat.shell) };
    const fixture = fixtureOf({ piece: usual, kind }, habitat.shell, ground.surfaceAt);
    const upCm = hangs.upCm ?? clearUpCm(assessed, fixture, watts);
    const feedId = at.feedId ?? controller;
    return { ...usual, powerW: watts, size: { ...usual.size, ...size }, upCm, feedId, run };
  };
  const kindId = kind.id;
  const control = thermostat(assessed, kind, controller);
  const sold = byWatts(kind, habitat.shell);
  const single = sold.flatMap((one): Way[] => {
    const places = [{}, ...placesAside(habitat)].map((at) => hung(`heater-${half}`, one, at));
    const piece = places.find((tried) => isClear(assessed, { piece: tried, kind }));
    if (!piece) return [];
    const told = { kindId, loadW: one.watts, variant: "heater" as const };
    return [{ commands: [control, { name: "addGear", args: { ...piece } }], told }];
  });
  const strongest = sold.at(-1);
  if (strongest === undefined) return single;
  // What one thermostat may switch: more heaters hang on more of them.
  const mostW = Math.max(0, ...library.get("gear", thermostatFor(kind)).sizes.map(({ maxWatts }) => maxWatts ?? 0));
  const eachCm = Math.max(WIDTH_EACH_CM, strongest.size.widthCm ?? 0);
  const counts = Array.from({ length: MOST_HEATERS - 1 }, (_, n) => n + 2).filter((count) => widthCm / count >= eachCm);
  const several = counts.flatMap((count): Way[] => {
    const stats = freeIds(
      habitat.gear,
      controller,
      Math.ceil(count / Math.max(1, Math.floor(mostW / strongest.watts))),
    );
    const heaters = Array.from({ length: count }, (_, n) => {
      const at = { xCm: Math.round((widthCm * (n + 0.5)) / count), feedId: stats[n % stats.length] ?? controller };
      return hung(`heater-${half}-${n + 1}`, strongest, at);
    });
    if (!heaters.every((piece) => isClear(assessed, { piece, kind }))) return [];
    const controls = stats.map((id) => thermostat(assessed, kind, id));
    const adds = heaters.map((piece): Command => ({ name: "addGear", args: { ...piece } }));
    return [{ commands: [...controls, ...adds], told: { kindId, loadW: strongest.watts, count, variant: "heaters" } }];
  });
  return [...single, ...several];
}

/** All heaters that may be hung, kind by kind, over the top before inside. */
const allAdded = (assessed: Assessed, half: Half): Way[][] =>
  kindsFor(assessed, half).flatMap((kindId) => {
    const kind = assessed.library.get("gear", kindId);
    return [AS_USUAL, ...hangsInside(assessed, kind)].map((hangs) => added(assessed, half, kind, hangs));
  });

/** Under a cover only the strongest are tried: the weaker ones were not enough for the top alone. */
const LAST_TRIED = 4;

type Tries = { half: Half; there: Way[][]; fresh: Way[][]; covers: ReturnType<typeof moreCover> };

function triesFor({ quantities }: FindingOf<"tooCold">, assessed: Assessed): Tries {
  const half: Half = quantities.variant === "night" ? "night" : "day";
  const groups = together(heaters(assessed, half)).slice(0, 2);
  return {
    half,
    there: groups.map((group) => changed(assessed, half, group)),
    fresh: allAdded(assessed, half),
    covers: isMeshed(assessed) ? moreCover(assessed) : [],
  };
}

const covered = (ways: readonly Way[], { covers }: Tries): Way[] =>
  covers.flatMap((cover) =>
    ways.slice(-LAST_TRIED).map(({ commands, told }) => ({
      commands: [...cover.commands, ...commands],
      told: { ...told, coveredPct: cover.coveredPct, variant: "covered" as const },
    })),
  );

const offered = (ways: readonly Way[]) => ways.flatMap(({ commands, told }) => one(told, ...commands));

/** Change what is there, cover the top, then add. */
export function warmed(finding: FindingOf<"tooCold">, assessed: Assessed) {
  const { half, there, fresh, covers } = triesFor(finding, assessed);
  const aim: Aim = { half, enough: midIn };
  const byCover = covers.map(({ coveredPct, commands }): Way => ({
    commands,
    told: { coveredPct, variant: "cover" },
  }));
  return offered([
    ...firstFew(assessed, aim, there),
    ...first(assessed, aim, byCover),
    ...firstFew(assessed, aim, fresh),
  ]);
}

/** Where neither is enough: both. */
function warmedUnderCover(finding: FindingOf<"tooCold">, assessed: Assessed) {
  const tries = triesFor(finding, assessed);
  const ways = [...tries.there, ...tries.fresh].map((all) => covered(all, tries));
  return offered(firstFew(assessed, { half: tries.half, enough: midIn }, ways));
}

/** Where nothing warms all of the band: the most that warms some of it. */
function warmedSome(finding: FindingOf<"tooCold">, assessed: Assessed) {
  const tries = triesFor(finding, assessed);
  const ways = tries.fresh.map((all) => (tries.covers.length > 0 ? covered(all, tries) : all).toReversed());
  return offered(firstFew(assessed, { half: tries.half, enough: isFine }, ways));
}

export const warmingMenders = {
  tooCold: [warmed, warmedUnderCover, warmedSome],
} satisfies Pick<Menders, "tooCold">;
