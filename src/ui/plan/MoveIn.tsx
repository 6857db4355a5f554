"use client";

import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import type { Gate } from "@/core/build";
import type { Told } from "@/core/log";
import { useSay } from "@/words";
import css from "./MoveIn.module.css";

type Props = {
  open: boolean;
  gates: readonly Gate[];
  /** How many are wished for. */
  count: number;
  today: string;
  onMoveIn: (told: readonly Told[]) => void;
  onClose: () => void;
};

/** Asks on which day and how many come, and where something is still open, why they come nevertheless. */
export function MoveIn({ open, ...asked }: Props) {
  const { onClose } = asked;
  const say = useSay();
  return (
    <Dialog open={open} onClose={onClose} aria-labelledby="move-in" fullWidth maxWidth="xs">
      <DialogTitle id="move-in">{say("build:gates.moveTitle")}</DialogTitle>
      {open ? <Asking {...asked} /> : null}
    </Dialog>
  );
}

function Asking({ gates, count: wished, today, onMoveIn, onClose }: Omit<Props, "open">) {
  const say = useSay();
  const shut = gates.filter(({ isOpen }) => !isOpen);
  const [on, setOn] = useState(today);
  const [count, setCount] = useState(String(wished));
  const [reason, setReason] = useState("");
  const many = Number(count);
  const isWhole = Number.isInteger(many) && many >= 1 && many <= 200;
  const needsReason = shut.length > 0 && reason.trim() === "";
  const confirm = () => {
    const why = reason.trim() === "" ? {} : { reason: reason.trim() };
    onMoveIn([
      { kind: "movedIn", on, count: many, ...why },
      { kind: "taskDone", on, taskId: "moveIn" },
    ]);
    onClose();
  };
  return (
    <>
      <DialogContent className={css.asking}>
        <TextField
          type="date"
          label={say("build:gates.on")}
          value={on}
          onChange={({ target }) => target.value !== "" && setOn(target.value)}
          slotProps={{ inputLabel: { shrink: true }, htmlInput: { max: today } }}
        />
        <TextField
          type="number"
          label={say("build:gates.count")}
          value={count}
          error={!isWhole}
          onChange={({ target }) => setCount(target.value)}
          slotProps={{ inputLabel: { shrink: true }, htmlInput: { min: 1, max: 200 } }}
        />
        {shut.length > 0 ? (
          <>
            <div>
              <p>{say("build:gates.open", { count: shut.length })}</p>
              <ul>
                {shut.map(({ code }) => (
                  <li key={code}>{say(`build:gates.${code}.title`)}</li>
                ))}
              </ul>
            </div>
            <TextField
              label={say("build:gates.reason")}
              value={reason}
              multiline
              minRows={2}
              helperText={needsReason ? say("build:gates.reasonNeeded") : " "}
              onChange={({ target }) => setReason(target.value)}
              slotProps={{ htmlInput: { maxLength: 300 } }}
            />
          </>
        ) : null}
      </DialogContent>
      <DialogActions>
        <Button variant="text" onClick={onClose}>
          {say("build:gates.cancel")}
        </Button>
        <Button variant="contained" disabled={needsReason || !isWhole || on > today} onClick={confirm}>
          {say("build:gates.confirm")}
        </Button>
      </DialogActions>
    </>
  );
}
