"use client";

import dynamic from "next/dynamic";
import type { ComponentType } from "react";
import type { StepName } from "@/features/bench/steps";

/** Each step is read when it is opened. */
const SHOWN: Readonly<Record<StepName, ComponentType>> = {
  brief: dynamic(async () => (await import("@/features/brief")).BriefStep),
  shell: dynamic(async () => (await import("@/features/shell")).ShellStep),
  strata: dynamic(async () => (await import("@/features/strata")).StrataStep),
  mix: dynamic(async () => (await import("@/features/mix")).MixStep),
  planting: dynamic(async () => (await import("@/features/planting")).PlantingStep),
  crew: dynamic(async () => (await import("@/features/crew")).CrewStep),
  climate: dynamic(async () => (await import("@/features/climate")).ClimateStep),
  build: dynamic(async () => (await import("@/features/build")).BuildStep),
  keeping: dynamic(async () => (await import("@/features/keeping")).KeepingStep),
};

/** A step of the bench, by its name. */
export function Step({ name }: { name: StepName }) {
  const Shown = SHOWN[name];
  return <Shown />;
}
