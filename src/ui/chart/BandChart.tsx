"use client";

import { useColorScheme } from "@mui/material/styles";
import { LineChart } from "echarts/charts";
import { AriaComponent, GridComponent, MarkAreaComponent, TooltipComponent } from "echarts/components";
import { init, use as register, type EChartsType } from "echarts/core";
import { SVGRenderer } from "echarts/renderers";
import { useEffect, useRef } from "react";

register([LineChart, GridComponent, TooltipComponent, MarkAreaComponent, AriaComponent, SVGRenderer]);

export type Line = { name: string; color: string; dashed?: boolean; points: readonly [at: string, value: number][] };

type Props = {
  lines: readonly Line[];
  band: readonly [number, number] | undefined;
  bandColor: string;
  /** Prints a value with its unit. */
  print: (value: number) => string;
  /** Prints a value for the axis, short. */
  printShort: (value: number) => string;
  label: string;
  height: number;
};

const FONT = '"Figtree Variable", sans-serif';
const MONO = '"Spline Sans Mono Variable", monospace';

/** The step of 1, 2 or 5 times a power of ten that is next above a wanted one. @example niceStep(2.6) // 5 */
function niceStep(wanted: number): number {
  const power = 10 ** Math.floor(Math.log10(Math.max(wanted, 0.1)));
  return ([1, 2, 5, 10].find((times) => times * power >= wanted) ?? 10) * power;
}

/** Readings over time as lines against the band they should keep. Values and band in the units shown. */
export function BandChart({ lines, band, bandColor, print, printShort, label, height }: Props) {
  const host = useRef<HTMLDivElement>(null);
  const chart = useRef<EChartsType | undefined>(undefined);
  const { mode } = useColorScheme();

  useEffect(() => {
    const element = host.current;
    if (!element) return;
    chart.current = init(element, undefined, { renderer: "svg" });
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
        series: lines.map((line, at) => ({
          type: "line",
          name: line.name,
          data: line.points,
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
      },
      { notMerge: true },
    );
  }, [lines, band, bandColor, print, printShort, mode]);

  return <div ref={host} role="img" aria-label={label} style={{ width: "100%", height }} />;
}
