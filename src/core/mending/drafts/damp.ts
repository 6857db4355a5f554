import type { Gear } from "../../catalog";
import type { Assessed, FindingOf } from "../../findings";
import { isByHand } from "../../gear";
import { usualGear, type Command, type Run } from "../../habitat";
import { standCm } from "../../outlook";
import { comesAfter, isFine } from "../comesAfter";
import { one, type Menders } from "../mender";
import type { MendQuantities } from "../quantities";
import { lessCover, meshInstead, moreCover } from "./covers";
import { freeId, freeIds } from "./freeIds";
import { change } from "./gear";
import { wholeMiddle } from "../../range";

type Way = { commands: readonly Command[]; coveredPct?: number };

/** Whether neither day nor night is out any more. */
function mends(assessed: Assessed, { commands }: Way): boolean {
  if (commands.length === 0) return false;
  const { humidity, nightHumidity } = comesAfter(assessed, commands);
  return isFine(humidity) && isFine(nightHumidity);
}

/** The gentlest of some ways that mends, as a draft. */
function first<Q>(assessed: Assessed, ways: readonly Way[], told: (way: Way) => Q) {
  const way = ways.find((one) => mends(assessed, one));
  return way ? one(told(way), ...way.commands) : [];
}

/** As the first, but before all one that leaves no end or night too cold: fog cools, and under a cover less is lost. */
function warmFirst<Q>(assessed: Assessed, ways: readonly Way[], told: (way: Way) => Q) {
  const isWarm = ({ commands }: Way): boolean => {
    const { warm, cool, night } = comesAfter(assessed, commands);
    return [warm, cool, night].every((met) => met?.stand !== "low");
  };
  const way = ways.find((one) => mends(assessed, one) && isWarm(one));
  return way ? one(told(way), ...way.commands) : first(assessed, ways, told);
}

type Bursts = Extract<Run, { by: "bursts" }>;
const isBursts = (run: Run): run is Bursts => run.by === "bursts";

type Sprayer = { id: string; kind: Gear; run: Bursts };

/** What sprays by bursts. */
const sprayers = ({ outlook }: Assessed): Sprayer[] =>
  outlook.all.flatMap(({ piece, kind }) =>
    kind.purpose === "water" && isBursts(piece.run) ? [{ id: piece.id, kind, run: piece.run }] : [],
  );

const EARLIEST_MIN = 7 * 60;
const DAY_MIN = 14 * 60;
/** So many bursts, spread over the waking day. */
const spread = (count: number): number[] =>
  Array.from({ length: count }, (_, n) => Math.round(EARLIEST_MIN + (n * DAY_MIN) / Math.max(1, count - 1)));

/** Ever more of it: more often first, then longer. Ours. */
const MORE: readonly { times: number; longer: number }[] = [
  { times: 3, longer: 1 },
  { times: 4, longer: 1 },
  { times: 4, longer: 1.5 },
  { times: 6, longer: 1.5 },
  { times: 6, longer: 2.5 },
  { times: 6, longer: 4 },
  { times: 8, longer: 6 },
];
const LONGEST_S = 180;

/** By hand nobody sprays more often than this, nor longer: from memory. More is a pump's work. */
const BY_HAND = { times: 3, longestS: 60 };
const byHand = ({ kind }: Pick<Sprayer, "kind">): boolean => isByHand(kind);

const wetter = ({ id, kind, run }: Sprayer): Command[] => {
  const most = isByHand(kind) ? BY_HAND : { times: Infinity, longestS: LONGEST_S };
  return MORE.filter(({ times, longer }) => times > run.atMin.length || longer > 1).flatMap(({ times, longer }) => {
    const atMin = times > run.atMin.length ? spread(times) : run.atMin;
    const forS = Math.round(run.forS * longer);
    if (atMin.length > most.times || (isByHand(kind) && forS > most.longestS)) return [];
    return [change(id, { run: { ...run, atMin, forS: Math.min(most.longestS, forS) } })];
  });
};

/** Ever less of it. Ours. */
const LESS = [0.5, 0.25, 0.1];
function drier({ id, run }: Sprayer): Command[] {
  const once = run.atMin.slice(0, 1);
  const runs = LESS.map((share) => ({ ...run, forS: Math.max(3, Math.round(run.forS * share)) }));
  return [...runs, ...runs.map((less) => ({ ...less, atMin: once }))].map((less) => change(id, { run: less }));
}

/** A sprayer as it is usually bought, and ever more spray of it. */
function newSprayer({ habitat, library, animal }: Assessed, kindId: string): Command[][] {
  const id = freeId(habitat.gear, kindId === "handSprayer" ? "sprayer" : "mister");
  const kind = library.get("gear", kindId);
  const piece = usualGear(habitat, kind, animal, { id });
  if (!isBursts(piece.run)) return [];
  const add: Command = { name: "addGear", args: piece };
  return [[add], ...wetter({ id, kind, run: piece.run }).map((more) => [add, more])];
}

/** Ever more spray by one kind of thing; `kindId` where it is not there yet. */
type Sprays = { kindId: string | undefined; ways: Command[][] };

/** More of what sprays already; where that is a hand or nothing, by hand as often as one does it, then by a pump. */
function sprays(assessed: Assessed): Sprays[] {
  const there = sprayers(assessed);
  const [first] = there;
  const more: Sprays[] = first
    ? [{ kindId: undefined, ways: wetter(first).map((one) => [one]) }]
    : [{ kindId: "handSprayer", ways: newSprayer(assessed, "handSprayer") }];
  if (!there.every(byHand)) return more;
  const byPump = newSprayer(assessed, "mistingPump");
  const instead: Command[] = there.map(({ id }) => ({ name: "removeGear", args: { ids: [id] } }));
  return [...more, { kindId: "mistingPump", ways: byPump.map((way) => [...instead, ...way]) }];
}

/** Foggers on a humidistat that feels the middle of the box. */
function foggers({ habitat, library, animal, ground }: Assessed, count: number): Command[] {
  const stat = freeId(habitat.gear, "humidistat");
  const [xCm, yCm] = [Math.round(habitat.shell.widthCm / 2), Math.round(habitat.shell.depthCm / 2)];
  const probe = { xCm, yCm, upCm: Math.round(standCm(ground, xCm, yCm) + 1) };
  const kind = library.get("gear", "ultrasonicFogger");
  const pieces = freeIds(habitat.gear, "fogger", count).map((id) =>
    usualGear(habitat, kind, animal, { id, feedId: stat }),
  );
  return [
    { name: "addGear", args: { id: stat, kindId: "humidistat", probe } },
    ...pieces.map((args): Command => ({ name: "addGear", args })),
  ];
}

/** All that a humidistat holds, set to the middle of what is wanted. */
function reset({ outlook, animal }: Assessed): Command[] {
  const { day, night } = animal.humidityRh;
  return outlook.all.flatMap(({ piece }) =>
    piece.run.by === "damp"
      ? [
          change(piece.id, {
            run: { ...piece.run, dayRh: wholeMiddle(day.preferred), nightRh: wholeMiddle(night.preferred) },
          }),
        ]
      : [],
  );
}

type Dry = MendQuantities["tooDry"];
const withCover = ({ coveredPct }: Way): { coveredPct?: number } => (coveredPct === undefined ? {} : { coveredPct });

/** Change what wets it, cover it, both; only then bring in more. */
function dampened(_finding: FindingOf<"tooDry">, assessed: Assessed) {
  const cover = moreCover(assessed);
  const by = sprays(assessed);
  const covered = (ways: readonly Command[][]): Way[] =>
    cover.flatMap(({ commands, coveredPct }) =>
      ways.map((more): Way => ({ coveredPct, commands: [...commands, ...more] })),
    );
  const tops: readonly Way[] = [{ commands: [] }, ...cover];
  const most = by.at(-1)?.ways.at(-1) ?? [];
  const foggy = tops.flatMap((way): Way[] => [
    { ...way, commands: [...way.commands, ...foggers(assessed, 1)] },
    { ...way, commands: [...way.commands, ...foggers(assessed, 2), ...most] },
  ]);
  return [
    ...first(assessed, [{ commands: reset(assessed) }], (): Dry => ({ variant: "set" })),
    ...first(assessed, cover, (way): Dry => ({ variant: "cover", ...withCover(way) })),
    ...by.flatMap(({ kindId, ways }) => [
      ...first(
        assessed,
        ways.map((commands) => ({ commands })),
        (): Dry => (kindId === undefined ? { variant: "mist" } : { variant: "add", kindId }),
      ),
      ...first(assessed, covered(ways), (way): Dry => ({
        ...(kindId === undefined ? { variant: "coverMist" } : { variant: "coverAdd", kindId }),
        ...withCover(way),
      })),
    ]),
    ...warmFirst(assessed, foggy, (): Dry => ({ variant: "add", kindId: "ultrasonicFogger" })),
  ];
}

/** Less water, or more air. */
function dried(_finding: FindingOf<"tooDamp">, assessed: Assessed) {
  const less = sprayers(assessed).flatMap((sprayer) => drier(sprayer).map((command): Way => ({ commands: [command] })));
  type Q = MendQuantities["tooDamp"];
  return [
    ...first(assessed, [{ commands: reset(assessed) }], (): Q => ({ variant: "set" })),
    ...first(assessed, less, (): Q => ({ variant: "mist" })),
    ...first(assessed, lessCover(assessed), (way): Q => ({ variant: "uncover", ...withCover(way) })),
    ...first(assessed, meshInstead(assessed), (): Q => ({ variant: "mesh" })),
  ];
}

export const dampMenders = { tooDry: dampened, tooDamp: dried } satisfies Pick<Menders, "tooDry" | "tooDamp">;
