"use client";

import { useOpen } from "@/store";
import { seeded, seedOf } from "@/core/random";
import type { Frame } from "@/ui/section";

const MOST_DRAWN = 160;
const COLORS = {
  springtail: "#f4f1e6",
  isopod: "#cfd3da",
  beetle: "#2a1f18",
  earwig: "#5a2f1c",
  millipede: "#4a2f24",
  snail: "#c9b184",
  roach: "#6b4226",
  earthworm: "#a4665c",
  potworm: "#efe9dd",
  mite: "#b98a1f",
  nematode: "#efe9dd",
  shrimp: "#b5533a",
  waterSnail: "#7d6a3f",
  waterIsopod: "#8a8a7a",
} as const;

/** The crew as small bodies in and on the soil, to scale in length, at most some dozens of each. */
export function CrewDots({ frame }: { frame: Frame }) {
  const { habitat, derived } = useOpen();
  const { ground, library } = derived;
  return (
    <g aria-hidden>
      {habitat.crew.map(({ crewId, count }) => {
        const species = library.get("crew", crewId);
        const random = seeded(seedOf(crewId));
        const length = Math.max(2.4, (species.lengthMm[1] / 10) * frame.pxPerCm);
        const hides = species.survivesHunting === "hidden";
        return Array.from({ length: Math.min(count, MOST_DRAWN) }, (_, at) => {
          const across = random() * frame.acrossCm;
          const place =
            frame.view === "front" ? ([across, 0.1] as const) : ([habitat.shell.widthCm / 2, across] as const);
          const top = ground.surfaceAt(...place);
          const down = hides ? random() ** 1.6 * ground.soilDepthAt(...place) * 0.8 : random() * 1.6;
          return (
            <ellipse
              key={`${crewId}-${at}`}
              cx={frame.x(across)}
              cy={frame.y(Math.max(0, top - 0.2 - down))}
              rx={length / 2}
              ry={Math.max(1, length * 0.24)}
              fill={COLORS[species.group]}
              stroke="rgba(0,0,0,.5)"
              strokeWidth={0.6}
              transform={`rotate(${(random() - 0.5) * 70} ${frame.x(across)} ${frame.y(top - 0.2 - down)})`}
            />
          );
        });
      })}
    </g>
  );
}
