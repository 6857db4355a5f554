"use client";

import Button from "@mui/material/Button";
import { useState } from "react";
import type { PieceKind } from "@/core/catalog";
import { LIMITS, WALLS, type Design, type Piece, type Problem, type Wall } from "@/core/habitat";
import { useOpen } from "@/store";
import { NumberInput, Stepper } from "@/ui/measure";
import { Pills } from "@/ui/parts";
import { mixName, newGesture } from "@/ui/section";
import { useSay, useLibrary } from "@/words";
import css from "./ShellStep.module.css";

const SIZES = [
  ["widthCm", LIMITS.pieceCm],
  ["depthCm", LIMITS.pieceCm],
  ["heightCm", LIMITS.pieceCm],
  ["xCm", LIMITS.sillCm],
  ["yCm", LIMITS.sillCm],
] as const;
const RESTS = ["glass", "ground", "wall", "inWall"] as const;

/** The wall to set something in: one that something is built on, else the back. */
const builtWall = ({ shell }: Design): Wall =>
  shell.treatments.find(({ thicknessCm }) => thicknessCm > 0)?.wall ?? "back";

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
  const { rest } = piece;
  const restOn = (on: (typeof RESTS)[number]) => {
    const upCm = Math.min(solid?.baseCm ?? 0, habitat.shell.heightCm);
    const rests: Record<typeof on, Piece["rest"]> = {
      glass: { on: "glass" },
      ground: { on: "ground", sunkCm: 0 },
      wall: { on: "wall", upCm },
      inWall: { on: "inWall", wall: builtWall(habitat), upCm },
    };
    change({ rest: rests[on] });
  };
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
      <Pills
        label={say("shell:restsOn", { name })}
        value={rest.on}
        onChange={restOn}
        options={RESTS.map((value) => ({ value, text: say(`shell:rests.${value}`) }))}
      />
      {rest.on === "ground" ? (
        <Stepper
          label={say("shell:fieldOf", { name, field: say("shell:sunk") })}
          caption={say("shell:sunk")}
          kind="length"
          value={rest.sunkCm}
          limits={LIMITS.sunkCm}
          onCommit={(sunkCm, gesture) => change({ rest: { on: "ground", sunkCm } }, gesture)}
        />
      ) : null}
      {rest.on === "inWall" ? (
        <label className={css.field}>
          <span>{say("shell:setIn")}</span>
          <select
            className={css.select}
            value={rest.wall}
            onChange={(event) => {
              const wall = WALLS.find((one) => one === event.target.value) ?? rest.wall;
              change({ rest: { ...rest, wall } });
            }}
          >
            {WALLS.map((wall) => (
              <option key={wall} value={wall}>
                {say(`shell:walls.${wall}`)}
              </option>
            ))}
          </select>
        </label>
      ) : null}
      {rest.on === "wall" || rest.on === "inWall" ? (
        <Stepper
          label={say("shell:fieldOf", { name, field: say("shell:upFrom") })}
          caption={say("shell:upFrom")}
          kind="length"
          value={rest.upCm}
          limits={LIMITS.sillCm}
          onCommit={(upCm, gesture) => change({ rest: { ...rest, upCm } }, gesture)}
        />
      ) : null}
      {kind.hollow?.opensTo === "soil" ? (
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
      {solid ? (
        <p className={css.why}>
          {say("shell:stands", { baseCm: solid.baseCm, topCm: solid.topCm })}
          {solid.fillL > 0 ? ` · ${say("shell:fillOf", { fillL: solid.fillL })}` : ""}
        </p>
      ) : null}
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
