"use client";

import Button from "@mui/material/Button";
import { useState } from "react";
import { hubSpecFor } from "@/core/hub";
import type { SeriesId } from "@/core/log";
import { aheadMs } from "@/core/units";
import { deviceAt, listenTo, stopListening, takeDeviceOut, useDevice, useOpen, type Listening } from "@/store";
import { Pills } from "@/ui/parts";
import { useSay } from "@/words";
import { dayTime } from "./dayTime";
import css from "./FromDevice.module.css";
import { senmlSaid } from "./senmlSaid";
import { useSeriesName } from "./useSeriesName";

const PACES = ["week", "live"] as const;
type Pace = (typeof PACES)[number];

const WEEK_MS = 7 * 86_400_000;
const DAY_MS = 86_400_000;
const MINUTE_MS = 60_000;
/** At once a reading each five minutes, as loggers are set; live one each ten seconds, to be seen. */
const EVERY_S = { week: 300, live: 10 } as const;
/** Live it goes on for a day. */
const LASTS_MS = { week: WEEK_MS, live: DAY_MS } as const;

/** Listens to a device that tells readings: the simulated hub of this box. */
export function FromDevice() {
  const say = useSay();
  const nameOf = useSeriesName();
  const { habitat, derived, log } = useOpen();
  const device = useDevice();
  const [pace, setPace] = useState<Pace>("week");
  const [sticks, setSticks] = useState<SeriesId | "">("");
  const mine = device.habitatId === habitat.id;
  const isListening = mine && device.state === "listening";
  const specNow = (nowMs: number) => {
    const fromMs = pace === "week" ? nowMs - WEEK_MS : nowMs;
    return hubSpecFor(derived, derived.outlook, log.newest, {
      seed: Math.floor(nowMs / MINUTE_MS),
      ...{ fromMs, untilMs: fromMs + LASTS_MS[pace], everyS: EVERY_S[pace] },
      aheadMin: aheadMs(habitat.timeZone, nowMs) / MINUTE_MS,
      // Of a week its last day and a half; live at once.
      sticks: sticks === "" ? null : { series: sticks, fromMs: pace === "week" ? nowMs - 1.5 * DAY_MS : nowMs },
    });
  };
  const start = () => {
    const asked = new URLSearchParams({ spec: JSON.stringify(specNow(Date.now())), pace });
    listenTo(deviceAt(`/api/hub?${asked.toString()}`));
  };
  const gauges = specNow(Date.parse(`${derived.outlook.on}T00:00:00Z`)).channels.map(({ series }) => series);
  const hasOwn = Object.keys(log.newest).length > 0 && !(mine && device.count > 0);
  return (
    <details className={css.device}>
      <summary>{say("journal:device.title")}</summary>
      <p>{say("journal:device.help")}</p>
      <Pills
        label={say("journal:device.which")}
        value={pace}
        onChange={setPace}
        options={PACES.map((value) => ({ value, text: say(`journal:device.${value}`) }))}
      />
      <label className={css.sticks}>
        <span>{say("journal:device.sticks")}</span>
        <select value={sticks} onChange={({ target }) => setSticks(target.value as SeriesId | "")}>
          <option value="">{say("journal:device.none")}</option>
          {gauges.map((series) => (
            <option key={series} value={series}>
              {nameOf(series)}
            </option>
          ))}
        </select>
      </label>
      {hasOwn && pace === "week" ? <p>{say("journal:device.beside")}</p> : null}
      <div className={css.buttons}>
        <Button size="small" variant="outlined" onClick={isListening ? stopListening : start}>
          {say(isListening ? "journal:device.stop" : "journal:device.start")}
        </Button>
        {mine && device.count > 0 ? (
          <Button size="small" variant="text" onClick={() => void takeDeviceOut()}>
            {say("journal:device.takeOut")}
          </Button>
        ) : null}
      </div>
      <p role="status">{mine ? <Heard device={device} /> : null}</p>
    </details>
  );
}

/** How far it is, and what became of it. */
function Heard({ device: { state, count, untilMs, problem } }: { device: Listening }) {
  const say = useSay();
  const { habitat } = useOpen();
  return [
    count > 0 && untilMs !== undefined
      ? say("journal:device.count", { count, ...dayTime(untilMs, habitat.timeZone, "untilOn") })
      : "",
    state === "listening" && count === 0 ? say("journal:device.listening") : "",
    state === "over" || state === "lost" ? say(`journal:device.${state}`) : "",
    problem ? say("journal:device.refused", { what: senmlSaid(problem, say) }) : "",
  ]
    .filter((part) => part !== "")
    .join(" ");
}
