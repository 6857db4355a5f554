"use client";

import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import { addDays, formatISO, parseISO } from "date-fns";
import { useState, type FormEvent } from "react";
import { causeOf, type Finding } from "@/core/findings";
import { ReasonSchema } from "@/core/habitat";
import { useSession } from "@/store";
import { useSay } from "@/words";
import css from "./AdvicePanel.module.css";

type Props = { finding: Finding; kind: "accept" | "remind"; today: string; onDone: () => void };

const MOST_LETTERS = 300;
const REMINDED_IN_DAYS = 14;
const daysOn = (day: string, days: number): string =>
  formatISO(addDays(parseISO(day), days), { representation: "date" });

/** Accepts a finding with a reason, or puts it off to a day. */
export function AnswerForm({ finding, kind, today, onDone }: Props) {
  const say = useSay();
  const { edit } = useSession.getState();
  const accepts = kind === "accept";
  const [text, setText] = useState(accepts ? "" : daysOn(today, REMINDED_IN_DAYS));
  const [wrong, setWrong] = useState(false);
  const submit = (event: FormEvent) => {
    event.preventDefault();
    const reason = ReasonSchema.safeParse(text);
    const isRight = accepts ? reason.success : text > today;
    setWrong(!isRight);
    if (!isRight) return;
    const answer = accepts
      ? { kind: "accepted" as const, reason: text.trim() }
      : { kind: "later" as const, untilOn: text };
    const { code, about } = finding;
    edit([{ name: "answer", args: { code, about, cause: causeOf(finding), on: today, answer } }]);
    onDone();
  };
  const help = accepts
    ? say(wrong ? "advice:reasonMissing" : "advice:reasonHint")
    : wrong
      ? say("advice:remindPast")
      : " ";
  return (
    <form
      className={css.form}
      onSubmit={submit}
      aria-label={say(accepts ? "advice:acceptTitle" : "advice:remindTitle")}
    >
      <TextField
        autoFocus
        fullWidth
        size="small"
        type={accepts ? "text" : "date"}
        label={say(accepts ? "advice:reason" : "advice:remindTitle")}
        value={text}
        onChange={(event) => setText(event.target.value)}
        error={wrong}
        helperText={help}
        slotProps={{
          htmlInput: accepts ? { maxLength: MOST_LETTERS } : { min: daysOn(today, 1) },
          inputLabel: { shrink: true },
        }}
      />
      <Button size="small" type="submit">
        {say("advice:keep")}
      </Button>
      <Button size="small" variant="text" onClick={onDone}>
        {say("advice:cancel")}
      </Button>
    </form>
  );
}
