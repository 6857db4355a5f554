"use client";

import type { PieceKind } from "@/core/catalog";
import { LIMITS, type Piece } from "@/core/habitat";
import { useOpen } from "@/store";
import { NumberInput, Stepper } from "@/ui/measure";
import { Pills } from "@/ui/parts";
import { useSay } from "@/words";
import css from "./ShellStep.module.css";

const SIDES = ["right", "left", "back", "front"] as const;
const POSES = ["upright", "leans", "lies"] as const;
type Pose = (typeof POSES)[number];
const USUAL_LEAN_DEG = 40;
const LYING_DEG = 90;
/** What holds water or soil, and what is piled, only ever stands. */
const STANDS: readonly PieceKind["form"][] = ["pot", "bowl", "column", "slabs"];

const poseOf = ({ tilt }: Piece): Pose => (tilt === null ? "upright" : tilt.deg === LYING_DEG ? "lies" : "leans");

type Props = { piece: Piece; kind: PieceKind; change: (to: Partial<Piece>, gesture?: string) => void };

/** Whether a piece stands, leans or lies; of a pile how many slabs, and how far apart. */
export function PiecePose({ piece, kind, change }: Props) {
  const say = useSay();
  const { habitat } = useOpen();
  const name = say.nameOf("pieceKinds", kind.id);
  const { tilt, slabs } = piece;
  if (slabs)
    return (
      <div className={css.four}>
        <label className={css.field}>
          <span>{say("shell:slabCount")}</span>
          <NumberInput
            label={say("shell:fieldOf", { name, field: say("shell:slabCount") })}
            value={slabs.count}
            limits={LIMITS.slabCount}
            onCommit={(count, gesture) => change({ slabs: { ...slabs, count: Math.round(count) } }, gesture)}
          />
        </label>
        <Stepper
          label={say("shell:fieldOf", { name, field: say("shell:slabGap") })}
          caption={say("shell:slabGap")}
          kind="thin"
          value={slabs.gapCm}
          limits={LIMITS.slabGapCm}
          onCommit={(gapCm, gesture) => change({ slabs: { ...slabs, gapCm } }, gesture)}
        />
      </div>
    );
  const planted = habitat.plants.some(({ inId }) => inId === piece.id);
  if (STANDS.includes(kind.form) || planted || piece.rest.on === "inWall") return null;
  // A board leans over its flat side.
  const to = tilt?.to ?? (piece.widthCm > piece.depthCm ? "back" : "right");
  const poses: Record<Pose, Piece["tilt"]> = {
    upright: null,
    leans: { deg: USUAL_LEAN_DEG, to },
    lies: { deg: LYING_DEG, to },
  };
  return (
    <>
      <Pills
        label={say("shell:pose", { name })}
        value={poseOf(piece)}
        onChange={(pose) => change({ tilt: poses[pose] })}
        options={POSES.map((value) => ({ value, text: say(`shell:poses.${value}`) }))}
      />
      {tilt ? (
        <div className={css.line}>
          <label className={css.field}>
            <span>{say("shell:leanDeg")}</span>
            <NumberInput
              label={say("shell:fieldOf", { name, field: say("shell:leanDeg") })}
              value={tilt.deg}
              limits={LIMITS.tiltDeg}
              onCommit={(deg, gesture) => change({ tilt: { ...tilt, deg } }, gesture)}
            />
          </label>
          <label className={css.field}>
            <span>{say("shell:leanTo")}</span>
            <select
              className={css.select}
              value={tilt.to}
              onChange={(event) => {
                const side = SIDES.find((one) => one === event.target.value) ?? tilt.to;
                change({ tilt: { ...tilt, to: side } });
              }}
            >
              {SIDES.map((side) => (
                <option key={side} value={side}>
                  {say(`shell:leanSides.${side}`)}
                </option>
              ))}
            </select>
          </label>
        </div>
      ) : null}
    </>
  );
}
