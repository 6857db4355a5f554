"use client";

import { fitted, fixtureOf, isBeside, isOnWall, type Fixture } from "@/core/gear";
import { useOpen } from "@/store";
import {
  drawnAlongCm,
  gearFormOf,
  gearHighCm,
  gearWideCm,
  GEAR_COLORS,
  Grip,
  isDrawnAt,
  type Frame,
} from "@/ui/section";
import { capital, useLibrary, useSay } from "@/words";

const LEAST_PX = 40;

/** The gear where it is, dragged about or moved with the arrow keys; probes too. */
export function GearGrips({ frame }: { frame: Frame }) {
  const library = useLibrary();
  const { habitat, derived } = useOpen();
  const { shell, gear } = habitat;
  const fixtures = fitted(gear, library).map((one) => fixtureOf(one, shell, derived.ground.surfaceAt));
  return (
    <>
      {fixtures
        .filter((fixture) => isDrawnAt(fixture) && gearFormOf(fixture.kind) !== "probe")
        .map((fixture) => (
          <GearGrip key={fixture.piece.id} fixture={fixture} frame={frame} />
        ))}
      {fixtures.map((fixture) => (
        <ProbeGrip key={`${fixture.piece.id} probe`} fixture={fixture} frame={frame} />
      ))}
    </>
  );
}

/** What has a height of its own to be moved to; what lies on a wall, under the box or beside it keeps its place. */
const rises = ({ place }: Fixture): boolean => place !== "underBox" && !isBeside(place) && place !== "floor";

function GearGrip({ fixture, frame }: { fixture: Fixture; frame: Frame }) {
  const say = useSay();
  const { edit } = useOpen();
  const { piece, kind, place, zCm } = fixture;
  const name = capital(say.nameOf("gear", kind.id));
  const [side, plan] = [frame.view === "side", frame.view === "plan"];
  const across = side ? fixture.yCm : fixture.xCm;
  const up = plan ? fixture.yCm : zCm;
  const move = (to: { across: number; up: number }, gesture: string) => {
    const along = side ? { yCm: Math.max(0, to.across) } : { xCm: Math.max(0, to.across) };
    const raised = rises(fixture) && Math.abs(to.up - up) > 0.05 ? { upCm: Math.max(0, to.up) } : {};
    const other = plan ? { yCm: Math.max(0, to.up) } : raised;
    return edit([{ name: "setGear", args: { id: piece.id, ...along, ...other } }], gesture);
  };
  const wide = Math.max(LEAST_PX, gearWideCm(fixture, frame.view) * frame.pxPerCm);
  const high = Math.max(LEAST_PX * 0.8, gearHighCm(fixture) * frame.pxPerCm);
  const [x, y] = [frame.x(plan ? across : drawnAlongCm(fixture, frame)), frame.y(up)];
  return (
    <Grip
      frame={frame}
      atCm={{ across, up }}
      label={say("climate:gear.move", { name, xCm: piece.xCm })}
      levelSlackPx={isOnWall(place) ? 0 : 8}
      onMove={move}
      onRemove={() => edit([{ name: "removeGear", args: { ids: [piece.id] } }])}
    >
      {plan ? (
        <PlanMark fixture={fixture} frame={frame} name={name} />
      ) : (
        <rect x={x - wide / 2} y={y - high} width={wide} height={high + 8} rx={6} fill="transparent" />
      )}
    </Grip>
  );
}

/** From above: its outline in the colour of what it gives, with its name. */
function PlanMark({ fixture, frame, name }: { fixture: Fixture; frame: Frame; name: string }) {
  const wide = Math.max(14, gearWideCm(fixture, "front") * frame.pxPerCm);
  const deep = Math.max(14, gearWideCm(fixture, "side") * frame.pxPerCm);
  const [x, y] = [frame.x(fixture.xCm), frame.y(fixture.yCm)];
  const round = gearFormOf(fixture.kind) === "dome";
  return (
    <g>
      <rect
        x={x - wide / 2}
        y={y - deep / 2}
        width={wide}
        height={deep}
        rx={round ? wide / 2 : 4}
        fill={GEAR_COLORS[fixture.kind.purpose]}
        fillOpacity={0.45}
        stroke="var(--ink)"
      />
      <text
        x={x}
        y={y + 4}
        textAnchor="middle"
        fontSize={11.5}
        fontWeight={600}
        fill="var(--ink)"
        stroke="var(--sheet)"
        strokeWidth={3}
        paintOrder="stroke"
      >
        {name}
      </text>
    </g>
  );
}

/** Where a controller or a gauge feels. */
function ProbeGrip({ fixture, frame }: { fixture: Fixture; frame: Frame }) {
  const say = useSay();
  const { edit } = useOpen();
  const { piece, kind } = fixture;
  const { probe } = piece;
  if (!probe) return null;
  const [side, plan] = [frame.view === "side", frame.view === "plan"];
  const across = side ? probe.yCm : probe.xCm;
  const up = plan ? probe.yCm : probe.upCm;
  const move = (to: { across: number; up: number }, gesture: string) => {
    const [a, b] = [Math.max(0, to.across), Math.max(0, to.up)];
    const moved = plan ? { xCm: a, yCm: b } : side ? { yCm: a, upCm: b } : { xCm: a, upCm: b };
    return edit([{ name: "setGear", args: { id: piece.id, probe: { ...probe, ...moved } } }], gesture);
  };
  const name = capital(say.nameOf("gear", kind.id));
  return (
    <Grip
      frame={frame}
      atCm={{ across, up }}
      label={say("climate:gear.probeMove", { name, xCm: probe.xCm })}
      onMove={move}
    >
      <circle cx={frame.x(across)} cy={frame.y(up)} r={14} fill="transparent" />
      {plan ? (
        <circle cx={frame.x(across)} cy={frame.y(up)} r={6} fill="var(--sheet)" stroke="var(--clay)" strokeWidth={3} />
      ) : null}
    </Grip>
  );
}
