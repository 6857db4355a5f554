"use client";

import { hasWoodInFoam } from "@/core/build";
import { WAITING_SCHOOLS } from "@/core/habitat";
import { useOpen } from "@/store";
import { LedgerPart } from "@/ui/parts";
import { useSay } from "@/words";
import css from "./Build.module.css";

const WEEKDAYS = [0, 1, 2, 3, 4, 5, 6] as const;
const MOST_MINUTES = 1440;
const SCHOOLS = ["airingWeeks", "growInWeeks", "crewWeeks"] as const;

/** The evenings there are, and which school of waiting is followed. */
export function TimePart() {
  const say = useSay();
  const { habitat, derived, edit } = useOpen();
  const { minutesByWeekday, waiting, woodFirst } = habitat.build;
  const foamsRoundWood = hasWoodInFoam(derived);
  const setDay = (at: number, text: string) => {
    const minutes = Math.round(Number(text));
    if (text === "" || !(minutes >= 0 && minutes <= MOST_MINUTES)) return;
    edit([
      { name: "setPlan", args: { minutesByWeekday: minutesByWeekday.map((old, n) => (n === at ? minutes : old)) } },
    ]);
  };
  return (
    <>
      <LedgerPart title={say("build:plan.evenings.title")}>
        <div className={css.week}>
          {WEEKDAYS.map((at) => (
            <label key={at}>
              {say(`build:plan.evenings.days.${at}`)}
              <input
                key={minutesByWeekday[at]}
                type="number"
                min={0}
                max={MOST_MINUTES}
                step={15}
                defaultValue={minutesByWeekday[at]}
                onBlur={(event) => setDay(at, event.target.value)}
              />
            </label>
          ))}
        </div>
        <p className={css.help}>{say("build:plan.evenings.help")}</p>
      </LedgerPart>
      <LedgerPart title={say("build:plan.schools.title")}>
        <div className={css.schools}>
          {SCHOOLS.map((code) => (
            <label key={code}>
              <span>{say(`build:plan.schools.${code}`)}</span>
              <select
                aria-label={say(`build:plan.schools.${code}`)}
                value={waiting[code] ?? ""}
                onChange={({ target }) =>
                  edit([{ name: "setWaiting", args: { [code]: target.value === "" ? null : Number(target.value) } }])
                }
              >
                <option value="">{say("build:plan.schools.usual")}</option>
                {WAITING_SCHOOLS[code].map((weeks) => (
                  <option key={weeks} value={weeks}>
                    {say("build:plan.schools.weeks", { count: weeks })}
                  </option>
                ))}
              </select>
              <small>{say(`build:plan.schools.why.${code}`)}</small>
            </label>
          ))}
          <label>
            <span>{say("build:plan.schools.quarantine")}</span>
            <select
              aria-label={say("build:plan.schools.quarantine")}
              value={waiting.quarantine}
              onChange={({ target }) =>
                edit([{ name: "setWaiting", args: { quarantine: target.value === "here" ? "here" : "elsewhere" } }])
              }
            >
              <option value="elsewhere">{say("build:plan.schools.elsewhere")}</option>
              <option value="here">{say("build:plan.schools.here")}</option>
            </select>
            <small>{say("build:plan.schools.why.quarantine")}</small>
          </label>
          {foamsRoundWood ? (
            <label>
              <span>{say("build:plan.woodFirst.title")}</span>
              <select
                aria-label={say("build:plan.woodFirst.title")}
                value={woodFirst ? "first" : "after"}
                onChange={({ target }) =>
                  edit([{ name: "setWoodFirst", args: { woodFirst: target.value === "first" } }])
                }
              >
                <option value="first">{say("build:plan.woodFirst.first")}</option>
                <option value="after">{say("build:plan.woodFirst.after")}</option>
              </select>
              <small>{say("build:plan.woodFirst.why")}</small>
            </label>
          ) : null}
        </div>
      </LedgerPart>
    </>
  );
}
