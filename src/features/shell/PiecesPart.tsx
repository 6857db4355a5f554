"use client";

import { type PieceKind } from "@/core/catalog";
import type { Derived } from "@/core/derive";
import { usualSlabs, type Piece } from "@/core/habitat";
import { freePlace } from "@/core/placing";
import { useOpen } from "@/store";
import { Cautions, LedgerPart } from "@/ui/parts";
import { EntryField } from "@/ui/search";
import { plain, Swatch } from "@/ui/section";
import { capital, useFigures, useSay, useLibrary } from "@/words";
import { PieceFields } from "./PieceFields";
import css from "./ShellStep.module.css";

export type Choosing = { chosen: string | undefined; onChoose: (id: string | undefined) => void };

/**
 * A new piece, no larger than what the box has room for, on what its kind rests on: at the free place nearest to the
 * middle, or there where there is none.
 */
function newPiece(kind: PieceKind, scene: Derived): Piece {
  const { shell } = scene.habitat;
  const rest: Piece["rest"] =
    kind.rests === "glass"
      ? { on: "glass" }
      : kind.rests === "wall"
        ? { on: "wall", upCm: shell.heightCm * 0.5 }
        : { on: "ground", sunkCm: 0 };
  const piece: Piece = {
    id: crypto.randomUUID().slice(0, 8),
    kindId: kind.id,
    rest,
    turnDeg: 0,
    tilt: null,
    slabs: kind.form === "slabs" ? usualSlabs(Math.min(kind.heightCm, shell.heightCm * 0.8)) : null,
    fillMixId: null,
    xCm: Math.round(shell.widthCm * 0.45),
    yCm: Math.round(shell.depthCm * (kind.rests === "wall" ? 0.85 : 0.45)),
    widthCm: Math.min(kind.widthCm, shell.widthCm * 0.8),
    depthCm: Math.min(kind.depthCm, shell.depthCm * 0.8),
    heightCm: Math.min(kind.heightCm, shell.heightCm * 0.8),
  };
  return { ...piece, ...freePlace(scene, piece) };
}

/** What stands in the box, and what the animal wants to find there. */
export function PiecesPart({ chosen, onChoose }: Choosing) {
  const say = useSay();
  const library = useLibrary();
  const figures = useFigures();
  const { habitat, derived } = useOpen();
  const cautions = habitat.pieces.flatMap((piece) => library.get("pieceKinds", piece.kindId).cautions);
  return (
    <>
      <ul className={css.wants} aria-label={say("shell:wants")}>
        {derived.furnishing.map(({ code, needCount, haveCount }) => (
          <li key={code} data-short={haveCount < needCount}>
            <span>{say(`shell:furnishing.${code}`)}</span>
            <b className="measure">{say("shell:haveOf", { haveCount, needCount })}</b>
          </li>
        ))}
      </ul>
      <AddPiece onChoose={onChoose} />
      {habitat.pieces.length === 0 ? <p className={css.why}>{say("shell:noPieces")}</p> : null}
      <ul className={css.openings}>
        {habitat.pieces.map((piece) => {
          const kind = library.get("pieceKinds", piece.kindId);
          const kg = derived.ground.solids.find((solid) => solid.piece?.id === piece.id)?.emptyKg ?? 0;
          const mass = figures.shown(kg, "mass");
          return (
            <li key={piece.id} data-chosen={piece.id === chosen}>
              <button
                type="button"
                className={css.pieceHead}
                aria-expanded={piece.id === chosen}
                onClick={() => onChoose(piece.id === chosen ? undefined : piece.id)}
              >
                <Swatch material={plain(kind.look)} width={24} height={24} />
                <b>{capital(say.nameOf("pieceKinds", kind.id))}</b>
                <span className={css.soft}>{say(`shell:restsShort.${piece.rest.on}`)}</span>
                <span className="measure">
                  {mass.figure} {mass.unit}
                </span>
              </button>
              {piece.id === chosen ? (
                <PieceFields piece={piece} kind={kind} onRemoved={() => onChoose(undefined)} />
              ) : null}
            </li>
          );
        })}
      </ul>
      {cautions.length > 0 ? (
        <LedgerPart title={say("cautions:label")}>
          <Cautions codes={cautions} />
        </LedgerPart>
      ) : null}
    </>
  );
}

/** Finds a piece to set up, by any of its names. */
function AddPiece({ onChoose }: { onChoose: Choosing["onChoose"] }) {
  const say = useSay();
  const library = useLibrary();
  const { derived, edit } = useOpen();
  const add = (kind: PieceKind) => {
    const piece = newPiece(kind, derived);
    edit([{ name: "addPiece", args: piece }]);
    onChoose(piece.id);
  };
  return (
    <EntryField
      label={say("shell:addPiece")}
      name="piece"
      size="small"
      items={library.all("pieceKinds")}
      kindOf={() => "pieceKinds"}
      onChange={add}
      optionOf={(kind) => (
        <span className={css.option}>
          <Swatch material={plain(kind.look)} width={20} height={20} /> {capital(say.nameOf("pieceKinds", kind.id))}
        </span>
      )}
    />
  );
}
