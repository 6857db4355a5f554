"use client";

import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { isInstant } from "@/core/habitat";
import { bandFor, sideOf } from "@/core/keeping";
import { MEASURABLES, PLACES, WHERE, type Measurable, type SamplePlace } from "@/core/log";
import { instantOf, localTime } from "@/core/units";
import { useOpen, useSession, useToday } from "@/store";
import { channelPrinted, sayProblem, useFigures, useSay } from "@/words";
import { ChannelField } from "./ChannelField";
import css from "./Keeping.module.css";

type Values = Partial<Record<Measurable, number>>;

const LAST_PLACE = "rincon.lastPlace";

/** The place of the last reading: two taps suffice where the same gauge is read again. */
function lastPlace(): SamplePlace {
  try {
    const kept = localStorage.getItem(LAST_PLACE);
    return PLACES.find((place) => place === kept) ?? "warmEnd";
  } catch {
    return "warmEnd";
  }
}

function keepPlace(place: SamplePlace): void {
  try {
    localStorage.setItem(LAST_PLACE, place);
  } catch {
    // A wish of the browser's, not of the builder's: the next reading begins at the warm end.
  }
}

/** What is read at a place here: no water line without drainage, water only where something lives in it. */
function channelsAt(place: SamplePlace, hasWater: boolean): Measurable[] {
  return MEASURABLES.filter((what) => WHERE[what].includes(place)).filter((what) => what !== "waterLineCm" || hasWater);
}

/** Writes a reading down: one place, any of the gauges read there, now or in the past. */
export function ReadingForm() {
  const say = useSay();
  const { derived, habitat } = useOpen();
  const { timeZone } = habitat;
  const today = useToday();
  const read = useSession((session) => session.read);
  const [place, setPlace] = useState<SamplePlace>(lastPlace);
  const [values, setValues] = useState<Values>({});
  const [atText, setAtText] = useState("");
  const [round, setRound] = useState(0);
  const [said, setSaid] = useState<{ text: string; wrong: boolean } | undefined>(undefined);
  const channels = channelsAt(place, derived.ground.water !== undefined);
  const judge = useJudge(place);

  const set = (field: Measurable, value: number | undefined) =>
    setValues(({ [field]: _before, ...others }) => (value === undefined ? others : { ...others, [field]: value }));
  const write = () => {
    if (Object.keys(values).length === 0) return setSaid({ text: say("problems:readingEmpty"), wrong: true });
    const atMs = atText === "" ? Date.now() : instantOf(Date.parse(`${atText}Z`), timeZone);
    if (!isInstant(atMs) || atMs > Date.now() + 60_000)
      return setSaid({ text: say("journal:reading.future"), wrong: true });
    const problem = read({ at: new Date(atMs).toISOString(), place, ...values });
    if (problem) return setSaid({ text: sayProblem(problem, say), wrong: true });
    keepPlace(place);
    setSaid({ text: judge(values, localTime(atMs, timeZone).hour), wrong: false });
    setValues({});
    setRound(round + 1);
  };

  return (
    <form
      className={css.form}
      noValidate
      // Enter commits the field it is pressed in; a half-filled reading is written by its button alone.
      onKeyDown={(event) => {
        if (event.key === "Enter" && !(event.target instanceof HTMLButtonElement)) event.preventDefault();
      }}
      onSubmit={(event) => {
        event.preventDefault();
        if (!event.currentTarget.querySelector('[aria-invalid="true"]')) write();
      }}
    >
      <div className={css.comes}>
        <label>
          <span>{say("journal:place")}</span>
          <select
            value={place}
            onChange={({ target }) => {
              setPlace(target.value as SamplePlace);
              setValues({});
              setRound(round + 1);
            }}
          >
            {PLACES.map((value) => (
              <option key={value} value={value}>
                {say(`journal:places.${value}`)}
              </option>
            ))}
          </select>
        </label>
      </div>
      <div className={css.fields} key={`${place} ${round}`}>
        {channels.map((what) => (
          <ChannelField key={what} what={what} value={values[what]} onChange={(value) => set(what, value)} />
        ))}
      </div>
      <TextField
        type="datetime-local"
        size="small"
        label={say("journal:reading.at")}
        value={atText}
        onChange={({ target }) => setAtText(target.value)}
        slotProps={{ inputLabel: { shrink: true }, htmlInput: { max: `${today}T23:59` } }}
      />
      <Button type="submit">{say("journal:add")}</Button>
      <p role="status" className={css.said} data-wrong={said?.wrong}>
        {said?.text ?? say("journal:gauges")}
      </p>
    </form>
  );
}

/** Says of what was just written whether it is in the band of that place and hour. */
function useJudge(place: SamplePlace) {
  const say = useSay();
  const figures = useFigures();
  const { derived } = useOpen();
  return (values: Values, hour: number): string => {
    const out = (Object.entries(values) as [Measurable, number][]).flatMap(([what, value]) => {
      const band = bandFor(derived, what, place, hour);
      if (!band || sideOf(what, value, band) === "in") return [];
      const [low, high] = band.map((limit) => channelPrinted(limit, what, figures));
      return [say("journal:reading.out", { what: say(`journal:charts.${what}`), low, high })];
    });
    return [say("journal:written"), ...out].join(" ");
  };
}
