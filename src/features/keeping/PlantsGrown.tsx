"use client";

import { useCallback, useMemo } from "react";
import { standing } from "@/core/log";
import { CM_PER_INCH } from "@/core/units";
import { useOpen, useSession } from "@/store";
import type { Line } from "@/ui/chart";
import { capital, useFigures, useSay, useUnits } from "@/words";
import { Curves, noonOf } from "./Curves";

const COLORS = ["--moss", "--water", "--ochre", "--clay", "--ink", "--rust"] as const;

/** Heights of plants that were measured, as curves. */
export function PlantsGrown() {
  const say = useSay();
  const system = useUnits();
  const figures = useFigures();
  const { habitat } = useOpen();
  const events = useSession((session) => session.events);
  const perCm = system === "us" ? 1 / CM_PER_INCH : 1;
  const lines = useMemo((): Line[] => {
    const grown = standing(events).filter((event) => event.kind === "grew");
    return habitat.plants.flatMap(({ id, plantId }, at): Line[] => {
      const own = grown.filter(({ standId }) => standId === id).toSorted((a, b) => a.on.localeCompare(b.on));
      if (own.length === 0) return [];
      return [
        {
          name: capital(say.nameOf("plants", plantId)),
          color: COLORS[at % COLORS.length] ?? "--moss",
          dashed: at % 2 === 1,
          points: own.map(({ on, heightCm }) => [noonOf(on), heightCm * perCm]),
        },
      ];
    });
  }, [events, habitat.plants, say, perCm]);
  const print = useCallback((value: number) => figures.printed(value / perCm, "length"), [figures, perCm]);
  if (lines.length === 0) return null;
  return <Curves title={say("journal:individuals.plants")} lines={lines} print={print} height={180} />;
}
