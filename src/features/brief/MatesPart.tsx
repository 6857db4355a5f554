"use client";

import CloseOutlined from "@mui/icons-material/CloseOutlined";
import IconButton from "@mui/material/IconButton";
import { LIMITS } from "@/core/habitat";
import { useOpen } from "@/store";
import { AnimalField } from "@/ui/search";
import { FitMark } from "@/ui/FitMark";
import { NumberInput } from "@/ui/measure";
import { LedgerPart } from "@/ui/parts";
import { capital, sayFit, useSay } from "@/words";
import css from "./BriefStep.module.css";
import { useAnimals } from "./useAnimals";

/** Other species in the same box, each with what speaks against it. */
export function MatesPart() {
  const say = useSay();
  const { habitat, derived, edit } = useOpen();
  const { animals, carry, own } = useAnimals();
  const { mates, animalId } = habitat.brief;
  const free = animals.filter(({ id }) => id !== animalId && !mates.some((mate) => mate.animalId === id));
  return (
    <LedgerPart title={say("brief:mates.title")}>
      {mates.length === 0 ? (
        <p className={css.quietNote}>{say("brief:mates.none")}</p>
      ) : (
        <ul className={css.mates}>
          {mates.map((mate) => {
            const fit = derived.mateFits.get(mate.animalId);
            const name = capital(say.nameOf("animals", mate.animalId));
            const lacking = fit?.reasons.filter((reason) => reason.verdict !== "good") ?? [];
            return (
              <li key={mate.animalId}>
                {fit ? <FitMark verdict={fit.verdict} /> : null}
                <span>
                  <b>{name}</b>
                  <small>{lacking.map((reason) => sayFit(reason, say)).join(" ")}</small>
                </span>
                <NumberInput
                  whole
                  label={say("brief:mates.count", { name })}
                  value={mate.count}
                  limits={LIMITS.count}
                  onCommit={(count, gesture) =>
                    edit([{ name: "setMate", args: { animalId: mate.animalId, count } }], gesture)
                  }
                />
                <IconButton
                  size="small"
                  aria-label={say("brief:mates.remove", { name })}
                  onClick={() => edit([{ name: "removeMate", args: { animalId: mate.animalId } }])}
                >
                  <CloseOutlined sx={{ fontSize: 16 }} />
                </IconButton>
              </li>
            );
          })}
        </ul>
      )}
      {mates.length > 0 ? <p className={css.quietNote}>{say("brief:mates.caution")}</p> : null}
      <AnimalField
        key={mates.length}
        label={say("brief:mates.add")}
        animals={free}
        value={undefined}
        onChange={(id) => edit([...carry(id), { name: "setMate", args: { animalId: id, count: 1 } }])}
        onOwn={own((id) => [{ name: "setMate", args: { animalId: id, count: 1 } }])}
      />
    </LedgerPart>
  );
}
