"use client";

import { createElement, lazy, Suspense, type ComponentType } from "react";
import type { StepName } from "@/features/bench/steps";

/** Each step is read when it is opened. */
const READ: Readonly<Record<StepName, () => Promise<ComponentType>>> = {
  brief: async () => (await import("@/features/brief")).BriefStep,
  shell: async () => (await import("@/features/shell")).ShellStep,
  strata: async () => (await import("@/features/strata")).StrataStep,
  mix: async () => (await import("@/features/mix")).MixStep,
  planting: async () => (await import("@/features/planting")).PlantingStep,
  crew: async () => (await import("@/features/crew")).CrewStep,
  climate: async () => (await import("@/features/climate")).ClimateStep,
  build: async () => (await import("@/features/build")).BuildStep,
  keeping: async () => (await import("@/features/keeping")).KeepingStep,
};

const shown = new Map<StepName, ComponentType>();

/** The component of a step. One that could not be read is forgotten, as React remembers its failure for good. */
function shownBy(name: StepName): ComponentType {
  const before = shown.get(name);
  if (before) return before;
  const Shown = lazy(async () => {
    try {
      return { default: await READ[name]() };
    } catch (error) {
      shown.delete(name);
      throw error;
    }
  });
  shown.set(name, Shown);
  return Shown;
}

/** A step of the bench, by its name. */
export const Step = ({ name }: { name: StepName }) => <Suspense>{createElement(shownBy(name))}</Suspense>;
