"use client";

import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import { DAYS_IN_BAND, type Gate } from "@/core/build";
import { standing } from "@/core/log";
import { useGates, useOpen, useSession } from "@/store";
import { LedgerPart } from "@/ui/parts";
import { useSay, type Say } from "@/words";
import css from "./Build.module.css";
import { usePlan } from "./plan";

/** What has to be so before the animal comes: what the plan knows, and what the keeper looks at. */
export function ReadyPart({ onMoveIn }: { onMoveIn: () => void }) {
  const say = useSay();
  const { act, strike, log } = useOpen();
  const { today } = usePlan();
  const events = useSession((session) => session.events);
  const gates = useGates(today);
  const shut = gates.filter(({ isOpen }) => !isOpen).length;
  const look = ({ code, isOpen }: Gate) =>
    isOpen
      ? strike(standing(events).filter((event) => event.kind === "checked" && event.gate === code))
      : act([{ kind: "checked", on: today, gate: code }]);
  return (
    <LedgerPart title={say("build:gates.title")}>
      <ul className={css.gates}>
        {gates.map((gate) => (
          <li key={gate.code} data-open={gate.isOpen}>
            <Checkbox
              checked={gate.isOpen}
              disabled={gate.by === "plan" || (gate.by === "readings" && gate.isOpen)}
              onChange={() => look(gate)}
              slotProps={{
                input: { "aria-label": say("build:gates.look", { gate: say(`build:gates.${gate.code}.title`) }) },
              }}
            />
            <span>
              <b>{say(`build:gates.${gate.code}.title`)}</b>
              <small>{say(`build:gates.${gate.code}.why`)}</small>
            </span>
            <small>{knownBy(gate, say)}</small>
          </li>
        ))}
      </ul>
      <p className={css.help} role="status">
        {shut === 0 ? say("build:gates.allOpen") : say("build:gates.open", { count: shut })}
      </p>
      {log.state.sinceOn === null ? (
        <Button variant="contained" onClick={onMoveIn}>
          {say("build:gates.move")}
        </Button>
      ) : null}
    </LedgerPart>
  );
}

/** Who says so: the plan, the readings with how long they have held, or the keeper's look with its day. */
function knownBy({ by, checkedOn, daysInBand = 0 }: Gate, say: Say): string {
  if (by === "plan") return say("build:gates.byPlan");
  if (by === "readings") return say("build:gates.byReadings", { count: Math.min(daysInBand, DAYS_IN_BAND) });
  return checkedOn ? say("build:gates.looked", { lookedOn: checkedOn }) : "";
}
