"use client";

import Button from "@mui/material/Button";
import { useState } from "react";
import { LIMITS } from "@/core/habitat";
import { PLACES, type SamplePlace } from "@/core/log";
import { useOpen, useSession } from "@/store";
import { MeasureField } from "@/ui/measure";
import { Pills } from "@/ui/parts";
import { useSay } from "@/words";
import css from "./Keeping.module.css";

type Values = { temperatureC?: number; humidityRh?: number; waterLineCm?: number };

/** Writes a reading down: one place, any of the three gauges. */
export function ReadingForm() {
  const say = useSay();
  const { derived } = useOpen();
  const read = useSession((session) => session.read);
  const [place, setPlace] = useState<SamplePlace>("warmEnd");
  const [values, setValues] = useState<Values>({});
  const [round, setRound] = useState(0);
  const [said, setSaid] = useState<{ text: string; wrong: boolean } | undefined>(undefined);

  const set = (field: keyof Values) => (value: number) => setValues((before) => ({ ...before, [field]: value }));
  const clear = (field: keyof Values) => () =>
    setValues((before) => {
      const { [field]: _gone, ...others } = before;
      return others;
    });
  const write = () => {
    if (Object.keys(values).length === 0) return setSaid({ text: say("problems:readingEmpty"), wrong: true });
    read({ at: new Date().toISOString(), place, ...values });
    setValues({});
    setRound(round + 1);
    setSaid({ text: say("keeping:written"), wrong: false });
  };

  return (
    <form
      className={css.form}
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        if (!event.currentTarget.querySelector('[aria-invalid="true"]')) write();
      }}
    >
      <Pills
        label={say("keeping:place")}
        value={place}
        onChange={setPlace}
        options={PLACES.map((value) => ({ value, text: say(`keeping:places.${value}`) }))}
      />
      <div className={css.fields} key={round}>
        <MeasureField
          label={say("keeping:temperature")}
          kind="temperature"
          value={values.temperatureC}
          limits={LIMITS.readingC}
          onCommit={set("temperatureC")}
          onClear={clear("temperatureC")}
        />
        <MeasureField
          label={say("keeping:humidity")}
          kind="humidity"
          value={values.humidityRh}
          limits={LIMITS.humidityRh}
          onCommit={set("humidityRh")}
          onClear={clear("humidityRh")}
        />
        {derived.ground.water ? (
          <MeasureField
            label={say("keeping:waterLine")}
            kind="length"
            value={values.waterLineCm}
            limits={LIMITS.waterLineCm}
            onCommit={set("waterLineCm")}
            onClear={clear("waterLineCm")}
          />
        ) : null}
      </div>
      <Button type="submit">{say("keeping:add")}</Button>
      <p role="status" className={css.said} data-wrong={said?.wrong}>
        {said?.text ?? say("keeping:gauges")}
      </p>
    </form>
  );
}
