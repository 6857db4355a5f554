"use client";

import { planFor, readiness } from "@/core/build";
import { useOpen } from "@/store";
import { useNow } from "@/ui/parts";
import { MoveIn } from "@/ui/plan";

/** The question when the animals come, where nothing was ticked in the build. */
export function Arrival({ open, onClose }: { open: boolean; onClose: () => void }) {
  const { habitat, derived, log, act } = useOpen();
  const today = useNow();
  const gates = open ? readiness(derived, planFor(derived, log.state, today), log.state) : [];
  const { count } = habitat.brief;
  return <MoveIn {...{ open, gates, count, today, onClose }} onMoveIn={(told) => act(told)} />;
}
