import * as z from "zod";
import { daylightOf } from "../climate";
import { SeriesIdSchema, type LogNow } from "../log";
import type { Outlook } from "../outlook";
import type { Scene } from "../scene";
import { middle } from "../range";

const DAY_MIN = 24 * 60;
const MOST_CHANNELS = 24;
/** A year and a bit: nobody waits for more. */
const MOST_MS = 400 * DAY_MIN * 60_000;

const HubChannelSchema = z.strictObject({
  series: SeriesIdSchema,
  /** What it comes to, lamps on and lamps off, in the units of its series. */
  day: z.number(),
  night: z.number(),
  /** Minutes in which it comes 63 % of the way: the time constant of a first-order response. */
  lagMin: z.number().positive().max(DAY_MIN),
  /** Standard deviation of its gauge. */
  noise: z.number().min(0),
  /** What its gauge shows too much, more each day. */
  driftADay: z.number(),
  /** Figures after the point its gauge shows. */
  digits: z.number().int().min(0).max(3),
});
export type HubChannel = z.infer<typeof HubChannelSchema>;

/** All a simulated hub needs to know; the same one tells the same readings. */
export const HubSpecSchema = z
  .strictObject({
    seed: z.number().int(),
    fromMs: z.number().int().min(0),
    untilMs: z.number().int().min(0),
    everyS: z.number().int().min(10).max(3600),
    /** When the lamps are on, minutes after the midnight of a clock that is ahead of UTC by so much. */
    dayFromMin: z.number().min(0).max(DAY_MIN),
    dayUntilMin: z.number().min(0).max(DAY_MIN),
    aheadMin: z.number().min(-DAY_MIN).max(DAY_MIN),
    /** Share of the time the radio is lost. */
    lostShare: z.number().min(0).max(0.5),
    /** A gauge that shows the same for ever from then on. */
    sticks: z.strictObject({ series: z.string(), fromMs: z.number() }).nullable(),
    channels: z.array(HubChannelSchema).min(1).max(MOST_CHANNELS),
  })
  .refine(({ fromMs, untilMs }) => untilMs > fromMs && untilMs - fromMs <= MOST_MS, {
    message: "out of range",
    path: ["untilMs"],
  });
export type HubSpec = z.infer<typeof HubSpecSchema>;

/** How slowly things follow the lamps, and how well gauges of the trade tell them: all from memory. */
const AIR = { lagMin: 75, noise: 0.15, driftADay: 0, digits: 1 } as const;
const DAMP = { lagMin: 45, noise: 0.8, driftADay: 0, digits: 1 } as const;
const SURFACE = { lagMin: 20, noise: 0.3, driftADay: 0, digits: 1 } as const;
const UV = { lagMin: 2, noise: 0.03, driftADay: 0, digits: 2 } as const;
const LINE = { lagMin: 240, noise: 0.03, driftADay: 0.04, digits: 2 } as const;
/** Where nothing was read, standing water is taken for that share of what may stand. */
const LINE_SHARE = 0.4;

function channelsOf({ ground }: Pick<Scene, "ground">, outlook: Outlook, newest: LogNow["newest"]): HubChannel[] {
  const { sizing, basking } = outlook;
  const nightC = middle(sizing.night.temperatureC);
  const nightRh = middle(sizing.night.humidityRh);
  const always: HubChannel[] = [
    { series: "warmEnd.temperatureC", day: middle(sizing.warmEndC), night: nightC, ...AIR },
    { series: "coolEnd.temperatureC", day: middle(sizing.coolEndC), night: nightC, ...AIR },
    { series: "warmEnd.humidityRh", day: middle(sizing.warmEndRh), night: nightRh, ...DAMP },
    { series: "coolEnd.humidityRh", day: middle(sizing.coolEndRh), night: nightRh, ...DAMP },
  ];
  const lit: HubChannel[] = basking
    ? [{ series: "basking.temperatureC", day: middle(basking.surfaceC), night: nightC, ...SURFACE }]
    : [];
  const uv: HubChannel[] =
    basking && basking.uvIndex[1] > 0
      ? [{ series: "basking.uvIndex", day: middle(basking.uvIndex), night: 0, ...UV }]
      : [];
  const lineCm = newest["water.waterLineCm"]?.value ?? (ground.water ? ground.water.safeLineCm * LINE_SHARE : 0);
  const line: HubChannel[] = ground.water ? [{ series: "water.waterLineCm", day: lineCm, night: lineCm, ...LINE }] : [];
  return [...always, ...lit, ...uv, ...line];
}

type Asked = Pick<HubSpec, "seed" | "fromMs" | "untilMs" | "everyS" | "aheadMin" | "sticks">;

/** Share of the time a usual radio is lost: from memory. */
const LOST_SHARE = 0.02;

/**
 * What a simulated hub in a habitat would tell: a gauge at each end, under the lamp and in the water, each of which goes
 * toward what the design comes to there by day and by night.
 *
 * @example hubSpecFor(derived, outlook, log.newest, asked).channels.map(({ series }) => series)
 */
export function hubSpecFor(
  scene: Pick<Scene, "ground">,
  outlook: Outlook,
  newest: LogNow["newest"],
  asked: Asked,
): HubSpec {
  const { fromMin, untilMin } = daylightOf(outlook.all, outlook.on);
  return {
    ...asked,
    ...{ dayFromMin: fromMin, dayUntilMin: untilMin, lostShare: LOST_SHARE },
    channels: channelsOf(scene, outlook, newest),
  };
}
