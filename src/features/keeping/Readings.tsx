"use client";

import DeleteOutlineOutlined from "@mui/icons-material/DeleteOutlineOutlined";
import EditOutlined from "@mui/icons-material/EditOutlined";
import Button from "@mui/material/Button";
import IconButton from "@mui/material/IconButton";
import { useState } from "react";
import { blocksOfSamples, measurableOf, placeOf, type Measurable, type SeriesSample } from "@/core/log";
import { useLastSamples, useOpen, useSession, type Span } from "@/store";
import { channelPrinted, dayPrinted, useFigures, useSay } from "@/words";
import { ChannelField } from "./ChannelField";
import { dayTime } from "./dayTime";
import css from "./Readings.module.css";
import { useSeriesName } from "./useSeriesName";

const MOST = 20;
const LAST_MS = Number.MAX_SAFE_INTEGER;

type Props = { what: Measurable; span: Span | undefined };

/** The readings behind the chart, one by one: any of them can be mended or taken out, however long ago it was read. */
export function Readings({ what, span }: Props) {
  const say = useSay();
  return (
    <details className={css.readings}>
      <summary>{say("journal:readings.title")}</summary>
      <List what={what} span={span} />
    </details>
  );
}

function List({ what, span }: Props) {
  const say = useSay();
  const figures = useFigures();
  const { habitat } = useOpen();
  const { timeZone } = habitat;
  const samples = useLastSamples(habitat.id, what, span?.toMs ?? LAST_MS, MOST);
  const [gone, setGone] = useState<SeriesSample>();
  const [changing, setChanging] = useState<string>();
  const { takeOut, takeIn } = useSession.getState();
  if (!samples) return null;
  const put = (sample: SeriesSample) => takeIn(blocksOfSamples([sample]));
  const mend = async (sample: SeriesSample, value: number) => {
    setChanging(undefined);
    await takeOut([sample]);
    await put({ ...sample, value });
  };
  const remove = async (sample: SeriesSample) => {
    await takeOut([sample]);
    setGone(sample);
  };
  const restore = async (sample: SeriesSample) => {
    await put(sample);
    setGone(undefined);
  };
  const printed = ({ value }: SeriesSample) => channelPrinted(value, what, figures);
  return (
    <>
      {gone ? (
        <p role="status" className={css.gone}>
          {say("journal:readings.removed", { value: printed(gone), ...dayTime(gone.atMs, timeZone, "readOn") })}{" "}
          <Button size="small" variant="text" onClick={() => void restore(gone)}>
            {say("common:undo")}
          </Button>
        </p>
      ) : null}
      {span ? <p>{say("journal:readings.until", { untilOn: dayTime(span.toMs, timeZone, "on").on })}</p> : null}
      <ul>
        {samples.map((sample) => {
          const key = `${sample.series} ${sample.atMs} ${sample.value}`;
          return (
            <Row
              key={key}
              sample={sample}
              printed={printed(sample)}
              isChanging={changing === key}
              onChange={() => setChanging(changing === key ? undefined : key)}
              onKeep={(value) => void mend(sample, value)}
              onRemove={() => void remove(sample)}
            />
          );
        })}
      </ul>
    </>
  );
}

type RowProps = {
  sample: SeriesSample;
  printed: string;
  isChanging: boolean;
  onChange: () => void;
  onKeep: (value: number) => void;
  onRemove: () => void;
};

function Row({ sample, printed, isChanging, onChange, onKeep, onRemove }: RowProps) {
  const say = useSay();
  const nameOf = useSeriesName();
  const [value, setValue] = useState<number | undefined>(sample.value);
  const { timeZone } = useOpen().habitat;
  const { readOn, time } = dayTime(sample.atMs, timeZone, "readOn");
  const told = { what: nameOf(sample.series), readOn, time };
  return (
    <li>
      <span className="measure">
        {dayPrinted(readOn)} {time}
      </span>
      <span>{say(`journal:places.${placeOf(sample.series)}`)}</span>
      <b className="measure">{printed}</b>
      <IconButton
        size="small"
        aria-expanded={isChanging}
        aria-label={say("journal:readings.change", told)}
        onClick={onChange}
      >
        <EditOutlined fontSize="small" />
      </IconButton>
      <IconButton size="small" aria-label={say("journal:readings.remove", told)} onClick={onRemove}>
        <DeleteOutlineOutlined fontSize="small" />
      </IconButton>
      {isChanging ? (
        <span className={css.field}>
          <ChannelField what={measurableOf(sample.series)} value={value} onChange={setValue} />
          <Button size="small" disabled={value === undefined} onClick={() => value !== undefined && onKeep(value)}>
            {say("journal:readings.keep")}
          </Button>
        </span>
      ) : null}
    </li>
  );
}
