"use client";

import { useGates, useOpen } from "@/store";
import { useNow } from "@/ui/parts";
import { MoveIn } from "@/ui/plan";

/** The question when the animals come, asked of the open habitat. */
export function Arrival({ open, onClose }: { open: boolean; onClose: () => void }) {
  const { habitat, act } = useOpen();
  const today = useNow();
  const gates = useGates(today);
  const { count } = habitat.brief;
  return <MoveIn {...{ open, gates, count, today, onClose }} onMoveIn={(told) => act(told)} />;
}
