"use client";

import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import { useEffect, useMemo, useState } from "react";
import { savings, type Forecast, type Scheduled } from "@/core/build";
import { daysBetween } from "@/core/units";
import { useOpen } from "@/store";
import { dayPrinted, useSay } from "@/words";
import { forecastPlan } from "@/workers";
import css from "./Build.module.css";
import { usePlan } from "./plan";

/** When the animal may come, half of the time and nine times in ten: worked out away from the page. */
function useForecast(steps: readonly Scheduled[], today: string): Forecast | undefined {
  const [known, setKnown] = useState<{ of: readonly Scheduled[]; forecast: Forecast }>();
  useEffect(() => {
    if (steps.length === 0 || steps.at(-1)?.state === "done") return undefined;
    const stop = new AbortController();
    forecastPlan(steps, today, stop.signal).then(
      (forecast) => setKnown({ of: steps, forecast }),
      () => undefined,
    );
    return () => stop.abort();
  }, [steps, today]);
  return known?.of === steps ? known.forecast : undefined;
}

/** The day the build starts, the one wished for, the one that comes of it and how sure that is. */
export function PlanHead() {
  const say = useSay();
  const { habitat, edit } = useOpen();
  const { plan, today } = usePlan();
  const moveIn = plan.steps.at(-1);
  const forecast = useForecast(plan.steps, today);
  const { startOn, wishedOn } = habitat.build;
  const bounds = { min: "2000-01-01", max: "2100-12-31" };
  return (
    <>
      <div className={css.dates}>
        <TextField
          type="date"
          size="small"
          label={say("build:startOn")}
          value={startOn}
          onChange={({ target }) =>
            target.validity.valid &&
            target.value !== "" &&
            edit([{ name: "setStart", args: { startOn: target.value } }])
          }
          slotProps={{ inputLabel: { shrink: true }, htmlInput: bounds }}
        />
        <TextField
          type="date"
          size="small"
          label={say("build:plan.wishedOn")}
          value={wishedOn ?? ""}
          onChange={({ target }) =>
            target.validity.valid && edit([{ name: "setPlan", args: { wishedOn: target.value || null } }])
          }
          slotProps={{ inputLabel: { shrink: true }, htmlInput: bounds }}
        />
      </div>
      <p className={css.comes}>
        <span>
          <small>{say("build:moveIn")}</small>
          <b>{moveIn ? dayPrinted(moveIn.startOn) : "…"}</b>
        </span>
        {moveIn?.state === "done" ? null : <Sure forecast={forecast} />}
      </p>
      {wishedOn !== null && moveIn && moveIn.state !== "done" ? (
        <Wish lateDays={daysBetween(wishedOn, moveIn.startOn)} />
      ) : null}
    </>
  );
}

/** By which day half of the runs are over, and nine in ten. */
function Sure({ forecast }: { forecast: Forecast | undefined }) {
  const say = useSay();
  return (
    <>
      <span title={say("build:plan.sureHelp")}>
        <small>{say("build:plan.half")}</small>
        <i className="measure">{forecast ? dayPrinted(forecast.halfOn) : "…"}</i>
      </span>
      <span title={say("build:plan.sureHelp")}>
        <small>{say("build:plan.nine")}</small>
        <i className="measure">{forecast ? dayPrinted(forecast.nineOn) : "…"}</i>
      </span>
    </>
  );
}

const MOST_WAYS = 4;

/** Whether the day wished for holds; where it fails, what would save most. */
function Wish({ lateDays }: { lateDays: number }) {
  const say = useSay();
  const { derived, log, edit } = useOpen();
  const { today } = usePlan();
  const ways = useMemo(
    () => (lateDays > 0 ? savings(derived, log.state, today) : []),
    [derived, log.state, today, lateDays],
  );
  if (lateDays <= 0)
    return (
      <p className={css.wish} role="status">
        {lateDays === 0 ? say("build:plan.inTimeJust") : say("build:plan.inTime", { count: -lateDays })}
      </p>
    );
  return (
    <div className={css.wish} data-late role="status">
      <p>{ways.length > 0 ? say("build:plan.late", { count: lateDays }) : say("build:plan.lateNothing")}</p>
      {ways.slice(0, MOST_WAYS).map(({ code, weeks, savesDays, commands }) => (
        <Button
          key={`${code} ${weeks ?? ""}`}
          fullWidth
          variant="outlined"
          className={css.way}
          onClick={() => edit(commands)}
        >
          <span>{say(`build:plan.ways.${code}`, weeks === undefined ? {} : { count: weeks })}</span>
          <span className="measure">{say("build:plan.saves", { count: savesDays })}</span>
        </Button>
      ))}
    </div>
  );
}
