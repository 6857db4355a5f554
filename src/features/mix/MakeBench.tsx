"use client";

import Button from "@mui/material/Button";
import { useState } from "react";
import { makePlan, type Bench, type MakePlan } from "@/core/mix";
import { mixRoomL } from "@/core/strata";
import { chooseMixBench, useMixBench, useOpen } from "@/store";
import { MeasureField } from "@/ui/measure";
import { Cautions, Pills } from "@/ui/parts";
import { plain, Swatch } from "@/ui/section";
import { capital, useFigures, useSay } from "@/words";
import css from "./Make.module.css";
import type { MixAtHand } from "./useMixAtHand";

const LIMITS = {
  vesselL: { min: 0.5, max: 500 },
  scoopL: { min: 0.05, max: 20 },
  liftKg: { min: 1, max: 60 },
} as const;

const WHERES = ["tub", "box"] as const;

const QUARTERS = ["", "¼", "½", "¾"] as const;
/** Scoops as they are read off one: 4½, not 4.50. */
const inQuarters = (count: number): string =>
  `${Math.floor(count) || ""}${QUARTERS[Math.round((count % 1) * 4) % 4] ?? ""}` || "0";

/** How the mix is made with what is at hand: batches, scoops, bricks, water, order and weight. */
export function MakeBench({ hand }: { hand: MixAtHand }) {
  const say = useSay();
  const bench = useMixBench();
  const [leastBatches, setLeastBatches] = useState(1);
  const [where, setWhere] = useState<(typeof WHERES)[number]>("tub");
  const { habitat, derived } = useOpen();
  const roomL = mixRoomL(derived.ground, habitat.shell);
  const inBox = where === "box" && roomL >= LIMITS.vesselL.min;
  const set = (field: keyof Bench) => (value: number) => {
    setLeastBatches(1);
    chooseMixBench({ ...bench, [field]: value });
  };
  // In the box nothing has to be lifted.
  const used = inBox ? { ...bench, vesselL: roomL, liftKg: Infinity } : bench;
  const plan = makePlan(hand.mix.parts, hand.laying, used, hand.pantry, leastBatches);
  const told = !plan ? say("mix:make.empty") : hand.laying.looseL <= 0 ? say("mix:make.nothing") : undefined;
  return (
    <div className={css.make}>
      <Pills
        label={say("mix:make.where")}
        value={where}
        onChange={setWhere}
        options={WHERES.map((value) => ({ value, text: say(`mix:make.wheres.${value}`) }))}
      />
      {where === "box" ? <p className={css.inBox}>{say("mix:make.inBox", { roomL })}</p> : null}
      <div className={css.fields}>
        {where === "tub" ? (
          <MeasureField
            label={say("mix:make.vessel")}
            kind="volume"
            value={bench.vesselL}
            limits={LIMITS.vesselL}
            onCommit={set("vesselL")}
          />
        ) : null}
        <MeasureField
          label={say("mix:make.scoop")}
          kind="volume"
          value={bench.scoopL}
          limits={LIMITS.scoopL}
          onCommit={set("scoopL")}
        />
        <MeasureField
          label={say("mix:make.lift")}
          kind="mass"
          value={bench.liftKg}
          limits={LIMITS.liftKg}
          onCommit={set("liftKg")}
        />
      </div>
      {plan && told === undefined ? (
        <Plan hand={hand} plan={plan} bench={used} onBatches={setLeastBatches} />
      ) : (
        <p className={css.note}>{told}</p>
      )}
    </div>
  );
}

function Plan({
  hand,
  plan,
  bench,
  onBatches,
}: {
  hand: MixAtHand;
  plan: MakePlan;
  bench: Bench;
  onBatches: (count: number) => void;
}) {
  const say = useSay();
  const figures = useFigures();
  const { pantry, laying } = hand;
  const scoops = (count: number) => say("mix:scoops", { count: count <= 1 ? 1 : 2, scoops: inQuarters(count) });
  const litres = (value: number) => Object.values(figures.shown(value, "volume")).join("\u00a0");
  const many = plan.batches > 1;
  const waterL = plan.moistWaterL + plan.dryWaterL;
  const addWaterL = Math.max(0, waterL - plan.brickWaterL);
  const batchWaterL = addWaterL / plan.batches;
  const detail = (id: MakePlan["steps"][number]["id"]): string[] => {
    switch (id) {
      case "soak":
        return plan.soaks.map(({ ingredientId, bricks, brick, waterL: soakWaterL }) =>
          say("mix:make.soak", {
            count: say("mix:make.bricks", { count: bricks }),
            ingredientId,
            soakWaterL,
            minutes: brick.soakMin,
            lowL: brick.makesL[0],
            highL: brick.makesL[1],
          }),
        );
      case "wet":
        return [
          plan.brickWaterL > 0
            ? say("mix:make.wetBricks", { moistWaterL: waterL, brickWaterL: plan.brickWaterL, addWaterL, batchWaterL })
            : say("mix:make.wet", { moistWaterL: waterL, batchWaterL }),
          ...(laying.dryL > 0
            ? [say("mix:make.wetDry", { moistWaterL: plan.moistWaterL, dryWaterL: plan.dryWaterL })]
            : []),
        ];
      case "squeeze":
        return [say("mix:make.squeeze")];
      default:
        return [];
    }
  };
  return (
    <>
      <div className={css.head}>
        <p className={css.big}>
          {say("mix:make.batches", { count: plan.batches })}{" "}
          <small>{say("mix:make.inVessel", { batchL: plan.batchLooseL, vesselL: bench.vesselL })}</small>
        </p>
        <p className={css.note}>{say("mix:make.fill")}</p>
        {plan.batchesToLift === undefined ? (
          <p className={css.note}>{say("mix:make.light", { batchKg: plan.batchWetKg })}</p>
        ) : (
          <p className={css.heavy} role="status">
            {say("mix:make.heavy", { batchKg: plan.batchWetKg, liftKg: bench.liftKg, count: plan.batchesToLift })}
            <Button size="small" variant="outlined" onClick={() => onBatches(plan.batchesToLift ?? 1)}>
              {say("mix:make.useBatches", { count: plan.batchesToLift })}
            </Button>
          </p>
        )}
      </div>
      <table className={css.table}>
        <thead>
          <tr>
            <th scope="col">{say("mix:make.measure")}</th>
            {many ? (
              <th scope="col" colSpan={2}>
                {say("mix:make.perBatch")}
              </th>
            ) : null}
            <th scope="col" colSpan={2}>
              {say("mix:make.inAll")}
            </th>
          </tr>
        </thead>
        <tbody>
          {plan.measured.map((part) => (
            <tr key={part.ingredientId}>
              <th scope="row">
                <span>
                  <Swatch material={plain(pantry(part.ingredientId).look)} width={20} height={20} />
                  {capital(say.nameOf("ingredients", part.ingredientId))}
                </span>
              </th>
              {many ? (
                <>
                  <td className="measure">
                    <b>{scoops(part.perBatchScoops)}</b>
                  </td>
                  <td className="measure">{litres(part.perBatchL)}</td>
                </>
              ) : null}
              <td className="measure">{many ? scoops(part.scoops) : <b>{scoops(part.scoops)}</b>}</td>
              <td className="measure">{litres(part.litres)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <h3>{say("mix:make.order")}</h3>
      <ol className={css.steps}>
        {plan.steps.map(({ id, ingredientIds }) => (
          <li key={id}>
            <b>{say(`mix:make.steps.${id}`)}</b>
            {id !== "soak" && ingredientIds.length > 0 ? (
              <span>{ingredientIds.map((one) => say.nameOf("ingredients", one)).join(", ")}</span>
            ) : null}
            {detail(id).map((text) => (
              <span key={text}>{text}</span>
            ))}
          </li>
        ))}
      </ol>
      <Cautions codes={[...plan.measured.flatMap((part) => pantry(part.ingredientId).cautions), "handWashing"]} />
    </>
  );
}
