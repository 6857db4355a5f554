"use client";

import { useColorScheme } from "@mui/material/styles";
import { LineChart, ScatterChart } from "echarts/charts";
import {
  AriaComponent,
  DataZoomComponent,
  GridComponent,
  MarkAreaComponent,
  TooltipComponent,
} from "echarts/components";
import { init, use as register, type EChartsType } from "echarts/core";
import { CanvasRenderer } from "echarts/renderers";
import { useEffect, useRef } from "react";
import { aheadMs, instantOf, type TimeZone } from "@/core/units";

register([
  LineChart,
  ScatterChart,
  GridComponent,
  TooltipComponent,
  MarkAreaComponent,
  DataZoomComponent,
  AriaComponent,
  CanvasRenderer,
]);

/** Points stand at milliseconds since 1970 UTC. */
export type Line = { name: string; color: string; dashed?: boolean; points: readonly [atMs: number, value: number][] };

/** Something that happened on a day, as a dot on the foot of the chart. */
export type Mark = { on: string; color: string; text: string };
type Shown = { fromMs: number; toMs: number };

type Props = {
  marks?: readonly Mark[] | undefined;
  /** Told when another part of the time is looked at. */
  onSpan?: ((span: Shown | undefined) => void) | undefined;
  lines: readonly Line[];
  band: readonly [number, number] | undefined;
  bandColor: string;
  /** Prints a value with its unit. */
  print: (value: number) => string;
  /** Prints a value for the axis, short. */
  printShort: (value: number) => string;
  label: string;
  height: number;
  /** Whose clock the axis tells. */
  zone: TimeZone;
};

const FONT = '"Figtree Variable", sans-serif';
const MONO = '"Spline Sans Mono Variable", monospace';

/** The step of 1, 2 or 5 times a power of ten that is next above a wanted one. @example niceStep(2.6) // 5 */
function niceStep(wanted: number): number {
  const power = 10 ** Math.floor(Math.log10(Math.max(wanted, 0.1)));
  return ([1, 2, 5, 10].find((times) => times * power >= wanted) ?? 10) * power;
}

const SETTLE_MS = 120;
const SHORTEST_MS = 6 * 3_600_000;

/** An instant as the axis takes it: what clocks of the zone show, as if it were UTC. */
const onAxis = (atMs: number, zone: TimeZone): number => atMs + aheadMs(zone, atMs);

const zoomOf = ({ fromMs, toMs }: Shown, zone: TimeZone) => ({
  startValue: onAxis(fromMs, zone),
  endValue: onAxis(toMs, zone),
});

/** The part of the time that is looked at; undefined for all of it. */
function spanOf(chart: EChartsType, zone: TimeZone): Shown | undefined {
  const [zoom] = (
    chart.getOption() as { dataZoom: { start: number; end: number; startValue: number; endValue: number }[] }
  ).dataZoom;
  if (!zoom || (zoom.start <= 0.01 && zoom.end >= 99.99)) return undefined;
  return { fromMs: instantOf(zoom.startValue, zone), toMs: instantOf(zoom.endValue, zone) };
}

/** What happened, as dots along the foot, each with its text. */
const dots = (marks: readonly Mark[], low: number, step: number, color: (name: string) => string) =>
  marks.length === 0
    ? []
    : [
        {
          type: "scatter",
          symbolSize: 9,
          data: marks.map(({ on, color: name, text }) => ({
            value: [Date.parse(`${on}T12:00:00Z`), Math.floor(low / step - 0.2) * step],
            name: text,
            itemStyle: { color: color(name), borderColor: color("--sheet"), borderWidth: 1.5 },
          })),
          tooltip: { trigger: "item", formatter: ({ name }: { name: string }) => name, valueFormatter: undefined },
          z: 5,
        },
      ];

/** Readings over time as lines against the band they should keep. Values and band in the units shown. */
export function BandChart({ lines, band, bandColor, marks, print, printShort, onSpan, label, height, zone }: Props) {
  const host = useRef<HTMLDivElement>(null);
  const chart = useRef<EChartsType | undefined>(undefined);
  const shown = useRef<Shown>(undefined);
  const { mode } = useColorScheme();

  useEffect(() => {
    const element = host.current;
    if (!element) return;
    chart.current = init(element, undefined, { renderer: "canvas" });
    const observer = new ResizeObserver(() => chart.current?.resize());
    observer.observe(element);
    return () => {
      observer.disconnect();
      chart.current?.dispose();
      chart.current = undefined;
    };
  }, []);

  useEffect(() => {
    const style = getComputedStyle(document.documentElement);
    const color = (name: string) => style.getPropertyValue(name).trim();
    const values = [...lines.flatMap((line) => line.points.map(([, value]) => value)), ...(band ?? [])];
    const low = Math.min(...values);
    const high = Math.max(...values);
    const step = niceStep((high - low) / 4);
    chart.current?.setOption(
      {
        animation: false,
        useUTC: true,
        textStyle: { fontFamily: FONT, color: color("--soft") },
        grid: { left: 52, right: 14, top: 10, bottom: 24 },
        tooltip: {
          trigger: "axis",
          valueFormatter: (value: unknown) => (typeof value === "number" ? print(value) : ""),
          backgroundColor: color("--ink"),
          borderWidth: 0,
          textStyle: { color: color("--sheet"), fontSize: 12 },
        },
        xAxis: {
          type: "time",
          axisLine: { lineStyle: { color: color("--line") } },
          axisTick: { show: false },
          axisLabel: {
            color: color("--soft"),
            fontSize: 11,
            hideOverlap: true,
            formatter: { year: "{yyyy}", month: "{MMM}", day: "{d} {MMM}", hour: "{HH}:{mm}" },
          },
          splitLine: { show: false },
        },
        yAxis: {
          type: "value",
          min: Math.floor(low / step - 0.2) * step,
          max: Math.ceil(high / step + 0.2) * step,
          interval: step,
          axisLabel: { color: color("--soft"), fontSize: 11, fontFamily: MONO, formatter: printShort },
          splitLine: { lineStyle: { color: color("--line"), opacity: 0.6 } },
        },
        // Wheel and pinch go in and out, drawing goes along; finer roll-ups are read for what is then shown.
        dataZoom: [
          {
            type: "inside",
            filterMode: "none",
            minValueSpan: SHORTEST_MS,
            ...(shown.current && zoomOf(shown.current, zone)),
          },
        ],
        series: [
          ...dots(marks ?? [], low, step, color),
          ...lines.map((line, at) => ({
            type: "line",
            name: line.name,
            data: line.points.map(([atMs, value]) => [onAxis(atMs, zone), value]),
            showSymbol: line.points.length < 3,
            symbolSize: 6,
            lineStyle: { width: 2, color: color(line.color), type: line.dashed ? [6, 4] : "solid" },
            itemStyle: { color: color(line.color) },
            ...(at === 0 && band
              ? {
                  markArea: {
                    silent: true,
                    itemStyle: { color: color(bandColor), opacity: 0.14 },
                    data: [[{ yAxis: band[0] }, { yAxis: band[1] }]],
                  },
                }
              : {}),
          })),
        ],
      },
      { notMerge: true },
    );
  }, [lines, band, bandColor, marks, print, printShort, mode, zone]);

  useEffect(() => {
    const now = chart.current;
    if (!now || !onSpan) return undefined;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const zoomed = () => {
      clearTimeout(timer);
      timer = setTimeout(() => {
        shown.current = spanOf(now, zone);
        onSpan(shown.current);
      }, SETTLE_MS);
    };
    now.on("datazoom", zoomed);
    return () => {
      clearTimeout(timer);
      now.off("datazoom", zoomed);
    };
  }, [onSpan, zone]);

  return <div ref={host} role="img" aria-label={label} style={{ width: "100%", height }} />;
}
