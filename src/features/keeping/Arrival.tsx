"use client";

import { useGates, useOpen, useToday } from "@/store";
import { MoveIn } from "@/ui/plan";

/** The question when the animals come, asked of the open habitat. */
export function Arrival({ open, onClose }: { open: boolean; onClose: () => void }) {
  const { habitat, act } = useOpen();
  const today = useToday();
  const gates = useGates(today);
  const { count } = habitat.brief;
  return <MoveIn {...{ open, gates, count, today, onClose }} onMoveIn={(told) => act(told)} />;
}
