import { useMemo } from "react";
import { DAYS_IN_BAND, planFor, readiness, type Gate } from "@/core/build";
import { settledDays } from "@/core/keeping";
import { useOpen } from "./session";
import { useLately } from "./useRange";

/**
 * What has to be so before the animal comes to the open habitat: by plan, readings and the keeper's look.
 *
 * @param today calendar day; empty while it is not known
 */
export function useGates(today: string): readonly Gate[] {
  const { habitat, derived, log } = useOpen();
  const lately = useLately(habitat.id, DAYS_IN_BAND + 2);
  return useMemo(() => {
    if (today === "") return [];
    const days = lately ? settledDays(derived, lately, today) : 0;
    return readiness(derived, planFor(derived, log.state, today), log.state, days);
  }, [derived, log, lately, today]);
}
