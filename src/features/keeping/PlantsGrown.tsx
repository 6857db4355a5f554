"use client";

import { useCallback, useMemo } from "react";
import { standing } from "@/core/log";
import { CM_PER_INCH } from "@/core/units";
import { useOpen, useSession } from "@/store";
import { BandChart, type Line } from "@/ui/chart";
import { capital, useFigures, useSay, useUnits } from "@/words";
import keeping from "./Keeping.module.css";

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
          points: own.map(({ on, heightCm }) => [`${on}T12:00:00`, heightCm * perCm]),
        },
      ];
    });
  }, [events, habitat.plants, say, perCm]);
  const print = useCallback((value: number) => figures.printed(value / perCm, "length"), [figures, perCm]);
  if (lines.length === 0) return null;
  return (
    <section className={keeping.charts} aria-label={say("journal:individuals.plants")}>
      <p className={keeping.legend} aria-hidden>
        <b>{say("journal:individuals.plants")}</b>
        {lines.map((line) => (
          <span key={line.name}>
            <i style={{ borderColor: `var(${line.color})`, borderStyle: line.dashed ? "dashed" : "solid" }} />{" "}
            {line.name}
          </span>
        ))}
      </p>
      <BandChart
        lines={lines}
        band={undefined}
        bandColor="--moss"
        print={print}
        printShort={print}
        height={180}
        label={lines.map(({ name, points }) => `${name}: ${print(points.at(-1)?.[1] ?? 0)}`).join("; ")}
      />
    </section>
  );
}
