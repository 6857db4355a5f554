"use client";

import { useDeferredValue, useMemo } from "react";
import { dueList } from "@/core/keeping";
import { saidOf, type Said } from "@/core/keeping/said";
import { useLately, useNextByRule, useOpen, useSession } from "@/store";

/** How far back readings are looked at. */
export const SAID_DAYS = 60;

/**
 * What readings and log say by themselves; undefined while there is nothing to go by. It looks through two months of
 * readings: what was just done is shown first.
 */
export function useSaidNow(today: string): Said | undefined {
  const { habitat, ...open } = useOpen();
  const derived = useDeferredValue(open.derived);
  const log = useDeferredValue(open.log);
  const events = useDeferredValue(useSession((session) => session.events));
  const nextByRule = useNextByRule("always");
  const lately = useDeferredValue(useLately(habitat.id, SAID_DAYS));
  return useMemo(() => {
    if (today === "" || !lately || Object.keys(lately).length === 0) return undefined;
    const { outlook, bands } = derived;
    const dues = log.state.sinceOn === null ? [] : dueList(derived, log, today, nextByRule);
    return saidOf({ scene: derived, outlook, state: log.state, events, bands, dues, today }, lately);
  }, [derived, lately, events, log, nextByRule, today]);
}
