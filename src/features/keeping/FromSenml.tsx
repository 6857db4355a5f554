"use client";

import Button from "@mui/material/Button";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import { useState } from "react";
import { channelsIn, samplesIn, type Channel, type Resolved } from "@/core/files/senml";
import { blocksOfSamples, type SeriesId } from "@/core/log";
import { useSession } from "@/store";
import { useSay, type Say } from "@/words";
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
    const kept = JSON.parse(localStorage.getItem(keptKey(channels)) ?? "null") as (SeriesId | null)[] | null;
    return kept?.length === channels.length
      ? channels.map((one, at) => ({ ...one, series: kept[at] ?? null }))
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

type Props = { records: readonly Resolved[]; onDone: (said: string) => void };

/** Takes a SenML file in: what each of its channels tells is guessed, shown, corrected, and remembered. */
export function FromSenml({ records, onDone }: Props) {
  const say = useSay();
  const takeIn = useSession((session) => session.takeIn);
  const [channels, setChannels] = useState(() => asKept(channelsIn(records)));
  const take = async () => {
    const taken = samplesIn(records, channels);
    const added = await takeIn(blocksOfSamples(taken.samples));
    keep(channels);
    onDone(sumSaid(taken, added, say));
  };
  const choose = (at: number, series: string) =>
    setChannels(channels.map((one, n) => (n === at ? { ...one, series: (series || null) as SeriesId | null } : one)));
  return (
    <>
      <DialogContent>
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

function sumSaid({ left, beyond }: { left: number; beyond: number }, added: number, say: Say): string {
  return [
    say("journal:file.senml.came", { count: added }),
    left > 0 ? say("journal:file.senml.left", { count: left }) : "",
    beyond > 0 ? say("journal:file.senml.beyond", { count: beyond }) : "",
  ]
    .filter((part) => part !== "")
    .join(" ");
}
