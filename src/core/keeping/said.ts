import type { LogEvent, LogState } from "../log";
import type { Outlook } from "../outlook";
import type { Scene } from "../scene";
import { dayStart } from "../units";
import type { BandCheck } from "./bands";
import { causesOf, type Cause } from "./causes";
import type { Due } from "./due";
import { gaugeFaults, type GaugeFault } from "./faults";
import { heaterFaults, type HeaterFault } from "./heaters";
import { hoursADay, type HoursADay } from "./hours";
import { reportOf, spellOf, type Report, type Spell } from "./report";
import type { BySeries } from "./settled";
import { shiftsOf, type Shift } from "./shifts";
import { uvDecay, type UvDecay } from "./uvDecay";
import { ventDecision, type VentDecision } from "./vents";

/** A spell, or a newest reading that is out, with what may have brought it. */
export type Out = { spell: Spell; isNow: boolean; causes: readonly Cause[] };

/** All that a habitat's readings and log say by themselves. */
export type Said = Pick<Report, "day" | "night" | "drifts"> & {
  out: readonly Out[];
  gauges: readonly GaugeFault[];
  heaters: readonly HeaterFault[];
  shifts: readonly Shift[];
  uv: UvDecay | undefined;
  hours: HoursADay | undefined;
  vents: VentDecision | undefined;
};

/** What is known of a habitat on a day. */
export type Known = {
  scene: Pick<Scene, "animal" | "habitat" | "ground" | "library">;
  outlook: Outlook;
  state: LogState;
  events: readonly LogEvent[];
  bands: readonly BandCheck[];
  dues: readonly Due[];
  today: string;
};

/** Newest readings that are out and belong to no spell told already. */
function outNow({ bands, events, scene }: Known, spells: readonly Spell[]): Spell[] {
  const zone = scene.habitat.timeZone;
  return bands
    .flatMap((check) => spellOf(check, events, zone) ?? [])
    .filter(
      ({ series, side, untilOn }) =>
        !spells.some((one) => one.series === series && one.side === side && one.untilOn >= untilOn),
    );
}

/** Since the UV lamps were renewed last: what was read before is of another lamp. */
function sinceRenewed({ outlook, state, scene }: Known, samples: BySeries): NonNullable<BySeries["basking.uvIndex"]> {
  const renewed = outlook.lamps.flatMap(({ fixture }) => state.renewedOn[fixture.piece.id] ?? []).toSorted();
  const lastOn = renewed.at(-1);
  const fromMs = lastOn === undefined ? 0 : dayStart(lastOn, scene.habitat.timeZone);
  return (samples["basking.uvIndex"] ?? []).filter(({ atMs }) => atMs >= fromMs);
}

/**
 * What the readings of some weeks, the log and the design say by themselves.
 *
 * @param samples by their series, in order of time
 * @example saidOf(known, samples).out[0]?.causes[0]?.kind // "changed"
 */
export function saidOf(known: Known, samples: BySeries): Said {
  const { scene, outlook, events, bands, today } = known;
  const { day, night, spells, drifts } = reportOf(scene, samples, events);
  const gauges = gaugeFaults(samples);
  const heaters = heaterFaults(scene, outlook, samples, today);
  const isOverSafeLine = bands.some(({ what, side }) => what === "waterLineCm" && side === "above");
  const around = { ...known, gauges, heaters, isOverSafeLine };
  const told = (spell: Spell, isNow: boolean): Out => ({ spell, isNow, causes: causesOf(spell, around) });
  return {
    ...{ day, night, drifts, gauges, heaters },
    out: [...outNow(known, spells).map((spell) => told(spell, true)), ...spells.map((spell) => told(spell, false))],
    shifts: shiftsOf(samples, events, scene.habitat.timeZone),
    uv: uvDecay(scene, sinceRenewed(known, samples)),
    hours: hoursADay(scene, outlook, samples),
    vents: ventDecision(scene, outlook, samples),
  };
}
