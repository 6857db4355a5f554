"use client";

import Checkbox from "@mui/material/Checkbox";
import FormControlLabel from "@mui/material/FormControlLabel";
import { energyTotal } from "@/core/outlook";
import { LIMITS } from "@/core/habitat";
import { EMPTY_BINS } from "@/core/supply";
import { useBins, useOpen } from "@/store";
import { NumberInput } from "@/ui/measure";
import { Fact, Facts, LedgerPart } from "@/ui/parts";
import { moneyPrinted, ranged, useFigures, useSay } from "@/words";
import { useOutlook } from "./season";
import css from "./Gear.module.css";

const FIRST_PRICE = 0.3;

/** Kilowatt-hours a month, at the builder's own price, and how the sockets are guarded. */
export function MonthCost() {
  const say = useSay();
  const figures = useFigures();
  const { habitat, edit } = useOpen();
  const currency = useBins()?.currency ?? EMPTY_BINS.currency;
  const [low, high] = energyTotal(useOutlook().energyKWh);
  const { pricePerKWh, guarded, dripLoops } = habitat.power;
  const money = (amount: number) => moneyPrinted(amount, currency);
  const set = (to: Partial<typeof habitat.power>, gesture?: string) => edit([{ name: "setPower", args: to }], gesture);
  if (habitat.gear.length === 0) return null;
  return (
    <LedgerPart title={say("climate:month.title")}>
      <Facts>
        <Fact label={say("climate:month.energy")}>
          {say("climate:month.kWh", { energy: figures.numbers([low, high], 0) })}
        </Fact>
        {pricePerKWh === null ? null : (
          <Fact label={say("climate:month.cost")}>{ranged(money(low * pricePerKWh), money(high * pricePerKWh))}</Fact>
        )}
      </Facts>
      <div className={css.line}>
        {pricePerKWh === null ? (
          <button type="button" className={css.tell} onClick={() => set({ pricePerKWh: FIRST_PRICE })}>
            {say("climate:month.tell")}
          </button>
        ) : (
          <label className={css.told}>
            <span>
              {say("climate:month.price")}, {currency}
            </span>
            <NumberInput
              label={say("climate:month.price")}
              value={pricePerKWh}
              limits={LIMITS.pricePerKWh}
              onCommit={(price, gesture) => set({ pricePerKWh: price }, gesture)}
            />
            <button type="button" className={css.tell} onClick={() => set({ pricePerKWh: null })}>
              {say("climate:month.forget")}
            </button>
          </label>
        )}
      </div>
      {(["guarded", "dripLoops"] as const).map((which) => (
        <FormControlLabel
          key={which}
          className={css.check}
          control={
            <Checkbox
              size="small"
              checked={which === "guarded" ? guarded : dripLoops}
              onChange={(event) => set({ [which]: event.target.checked })}
            />
          }
          label={say(which === "guarded" ? "climate:month.guarded" : "climate:month.drips")}
        />
      ))}
    </LedgerPart>
  );
}
