"use client";

import Button from "@mui/material/Button";
import { useState } from "react";
import { rule, type PieceKind } from "@/core/catalog";
import { isDampUnder, isHalfBuried, isLee } from "@/core/hardscape";
import { holdsSoil, LIMITS, type Piece, type Problem } from "@/core/habitat";
import { mouldedL, type Solid } from "@/core/strata";
import { useOpen } from "@/store";
import { NumberInput, Stepper } from "@/ui/measure";
import { newGesture } from "@/ui/section";
import { useSay, useLibrary, mixName } from "@/words";
import { PiecePose } from "./PiecePose";
import { PieceRest } from "./PieceRest";
import css from "./ShellStep.module.css";

const HOURS_A_DAY = 24;
const SIZES = [
  ["widthCm", LIMITS.pieceCm],
  ["depthCm", LIMITS.pieceCm],
  ["heightCm", LIMITS.pieceCm],
  ["xCm", LIMITS.sillCm],
  ["yCm", LIMITS.sillCm],
] as const;

/** Everything about one piece: size, place, turn, what it rests on, what fills it. */
export function PieceFields({ piece, kind, onRemoved }: { piece: Piece; kind: PieceKind; onRemoved: () => void }) {
  const say = useSay();
  const { habitat, derived, edit } = useOpen();
  const library = useLibrary();
  const [refused, setRefused] = useState<Problem | undefined>(undefined);
  const name = say.nameOf("pieceKinds", kind.id);
  const change = (to: Partial<Piece>, gesture?: string) => {
    setRefused(edit([{ name: "setPiece", args: { id: piece.id, ...to } }], gesture ?? newGesture()));
  };
  const solid = derived.ground.solids.find((other) => other.piece?.id === piece.id);
  return (
    <div className={css.pieceFields}>
      <div className={css.four}>
        {SIZES.map(([field, limits]) => (
          <Stepper
            key={field}
            label={say("shell:fieldOf", { name, field: say(`shell:pieceSides.${field}`) })}
            caption={say(`shell:pieceSides.${field}`)}
            kind="length"
            value={piece[field]}
            limits={limits}
            onCommit={(cm, gesture) => change({ [field]: cm }, gesture)}
          />
        ))}
        <label className={css.field}>
          <span>{say("shell:turn")}</span>
          <NumberInput
            label={say("shell:fieldOf", { name, field: say("shell:turn") })}
            value={piece.turnDeg}
            limits={LIMITS.turnDeg}
            onCommit={(turnDeg, gesture) => change({ turnDeg }, gesture)}
          />
        </label>
      </div>
      <PiecePose piece={piece} kind={kind} change={change} />
      <PieceRest piece={piece} change={change} />
      {kind.hollow?.opensTo === "soil" && holdsSoil(piece) ? (
        <label className={css.field}>
          <span>{say("shell:filledWith")}</span>
          <select
            className={css.select}
            value={piece.fillMixId ?? ""}
            onChange={(event) => change({ fillMixId: event.target.value === "" ? null : event.target.value })}
          >
            <option value="">{say("shell:notFilled")}</option>
            {habitat.mixes.map((mix, at) => (
              <option key={mix.id} value={mix.id}>
                {say("shell:mixNth", { nth: at + 1, name: mixName(mix, say, library) })}
              </option>
            ))}
            <option value={`mix-${piece.id}`}>{say("shell:ownMix")}</option>
          </select>
        </label>
      ) : null}
      {solid ? <Told solid={solid} /> : null}
      {refused ? (
        <p role="alert" className={css.refused}>
          {say("shell:pieceWrong")}
        </p>
      ) : null}
      <Button
        size="small"
        variant="outlined"
        onClick={() => {
          onRemoved();
          edit([{ name: "removePieces", args: { ids: [piece.id] } }]);
        }}
      >
        {say("shell:removePiece", { name })}
      </Button>
    </div>
  );
}

/** What a piece comes to: from where to where, what it takes, what it gives the animal. */
function Told({ solid }: { solid: Solid }) {
  const say = useSay();
  const { ground, library } = useOpen().derived;
  const { baseCm, topCm, fillL } = solid;
  const clayL = mouldedL(solid);
  const damp = isHalfBuried(solid, ground) && isDampUnder(solid, { ground, library });
  const lines = [
    say("shell:stands", { baseCm, topCm }),
    fillL > 0 && say("shell:fillOf", { fillL }),
    isLee(solid, ground) && say("shell:leeUnder"),
    damp ? say("shell:dampUnder") : isHalfBuried(solid, ground) && say("shell:halfBuried"),
    clayL > 0 &&
      say("shell:moulded", {
        clayL,
        clayWaterL: clayL * rule("clayWaterShare"),
        hours: library.get("wallTreatments", "sculptedClay").setDays * HOURS_A_DAY,
      }),
  ].filter((line) => line !== false);
  return <p className={css.why}>{lines.join(" · ")}</p>;
}
