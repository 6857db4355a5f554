"use client";

import { useState } from "react";
import { LIMITS, type Comes } from "@/core/habitat";
import { SAMPLE_LIMITS, measurableOf, type SeriesId } from "@/core/log";
import { useSay } from "@/words";
import { ChannelField } from "./ChannelField";
import css from "./Keeping.module.css";
import { SeriesOptions } from "./SeriesOptions";

const DAYS = ["MO", "TU", "WE", "TH", "FR", "SA", "SU"] as const;
const HOW = ["days", "weekdays", "monthly", "above", "below"] as const;
type How = (typeof HOW)[number];

const weekdaysIn = (comes: Comes): string[] =>
  (comes.by === "rule" ? (/BYDAY=([A-Z,]+)/.exec(comes.rule)?.[1] ?? "") : "").split(",").filter((day) => day !== "");

function howOf(comes: Comes): How {
  if (comes.by === "days") return "days";
  if (comes.by === "need") return comes.side;
  return comes.rule.startsWith("FREQ=MONTHLY") ? "monthly" : "weekdays";
}

/** A first wish of each way to come. */
const BEGIN: Record<How, Comes> = {
  days: { by: "days", days: 7 },
  weekdays: { by: "rule", rule: "FREQ=WEEKLY;BYDAY=SU" },
  monthly: { by: "rule", rule: "FREQ=MONTHLY;BYMONTHDAY=1" },
  above: { by: "need", series: "warmEnd.humidityRh", side: "above", value: 90 },
  below: { by: "need", series: "warmEnd.humidityRh", side: "below", value: 50 },
};

type Props = { comes: Comes; onChange: (comes: Comes) => void };

/** When a duty comes: every so many days, on weekdays, on a day of the month, or when a reading calls for it. */
export function ComesFields({ comes, onChange }: Props) {
  const say = useSay();
  const how = howOf(comes);
  return (
    <div className={css.comes}>
      <label>
        <span>{say("journal:change.comes")}</span>
        <select value={how} onChange={({ target }) => onChange(BEGIN[target.value as How])}>
          {HOW.map((value) => (
            <option key={value} value={value}>
              {say(`journal:change.how.${value}`)}
            </option>
          ))}
        </select>
      </label>
      {comes.by === "days" ? (
        <Count
          label={say("journal:change.days")}
          value={comes.days}
          most={LIMITS.dutyDays.max}
          onChange={(days) => onChange({ by: "days", days })}
        />
      ) : null}
      {how === "weekdays" ? <Weekdays picked={weekdaysIn(comes)} onChange={onChange} /> : null}
      {how === "monthly" && comes.by === "rule" ? (
        <Count
          label={say("journal:change.dayOfMonth")}
          value={Number(/BYMONTHDAY=(\d+)/.exec(comes.rule)?.[1] ?? 1)}
          most={28}
          onChange={(day) => onChange({ by: "rule", rule: `FREQ=MONTHLY;BYMONTHDAY=${day}` })}
        />
      ) : null}
      {comes.by === "need" ? <Need comes={comes} onChange={onChange} /> : null}
    </div>
  );
}

function Weekdays({ picked, onChange }: { picked: readonly string[]; onChange: Props["onChange"] }) {
  const say = useSay();
  const toggle = (day: string) => {
    const next = DAYS.filter((one) => (one === day ? !picked.includes(one) : picked.includes(one)));
    if (next.length > 0) onChange({ by: "rule", rule: `FREQ=WEEKLY;BYDAY=${next.join(",")}` });
  };
  return (
    <div className={css.weekdays} role="group" aria-label={say("journal:change.how.weekdays")}>
      {DAYS.map((day) => (
        <button key={day} type="button" aria-pressed={picked.includes(day)} onClick={() => toggle(day)}>
          {say(`journal:comes.weekdayNames.${day}`)}
        </button>
      ))}
    </div>
  );
}

function Need({ comes, onChange }: { comes: Extract<Comes, { by: "need" }>; onChange: Props["onChange"] }) {
  const say = useSay();
  const what = measurableOf(comes.series as SeriesId);
  const setSeries = (series: SeriesId) => {
    const { min, max } = SAMPLE_LIMITS[measurableOf(series)];
    onChange({ ...comes, series, value: Math.min(max, Math.max(min, comes.value)) });
  };
  return (
    <>
      <label>
        <span>{say("journal:change.reading")}</span>
        <select value={comes.series} onChange={({ target }) => setSeries(target.value as SeriesId)}>
          <SeriesOptions />
        </select>
      </label>
      <ChannelField
        key={comes.series}
        what={what}
        label={say("journal:change.limit")}
        value={comes.value}
        onChange={(value) => value !== undefined && onChange({ ...comes, value })}
      />
    </>
  );
}

type CountProps = { label: string; value: number; most: number; onChange: (value: number) => void };

/** A whole number; what is none, or out of its limits, is marked and not taken. */
function Count({ label, value, most, onChange }: CountProps) {
  const [text, setText] = useState(String(value));
  const number = Number(text);
  const isGood = text.trim() !== "" && Number.isFinite(number) && number >= 1 && number <= most;
  return (
    <label>
      <span>{label}</span>
      <input
        type="number"
        min={1}
        max={most}
        value={text}
        aria-invalid={!isGood}
        onChange={({ target }) => setText(target.value)}
        onBlur={() => isGood && number !== value && onChange(number)}
      />
    </label>
  );
}
