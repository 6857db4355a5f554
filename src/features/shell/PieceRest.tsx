"use client";

import type { CatalogKind } from "@/core/catalog";
import { LIMITS, WALLS, type Design, type Piece, type Wall } from "@/core/habitat";
import { useOpen } from "@/store";
import { Stepper } from "@/ui/measure";
import { Pills } from "@/ui/parts";
import { capital, useSay } from "@/words";
import css from "./ShellStep.module.css";

const RESTS = ["glass", "ground", "wall", "inWall", "piece"] as const;
type On = (typeof RESTS)[number];

/** The wall to set something in: one that something is built on, else the back. */
const builtWall = ({ shell }: Design): Wall =>
  shell.treatments.find(({ thicknessCm }) => thicknessCm > 0)?.wall ?? "back";

/** What a piece can be glued to: any but itself and what hangs on it. */
function holdersFor({ pieces }: Design, piece: Piece): Piece[] {
  const hangs = (other: Piece): boolean => {
    const { rest } = other;
    if (rest.on !== "piece") return false;
    if (rest.pieceId === piece.id) return true;
    const holder = pieces.find(({ id }) => id === rest.pieceId);
    return holder !== undefined && hangs(holder);
  };
  return pieces.filter((other) => other.id !== piece.id && !hangs(other));
}

type Props = { piece: Piece; change: (to: Partial<Piece>, gesture?: string) => void };

/** What a piece rests on, and how high or how deep. */
export function PieceRest({ piece, change }: Props) {
  const say = useSay();
  const { habitat, derived } = useOpen();
  const name = say.nameOf("pieceKinds", piece.kindId);
  const solid = derived.ground.solids.find((other) => other.piece?.id === piece.id);
  const holders = holdersFor(habitat, piece);
  const { rest } = piece;
  const restOn = (on: On): void => {
    const upCm = Math.min(solid?.baseCm ?? 0, habitat.shell.heightCm);
    const [holder] = holders;
    const rests: Record<On, Piece["rest"]> = {
      glass: { on: "glass" },
      ground: { on: "ground", sunkCm: 0 },
      wall: { on: "wall", upCm },
      inWall: { on: "inWall", wall: builtWall(habitat), upCm },
      piece: holder ? onTop(holder) : rest,
    };
    change({ rest: rests[on] });
  };
  const onTop = (holder: Piece): Piece["rest"] => {
    const held = derived.ground.solids.find(({ id }) => id === holder.id);
    return { on: "piece", pieceId: holder.id, upCm: held ? held.topCm - held.baseCm : holder.heightCm };
  };
  const up = "upCm" in rest ? rest : undefined;
  return (
    <>
      <Pills
        label={say("shell:restsOn", { name })}
        value={rest.on}
        onChange={restOn}
        options={RESTS.filter((on) => on !== "piece" || holders.length > 0).map((value) => ({
          value,
          text: say(`shell:rests.${value}`),
        }))}
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
        <Choice
          label={say("shell:setIn")}
          value={rest.wall}
          onChange={(value) => change({ rest: { ...rest, wall: WALLS.find((one) => one === value) ?? rest.wall } })}
          options={WALLS.map((wall) => ({ value: wall, text: say(`shell:walls.${wall}`) }))}
        />
      ) : null}
      {rest.on === "piece" ? (
        <Choice
          label={say("shell:gluedTo")}
          value={rest.pieceId}
          onChange={(value) => {
            const holder = holders.find(({ id }) => id === value);
            if (holder) change({ rest: onTop(holder) });
          }}
          options={namedPieces(holders, say.nameOf)}
        />
      ) : null}
      {up ? (
        <Stepper
          label={say("shell:fieldOf", { name, field: say(up.on === "piece" ? "shell:upOver" : "shell:upFrom") })}
          caption={say(up.on === "piece" ? "shell:upOver" : "shell:upFrom")}
          kind="length"
          value={up.upCm}
          limits={LIMITS.sillCm}
          onCommit={(upCm, gesture) => change({ rest: { ...up, upCm } }, gesture)}
        />
      ) : null}
    </>
  );
}

/** Pieces by name, those of one kind told apart by a number. */
function namedPieces(pieces: readonly Piece[], nameOf: (kind: CatalogKind, id: string) => string) {
  return pieces.map(({ id, kindId }) => {
    const alike = pieces.filter((other) => other.kindId === kindId);
    const nth = alike.length > 1 ? ` ${alike.findIndex((other) => other.id === id) + 1}` : "";
    return { value: id, text: `${capital(nameOf("pieceKinds", kindId))}${nth}` };
  });
}

type ChoiceProps = {
  label: string;
  value: string;
  onChange: (value: string) => void;
  options: readonly { value: string; text: string }[];
};

function Choice({ label, value, onChange, options }: ChoiceProps) {
  return (
    <label className={css.field}>
      <span>{label}</span>
      <select className={css.select} value={value} onChange={(event) => onChange(event.target.value)}>
        {options.map((option) => (
          <option key={option.value} value={option.value}>
            {option.text}
          </option>
        ))}
      </select>
    </label>
  );
}
