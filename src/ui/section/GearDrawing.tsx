import { useId, useMemo } from "react";
import { fitted, fixtureOf, type Fixture } from "@/core/gear";
import type { Design } from "@/core/habitat";
import type { Library } from "@/core/library";
import type { Ground } from "@/core/strata";
import { useLibrary } from "@/words";
import { alongOf, type Frame } from "./frame";
import { gearFormOf } from "./gearForm";
import { gearHighCm } from "./gearSize";
import { GearShape, LightCone } from "./GearShape";

type Props = {
  habitat: Pick<Design, "gear" | "shell">;
  ground: Pick<Ground, "surfaceAt">;
  frame: Frame;
  /** With the light the lamps throw. */
  lit: boolean;
};

/** Every piece of gear where it is. */
const fixturesOf = ({ gear, shell }: Props["habitat"], ground: Props["ground"], library: Library): Fixture[] =>
  fitted(gear, library).map((one) => fixtureOf(one, shell, ground.surfaceAt));

/** What stands beside the box is drawn at its edge, so that it is seen at all. */
export const isDrawnAt = (fixture: Fixture): boolean =>
  fixture.place !== "room" || gearFormOf(fixture.kind) === "nozzles";

/** How far gear reaches over the top of the box, cm: room the drawing leaves for it. */
export function overTopCm({ gear, shell }: Props["habitat"], ground: Props["ground"], library: Library): number {
  const over = fixturesOf({ gear, shell }, ground, library)
    .filter(({ place }) => place === "aboveMesh" || place === "lidOpening" || place === "outside")
    .map((fixture) => fixture.zCm + gearHighCm(fixture) - shell.heightCm);
  return Math.max(0, ...over);
}

/** The gear of a box in a view across it: lamps with their light, nozzles with their spray, fans, pumps, probes. */
export function GearDrawing({ habitat, ground, frame, lit }: Props) {
  const library = useLibrary();
  const clip = useId();
  const fixtures = useMemo(() => fixturesOf(habitat, ground, library).filter(isDrawnAt), [habitat, ground, library]);
  if (fixtures.length === 0 || frame.view === "plan") return null;
  const { x, y, acrossCm, heightCm, pxPerCm } = frame;
  return (
    <g aria-hidden>
      <clipPath id={clip}>
        <rect x={x(0)} y={y(heightCm)} width={acrossCm * pxPerCm} height={heightCm * pxPerCm} />
      </clipPath>
      <g clipPath={`url(#${clip})`}>
        {(lit ? fixtures : []).map((fixture) => (
          <LightCone
            key={fixture.piece.id}
            fixture={fixture}
            frame={frame}
            floorCm={ground.surfaceAt(fixture.xCm, fixture.yCm)}
          />
        ))}
      </g>
      {fixtures
        .toSorted((a, b) => alongOf(frame, a) - alongOf(frame, b))
        .map((fixture) => (
          <GearShape key={fixture.piece.id} fixture={fixture} frame={frame} />
        ))}
    </g>
  );
}
