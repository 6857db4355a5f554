"use client";

import DeleteOutlineOutlined from "@mui/icons-material/DeleteOutlineOutlined";
import LockOpenOutlined from "@mui/icons-material/LockOpenOutlined";
import LockOutlined from "@mui/icons-material/LockOutlined";
import IconButton from "@mui/material/IconButton";
import { LIMITS } from "@/core/habitat";
import { mostShare, toldTotal, withShare, type Share } from "@/core/mix";
import { useOpen } from "@/store";
import { NumberInput } from "@/ui/measure";
import { capital, useFigures, useSay } from "@/words";
import css from "./Jar.module.css";
import { setPartsCommand, type MixAtHand } from "./useMixAtHand";

export type ToldAs = "parts" | "scoops" | "percent";

type Props = {
  hand: MixAtHand;
  part: Share;
  litres: number;
  toldAs: ToldAs;
  locked: ReadonlySet<string>;
  height: number;
  onLock: () => void;
};

/**
 * One ingredient beside its band: what it comes to, its told number, its lock. With locks the told total stays and the
 * others give way.
 */
export function PartRow({ hand, part, litres, toldAs, locked, height, onLock }: Props) {
  const say = useSay();
  const figures = useFigures();
  const { edit } = useOpen();
  const { mix } = hand;
  const id = part.ingredientId;
  const name = capital(say.nameOf("ingredients", id));
  const held = locked.has(id);
  const holding = mix.parts.some((other) => other.ingredientId !== id && locked.has(other.ingredientId));
  const most = holding ? mostShare(mix.parts, id, locked) * toldTotal(mix.parts) : LIMITS.parts.max;
  const set = (parts: number, gesture: string) => {
    if (!holding) return edit([{ name: "setPart", args: { mixId: mix.id, ingredientId: id, parts } }], gesture);
    const others = mix.parts.some((other) => other.ingredientId !== id && !locked.has(other.ingredientId));
    if (others) edit([setPartsCommand(hand, withShare(mix.parts, id, parts / toldTotal(mix.parts), locked))], gesture);
  };
  return (
    <li className={css.row} style={{ height }} data-locked={held}>
      <span className={css.what}>
        <span className={css.name}>{name}</span>
        <span className={`${css.sub} measure`}>
          {say("mix:share", { share: figures.number(part.share * 100, 1) })} · {say("mix:litres", { looseL: litres })}
        </span>
      </span>
      {held ? (
        <span className={`${css.held} measure`}>{figures.number(Math.round(part.parts * 100) / 100)}</span>
      ) : (
        <NumberInput
          label={say(`mix:amountOf.${toldAs}`, { name })}
          value={Math.round(part.parts * 100) / 100}
          limits={{ min: LIMITS.parts.min, max: most }}
          onCommit={set}
        />
      )}
      <IconButton
        size="small"
        aria-pressed={held}
        aria-label={say(held ? "mix:unlock" : "mix:lock", { name })}
        onClick={onLock}
      >
        {held ? <LockOutlined sx={{ fontSize: 17 }} /> : <LockOpenOutlined sx={{ fontSize: 17, opacity: 0.55 }} />}
      </IconButton>
      <IconButton
        size="small"
        aria-label={say("mix:removeIngredient", { name })}
        onClick={() => edit([{ name: "removePart", args: { mixId: mix.id, ingredientId: id } }])}
      >
        <DeleteOutlineOutlined sx={{ fontSize: 17 }} />
      </IconButton>
    </li>
  );
}
