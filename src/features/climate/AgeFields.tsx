"use client";

import { useState } from "react";
import type { Fitted } from "@/core/gear";
import { LIMITS } from "@/core/habitat";
import { dueList } from "@/core/keeping";
import { useOpen, useToday } from "@/store";
import { MeasureField, NumberInput } from "@/ui/measure";
import { useSay } from "@/words";
import css from "./Gear.module.css";

/** Since when it is new, when it wants renewing, and what a meter read under it. */
export function AgeFields({ one, name }: { one: Fitted; name: string }) {
  const say = useSay();
  const today = useToday();
  const { derived, act } = useOpen();
  const { piece, kind } = one;
  const { state } = derived.log;
  const newOn = state.renewedOn[piece.id] ?? state.doneOn.runGear ?? state.sinceOn ?? undefined;
  const duty = dueList(derived, derived.log, today || derived.outlook.on).find(
    ({ does, gear }) => does === "renewGear" && gear?.gearIds.includes(piece.id),
  );
  const dueOn = duty?.dueOn;
  const ages = kind.renewInMonths !== null;
  if (!ages && !kind.reference.uvIndexAt) return null;
  return (
    <>
      {ages ? (
        <div className={css.line}>
          <small>
            {newOn === undefined ? say("climate:gear.ageNone") : say("climate:gear.age", { newOn })}
            {dueOn !== undefined
              ? ` · ${dueOn <= today ? say("climate:gear.dueNow") : say("climate:gear.due", { dueOn })}`
              : ""}
          </small>
          <button
            type="button"
            className={css.tell}
            aria-label={say("climate:gear.renew", { name })}
            onClick={() => act([{ kind: "renewed", on: "", gearId: piece.id }])}
          >
            {say("climate:gear.renewedToday")}
          </button>
        </div>
      ) : null}
      {kind.reference.uvIndexAt ? <Meter gearId={piece.id} name={name} /> : null}
    </>
  );
}

/** What a UV index meter reads straight below a lamp. */
function Meter({ gearId, name }: { gearId: string; name: string }) {
  const say = useSay();
  const { act } = useOpen();
  const [uvIndex, setIndex] = useState(1);
  const [belowCm, setBelow] = useState(30);
  return (
    <div role="group" aria-label={say("climate:gear.meter", { name })} className={css.group}>
      <div className={css.line}>
        <span className={css.told}>
          {say("climate:gear.meterIndex")}
          <NumberInput
            label={`${say("climate:gear.meterIndex")}, ${name}`}
            value={uvIndex}
            limits={{ min: 0, max: LIMITS.uvIndex.max }}
            onCommit={setIndex}
          />
        </span>
        <MeasureField
          label={say("climate:gear.meterBelow")}
          kind="length"
          value={belowCm}
          limits={{ min: 1, max: LIMITS.boxCm.max }}
          onCommit={setBelow}
        />
        <button
          type="button"
          className={css.tell}
          onClick={() => act([{ kind: "metered", on: "", gearId, uvIndex, belowCm }])}
        >
          {say("climate:gear.meterTell")}
        </button>
      </div>
      <small>{say("climate:gear.meterNote")}</small>
    </div>
  );
}
