"use client";

import AddOutlined from "@mui/icons-material/AddOutlined";
import DeleteOutlineOutlined from "@mui/icons-material/DeleteOutlineOutlined";
import Button from "@mui/material/Button";
import IconButton from "@mui/material/IconButton";
import { LIMITS } from "@/core/habitat";
import { areaCm2 } from "@/core/shape";
import { usualStarter } from "@/core/supply";
import { useOpen } from "@/store";
import { NumberInput, Stepper } from "@/ui/measure";
import { Cautions, LedgerPart } from "@/ui/parts";
import { capital, useLibrary, useSay } from "@/words";
import css from "./Crew.module.css";

/** What gives the soil its life a start: worked in before the crew, on the shopping list, a step of the build. */
export function StartersPart() {
  const say = useSay();
  const library = useLibrary();
  const { habitat, derived, edit } = useOpen();
  const floorCm2 = areaCm2(derived.ground.terrain.outline);
  const all = library.all("supplies").filter(({ startsPerM2 }) => startsPerM2 !== undefined);
  const taken = new Map(habitat.starters.map(({ supplyId, amount }) => [supplyId, amount]));
  const set = (supplyId: string, amount: number, gesture?: string) =>
    edit([{ name: "setStarter", args: { supplyId, amount } }], gesture);
  return (
    <LedgerPart title={say("crew:starters")}>
      <p className={css.help}>{say("crew:startersHelp")}</p>
      <ul className={css.list}>
        {all.map((one) => {
          const name = capital(say.nameOf("supplies", one.id));
          const amount = taken.get(one.id);
          const usual = usualStarter(one, floorCm2);
          return (
            <li key={one.id} className={css.starter}>
              <span>
                <span className={css.name}>{name}</span>
                <small>{say(`crew:starter.${one.id as "filterWater"}`)}</small>
              </span>
              {amount === undefined ? (
                <Button
                  size="small"
                  variant="outlined"
                  sx={{ minWidth: 36, px: 1 }}
                  aria-label={say("crew:addCrew", { name })}
                  onClick={() => set(one.id, usual)}
                >
                  <AddOutlined fontSize="small" />
                </Button>
              ) : (
                <span className={css.acts}>
                  {one.unit === "litres" ? (
                    <Stepper
                      label={say("crew:countOf", { name })}
                      kind="volume"
                      value={amount}
                      limits={LIMITS.starter}
                      onCommit={(litres, gesture) => set(one.id, litres, gesture)}
                    />
                  ) : (
                    <NumberInput
                      whole
                      label={say("crew:countOf", { name })}
                      value={amount}
                      limits={{ min: 1, max: LIMITS.starter.max }}
                      onCommit={(count, gesture) => set(one.id, count, gesture)}
                    />
                  )}
                  <IconButton
                    size="small"
                    aria-label={say("crew:removeCrew", { name })}
                    onClick={() => edit([{ name: "removeStarter", args: { supplyId: one.id } }])}
                  >
                    <DeleteOutlineOutlined sx={{ fontSize: 17 }} />
                  </IconButton>
                </span>
              )}
            </li>
          );
        })}
      </ul>
      <Cautions codes={all.filter(({ id }) => taken.has(id)).flatMap(({ cautions }) => cautions)} />
    </LedgerPart>
  );
}
