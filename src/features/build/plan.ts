"use client";

import { planFor, type Plan } from "@/core/build";
import { useOpen, useToday } from "@/store";
import { useStepNames } from "@/ui/plan";

const NOTHING: Plan = { steps: [], problems: [] };

/** The plan as of today. Empty until it is known which day it is. */
export function usePlan(): { plan: Plan; today: string } {
  const { derived, log } = useOpen();
  const today = useToday();
  return { today, plan: today === "" ? NOTHING : planFor(derived, log.state, today) };
}

/** What steps are called, and what is to be done in them. */
export const useStepWords = () => useStepNames(useOpen().habitat.mixes);
