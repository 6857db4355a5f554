"use client";

import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { SUPPLEMENTS, type Comes } from "@/core/habitat";
import { dutiesAsKept } from "@/core/keeping";
import { useOpen } from "@/store";
import { dutyTitle, useSay } from "@/words";
import { ComesFields } from "./ComesFields";
import css from "./Keeping.module.css";

/** A duty of the keeper's own, and those that are off with their reasons. */
export function MoreDuties({ today }: { today: string }) {
  const say = useSay();
  const { derived, edit } = useOpen();
  const { off } = today === "" ? { off: [] } : dutiesAsKept(derived, today);
  return (
    <>
      {off.length > 0 ? (
        <ul className={css.off} aria-label={say("journal:change.offTitle")}>
          {off.map((duty) => (
            <li key={duty.id}>
              <span>
                {dutyTitle(duty, say)}
                {duty.reason ? <small>{say("journal:change.offBecause", { reason: duty.reason })}</small> : null}
              </span>
              <Button
                size="small"
                variant="text"
                onClick={() => edit([{ name: "changeDuty", args: { dutyId: duty.id, off: false, reason: null } }])}
              >
                {say("journal:change.on")}
              </Button>
            </li>
          ))}
        </ul>
      ) : null}
      <Tubs today={today} />
      <OwnDutyForm />
    </>
  );
}

/** Since when the tub of each supplement is open: its powder loses its worth. */
function Tubs({ today }: { today: string }) {
  const say = useSay();
  const { habitat, derived, edit } = useOpen();
  const { calciumEveryNthFeeding, vitaminsEveryDays } = derived.animal.food;
  const wanted = SUPPLEMENTS.filter((one) => (one === "calcium" ? calciumEveryNthFeeding : vitaminsEveryDays) !== null);
  if (wanted.length === 0) return null;
  return (
    <details className={css.own}>
      <summary>{say("journal:change.tubs")}</summary>
      <div className={`${css.change} ${css.comes}`}>
        {wanted.map((supplement) => (
          <label key={supplement}>
            <span>{say(`journal:change.tub.${supplement}`)}</span>
            <input
              type="date"
              max={today}
              value={habitat.care.openedOn[supplement] ?? ""}
              onChange={({ target }) =>
                edit([{ name: "openSupplement", args: { supplement, openedOn: target.value || null } }])
              }
            />
          </label>
        ))}
      </div>
    </details>
  );
}

function OwnDutyForm() {
  const say = useSay();
  const { edit } = useOpen();
  const [name, setName] = useState("");
  const [comes, setComes] = useState<Comes>({ by: "days", days: 7 });
  const [said, setSaid] = useState("");
  const add = () => {
    if (name.trim() === "") return setSaid(say("journal:change.ownNamed"));
    const id = crypto.randomUUID();
    const refused = edit([
      { name: "addDuty", args: { id, name: name.trim(), comes, keepsPace: false, minutes: null } },
    ]);
    if (refused) return setSaid(say("journal:change.ownNamed"));
    setName("");
    return setSaid("");
  };
  return (
    <details className={css.own}>
      <summary>{say("journal:change.ownTitle")}</summary>
      <div className={css.change}>
        <TextField
          size="small"
          fullWidth
          label={say("journal:change.ownName")}
          value={name}
          error={said !== ""}
          helperText={said || undefined}
          onChange={({ target }) => setName(target.value)}
          slotProps={{ htmlInput: { maxLength: 80 } }}
        />
        <ComesFields comes={comes} onChange={setComes} />
        <Button size="small" variant="outlined" onClick={add}>
          {say("journal:change.ownAdd")}
        </Button>
      </div>
    </details>
  );
}
