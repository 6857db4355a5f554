"use client";

import { isBeside, isOnWall, placeOf, type Fitted } from "@/core/gear";
import { WALLS, type GearPiece } from "@/core/habitat";
import { useOpen } from "@/store";
import { MeasureField } from "@/ui/measure";
import { useSay } from "@/words";
import css from "./Gear.module.css";

const OVER_CM = 150;
export type SetGear = (to: Partial<Omit<GearPiece, "id">>, gesture?: string) => void;

/** Where a piece of gear is: a place of its kind, the wall where it is on one, and how far along, in and up. */
export function PlaceFields({ one, name, set }: { one: Fitted; name: string; set: SetGear }) {
  const say = useSay();
  const { habitat } = useOpen();
  const { shell } = habitat;
  const { piece, kind } = one;
  const place = placeOf(one, shell);
  const usual = placeOf({ ...one, piece: { ...piece, place: null } }, shell);
  const words = (which: typeof place) => say(`climate:gear.places.${which}`);
  return (
    <div role="group" aria-label={say("climate:gear.place", { name })} className={css.group}>
      <label className={css.told}>
        <span>{say("climate:gear.placeShort")}</span>
        <select
          className={css.select}
          value={piece.place ?? ""}
          aria-label={say("climate:gear.placeShort")}
          onChange={(event) => {
            const next = kind.places.find((other) => other === event.target.value) ?? null;
            const wall = isOnWall(next ?? usual) ? (piece.wall ?? "back") : null;
            set({ place: next, wall, upCm: null });
          }}
        >
          <option value="">{say("climate:gear.usualPlace", { place: words(usual) })}</option>
          {kind.places.map((other) => (
            <option key={other} value={other}>
              {words(other)}
            </option>
          ))}
        </select>
      </label>
      {isOnWall(place) ? (
        <select
          className={css.select}
          aria-label={say("climate:gear.wall", { name })}
          value={piece.wall ?? "back"}
          onChange={(event) => set({ wall: WALLS.find((wall) => wall === event.target.value) ?? "back" })}
        >
          {WALLS.map((wall) => (
            <option key={wall} value={wall}>
              {say(`shell:walls.${wall}`)}
            </option>
          ))}
        </select>
      ) : null}
      {isBeside(place) ? null : (
        <div className={css.places}>
          <MeasureField
            label={say("climate:gear.xCm")}
            kind="length"
            value={piece.xCm}
            limits={{ min: 0, max: shell.widthCm }}
            onCommit={(xCm, gesture) => set({ xCm }, gesture)}
          />
          <MeasureField
            label={say("climate:gear.yCm")}
            kind="length"
            value={piece.yCm}
            limits={{ min: 0, max: shell.depthCm }}
            onCommit={(yCm, gesture) => set({ yCm }, gesture)}
          />
          <MeasureField
            label={say("climate:gear.upCm")}
            kind="length"
            value={piece.upCm ?? undefined}
            limits={{ min: 0, max: shell.heightCm + OVER_CM }}
            help={piece.upCm === null ? say("climate:gear.upUsual") : ""}
            onCommit={(upCm, gesture) => set({ upCm }, gesture)}
            onClear={() => set({ upCm: null })}
          />
        </div>
      )}
    </div>
  );
}
