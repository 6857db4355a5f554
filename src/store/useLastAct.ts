"use client";

import { useSession } from "./session";
import type { Act } from "./acts";

/** What was written into the log last, and how to take it back; undefined while there is nothing. */
export function useLastAct(): { act: Act; takeBack: () => void } | undefined {
  const act = useSession((session) => session.lastAct);
  const { takeBack } = useSession.getState();
  return act && { act, takeBack };
}
