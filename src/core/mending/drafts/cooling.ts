import type { Assessed, FindingOf } from "../../findings";
import { chainOf, inUse, isThermostat, wattsOf, type Fitted } from "../../gear";
import { one, type Menders } from "../mender";
import { freeId } from "./freeIds";
import { change, heldRun, thermostat } from "./gear";

type Half = "day" | "night";

/** What warms a box, the strongest first. */
const warming = ({ outlook }: Assessed): Fitted[] =>
  outlook.all
    .filter(({ piece, kind }) => ["dayHeat", "nightHeat"].includes(kind.purpose) && inUse(piece, outlook.on))
    .toSorted((a, b) => wattsOf(b) - wattsOf(a));

/** The next weaker sizes of a piece, the strongest of them first. */
const weaker = ({ piece, kind }: Fitted) =>
  [...new Set(kind.sizes.flatMap(({ watts }) => watts ?? []))]
    .filter((powerW) => powerW < wattsOf({ piece, kind }))
    .toSorted((a, b) => b - a)
    .flatMap((powerW) =>
      one({ kindId: kind.id, loadW: powerW, variant: "weaker" as const }, change(piece.id, { powerW })),
    );

/** On a thermostat that feels the middle of the box; on the one it hangs on already, set to what is wanted. */
function held({ piece, kind }: Fitted, assessed: Assessed, half: Half) {
  if (kind.control.length === 0) return [];
  const feed = chainOf(piece, assessed.habitat.gear).find(isThermostat);
  const id = feed?.id ?? freeId(assessed.habitat.gear, `thermostat-${half}`);
  const adds = feed ? [] : [thermostat(assessed, kind, id)];
  const told = { kindId: kind.id, variant: "held" as const };
  return one(told, ...adds, change(piece.id, { feedId: id, run: heldRun(assessed, kind, half) }));
}

/** What warms by night as well, by day alone. */
function nightOff({ piece, kind }: Fitted) {
  const { run } = piece;
  const told = { kindId: kind.id, variant: "nightOff" as const };
  if (run.by === "warmth") return one(told, change(piece.id, { run: { ...run, nightC: null } }));
  const byDay = { by: "hours" as const, fromMin: 8 * 60, untilMin: 20 * 60, rampMin: 0 };
  return run.by === "always" ? one(told, change(piece.id, { run: byDay })) : [];
}

function cooled({ quantities }: FindingOf<"tooHot">, assessed: Assessed) {
  const { top } = assessed.habitat.shell;
  const heats = warming(assessed);
  const isNight = quantities.variant === "night";
  const open =
    top.lid !== "glass" && top.coveredPct > 0
      ? one({ variant: "uncover" as const }, { name: "setTop", args: { coveredPct: 0 } })
      : [];
  return [
    ...heats.flatMap((one) => (isNight ? nightOff(one) : [])),
    ...heats.flatMap((one) => held(one, assessed, isNight ? "night" : "day")),
    ...heats.flatMap(weaker),
    ...open,
  ];
}

export const coolingMenders = { tooHot: cooled } satisfies Pick<Menders, "tooHot">;
