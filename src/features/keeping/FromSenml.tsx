"use client";

import Button from "@mui/material/Button";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import { useState } from "react";
import { isInstant } from "@/core/habitat";
import {
  channelsIn,
  samplesIn,
  TIME_UNITS,
  type Channel,
  type readSenml,
  type Resolved,
  type Taken,
  type TimeUnit,
} from "@/core/files/senml";
import { blocksOfSamples, SeriesIdSchema, type SeriesId } from "@/core/log";
import * as z from "zod";
import { useOpen, useSession } from "@/store";
import { useSay, type Say } from "@/words";
import { dayTime } from "./dayTime";
import css from "./FromFile.module.css";
import { SeriesOptions } from "./SeriesOptions";

/** How a device with the same channels was read before. */
const keptKey = (channels: readonly Channel[]): string =>
  `rincon.logger.senml.${channels
    .map(({ name }) => name)
    .join("|")
    .slice(0, 200)}`;

function asKept(channels: Channel[]): Channel[] {
  try {
    const kept = z
      .array(SeriesIdSchema.nullable())
      .safeParse(JSON.parse(localStorage.getItem(keptKey(channels)) ?? "null"));
    return kept.success && kept.data.length === channels.length
      ? channels.map((one, at) => ({ ...one, series: kept.data[at] ?? null }))
      : channels;
  } catch {
    return channels;
  }
}

function keep(channels: readonly Channel[]): void {
  try {
    localStorage.setItem(keptKey(channels), JSON.stringify(channels.map(({ series }) => series)));
  } catch {
    // Next time it is guessed anew.
  }
}

/** A pack as it was read, and how it reads with times in another unit. */
export type SenmlTold = {
  records: readonly Resolved[];
  timeUnit: TimeUnit;
  readAs: (unit: TimeUnit) => ReturnType<typeof readSenml>;
};
type Props = { told: SenmlTold; onDone: (said: string) => void };

/** Takes a SenML file in: what each of its channels tells is guessed, shown, corrected, and remembered. */
export function FromSenml({ told, onDone }: Props) {
  const say = useSay();
  const takeIn = useSession((session) => session.takeIn);
  const [{ records, timeUnit }, setRead] = useState<Pick<SenmlTold, "records" | "timeUnit">>(told);
  const [channels, setChannels] = useState(() => asKept(channelsIn(records)));
  const take = async () => {
    const taken = samplesIn(records, channels);
    const added = await takeIn(blocksOfSamples(taken.samples));
    keep(channels);
    onDone(sumSaid(taken, added, say));
  };
  const chooseUnit = (unit: TimeUnit) => {
    const read = told.readAs(unit);
    if (read.ok) setRead(read);
  };
  const choose = (at: number, series: string) =>
    setChannels(channels.map((one, n) => (n === at ? { ...one, series: (series || null) as SeriesId | null } : one)));
  return (
    <>
      <DialogContent>
        <Times {...{ records, timeUnit }} isGuessed={told.timeUnit !== "s"} onUnit={chooseUnit} />
        <div className={css.scroll}>
          <table>
            <tbody>
              {channels.map(({ name, unit, series, count }, at) => (
                <tr key={`${name} ${unit}`}>
                  <th scope="row" className="measure">
                    {name} {unit}
                  </th>
                  <td>{say("journal:file.senml.count", { count })}</td>
                  <td>
                    <select
                      aria-label={say("journal:file.senml.channel", { name })}
                      value={series ?? ""}
                      onChange={({ target }) => choose(at, target.value)}
                    >
                      <option value="">{say("journal:file.leave")}</option>
                      <SeriesOptions />
                    </select>
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      </DialogContent>
      <DialogActions>
        <Button variant="text" onClick={() => onDone("")}>
          {say("journal:file.cancel")}
        </Button>
        <Button
          variant="contained"
          disabled={channels.every(({ series }) => series === null)}
          onClick={() => void take()}
        >
          {say("journal:file.take")}
        </Button>
      </DialogActions>
    </>
  );
}

type TimesProps = {
  records: readonly Resolved[];
  timeUnit: TimeUnit;
  isGuessed: boolean;
  onUnit: (unit: TimeUnit) => void;
};

/** What times are read in, where a device tells others than it should; and when the first reading is of. */
function Times({ records, timeUnit, isGuessed, onUnit }: TimesProps) {
  const say = useSay();
  const { timeZone } = useOpen().habitat;
  const first = records.reduce((least, { atMs }) => Math.min(least, atMs), Infinity);
  const firstTold = isInstant(first) ? dayTime(first, timeZone, "readOn") : undefined;
  return (
    <div className={css.marks}>
      <label>
        <span>{say("journal:file.senml.times")}</span>
        <select value={timeUnit} onChange={({ target }) => onUnit(target.value as TimeUnit)}>
          {TIME_UNITS.map((unit) => (
            <option key={unit} value={unit}>
              {say(`journal:file.senml.timeUnit.${unit}`)}
            </option>
          ))}
        </select>
      </label>
      <p>
        {firstTold ? say("journal:file.senml.from", { ...firstTold, year: firstTold.readOn.slice(0, 4) }) : ""}{" "}
        {isGuessed && timeUnit !== "s"
          ? say("journal:file.senml.timesGuessed", { unit: say(`journal:file.senml.timeUnit.${timeUnit}`) })
          : ""}
      </p>
    </div>
  );
}

function sumSaid({ left, beyond, untimely }: Omit<Taken, "samples">, added: number, say: Say): string {
  return [
    say("journal:file.senml.came", { count: added }),
    left > 0 ? say("journal:file.senml.left", { count: left }) : "",
    untimely > 0 ? say("journal:file.senml.untimely", { count: untimely }) : "",
    beyond > 0 ? say("journal:file.senml.beyond", { count: beyond }) : "",
  ]
    .filter((part) => part !== "")
    .join(" ");
}
