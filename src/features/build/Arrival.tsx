"use client";

import { useOpen } from "@/store";
import { MoveIn } from "@/ui/plan";
import { usePlan } from "./plan";
import { useGates } from "./ReadyPart";

/** The question when the animals come, asked of the open habitat. */
export function Arrival({ open, onClose }: { open: boolean; onClose: () => void }) {
  const { habitat, act } = useOpen();
  const { today } = usePlan();
  const gates = useGates();
  return (
    <MoveIn
      open={open}
      gates={gates}
      count={habitat.brief.count}
      today={today}
      onMoveIn={(told) => act(told)}
      onClose={onClose}
    />
  );
}
