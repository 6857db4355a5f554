"use client";

import type { Piece } from "@/core/habitat";
import type { Solid } from "@/core/strata";
import { useOpen } from "@/store";
import { Grip, solidBox, type Frame } from "@/ui/section";
import { capital, useSay } from "@/words";
import type { Choosing } from "./PiecesPart";

const LEVEL_SLACK_PX = 7;
const within = (cm: number, most: number): number => Math.min(most, Math.max(0, cm));
const tenth = (cm: number): number => Math.round(cm * 10) / 10;

/** A grip over every piece, in each view: along it the piece moves about, up and down it is sunk or raised. */
export function PieceGrips({ frame, chosen, onChoose }: { frame: Frame } & Choosing) {
  const { derived } = useOpen();
  return (
    <>
      {derived.ground.solids.map((solid) =>
        solid.piece ? (
          <PieceGrip
            key={solid.id}
            solid={solid}
            piece={solid.piece}
            frame={frame}
            chosen={solid.id === chosen}
            onChoose={onChoose}
          />
        ) : null,
      )}
    </>
  );
}

type GripProps = { solid: Solid; piece: Piece; frame: Frame; chosen: boolean; onChoose: Choosing["onChoose"] };

function PieceGrip({ solid, piece, frame, chosen, onChoose }: GripProps) {
  const say = useSay();
  const { habitat, derived, edit } = useOpen();
  const { shell } = habitat;
  const side = frame.view === "side";
  const plan = frame.view === "plan";
  const box = solidBox(solid, frame);
  /**
   * What a foot at a height means: on the wall as high as that, in the ground as deep as that, and the glass is where
   * it is.
   */
  const restAt = (footCm: number, xCm: number, yCm: number): Piece["rest"] => {
    if (piece.rest.on === "wall" || piece.rest.on === "inWall")
      return { ...piece.rest, upCm: tenth(within(footCm, shell.heightCm)) };
    if (piece.rest.on === "piece")
      return { ...piece.rest, upCm: tenth(within(piece.rest.upCm + footCm - solid.baseCm, shell.heightCm)) };
    if (piece.rest.on === "ground")
      return { on: "ground", sunkCm: tenth(within(derived.ground.surfaceAt(xCm, yCm) - footCm, 100)) };
    return piece.rest;
  };
  const move = ({ across, up }: { across: number; up: number }, gesture: string) => {
    const xCm = side ? piece.xCm : within(across, shell.widthCm);
    const yCm = plan ? within(up, shell.depthCm) : side ? within(across, shell.depthCm) : piece.yCm;
    const rest = plan || Math.abs(up - tenth(solid.baseCm)) < 0.05 ? piece.rest : restAt(up, piece.xCm, piece.yCm);
    return edit([{ name: "setPiece", args: { id: piece.id, xCm, yCm, rest } }], gesture);
  };
  return (
    <Grip
      frame={frame}
      atCm={{ across: side ? piece.yCm : piece.xCm, up: plan ? piece.yCm : tenth(solid.baseCm) }}
      pressed={chosen}
      levelSlackPx={plan ? 0 : LEVEL_SLACK_PX}
      onMove={move}
      label={say("shell:movePiece", {
        name: capital(say.nameOf("pieceKinds", piece.kindId)),
        xCm: piece.xCm,
        yCm: piece.yCm,
      })}
      onChoose={() => onChoose(piece.id)}
      onRemove={() => {
        onChoose(undefined);
        edit([{ name: "removePieces", args: { ids: [piece.id] } }]);
      }}
    >
      <rect
        className="edge"
        x={box.x - 3}
        y={box.y - 3}
        width={Math.max(20, box.width + 6)}
        height={Math.max(20, box.height + 6)}
        rx={6}
        fill="transparent"
        stroke={chosen ? "var(--moss)" : "transparent"}
        strokeWidth={2.2}
        strokeDasharray="5 4"
      />
    </Grip>
  );
}
