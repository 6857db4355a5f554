"use client";

import type { GearPiece } from "@/core/habitat";
import { useOpen } from "@/store";
import { Grip, type Frame } from "@/ui/section";
import { capital, useLibrary, useSay } from "@/words";
import type { GearPurpose } from "./purposes";
import { COLORS } from "./purposes";

const ON_TOP_CM = 1.5;

/** The gear where it is, drawn as what it does; dragged about, or moved with the arrow keys. */
export function GearGrips({ frame }: { frame: Frame }) {
  const { habitat } = useOpen();
  return (
    <>
      {habitat.gear.map((piece) => (
        <GearGrip key={piece.id} piece={piece} frame={frame} />
      ))}
    </>
  );
}

function GearGrip({ piece, frame }: { piece: GearPiece; frame: Frame }) {
  const say = useSay();
  const library = useLibrary();
  const { habitat, edit } = useOpen();
  const kind = library.get("gear", piece.kindId);
  const name = capital(say.nameOf("gear", kind.id));
  const side = frame.view === "side";
  const plan = frame.view === "plan";
  const upCm = piece.upCm ?? habitat.shell.heightCm + ON_TOP_CM;
  const across = side ? piece.yCm : piece.xCm;
  const up = plan ? piece.yCm : upCm;
  const move = (to: { across: number; up: number }, gesture: string) => {
    const along = side ? { yCm: Math.max(0, to.across) } : { xCm: Math.max(0, to.across) };
    const other = plan ? { yCm: Math.max(0, to.up) } : {};
    return edit([{ name: "setGear", args: { id: piece.id, ...along, ...other } }], gesture);
  };
  return (
    <Grip
      frame={frame}
      atCm={{ across, up }}
      label={say("climate:gear.move", { name, xCm: piece.xCm })}
      onMove={move}
      onRemove={() => edit([{ name: "removeGear", args: { ids: [piece.id] } }])}
    >
      <Mark purpose={kind.purpose} x={frame.x(across)} y={frame.y(up)} name={name} />
    </Grip>
  );
}

/** A housing in the colour of what it gives, with its name beside it. */
function Mark({ purpose, x, y, name }: { purpose: GearPurpose; x: number; y: number; name: string }) {
  return (
    <g transform={`translate(${x} ${y})`}>
      <rect x={-24} y={-16} width={48} height={32} fill="transparent" />
      <rect x={-17} y={-5} width={34} height={10} rx={3} fill="var(--ink)" />
      <rect x={-13} y={3} width={26} height={4} rx={2} fill={COLORS[purpose]} />
      <text
        y={-11}
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
