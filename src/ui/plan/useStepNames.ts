"use client";

import { useMemo } from "react";
import type { Scheduled } from "@/core/build";
import type { Design } from "@/core/habitat";
import { stepTitle, stepWhy, useLibrary, useSay } from "@/words";

/** What steps of a build are called, and what is to be done in them. */
export function useStepNames(mixes: Design["mixes"]) {
  const say = useSay();
  const library = useLibrary();
  return useMemo(
    () => ({
      title: (step: Scheduled) => stepTitle(step, { say, library, mixes }),
      why: (step: Scheduled) => stepWhy(step, say),
    }),
    [say, library, mixes],
  );
}
