"use client";

import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { SERIES, type SeriesId } from "@/core/log";
import type { Trial } from "@/core/trial";
import { seriesSaid, useSay } from "@/words";
import css from "./Trial.module.css";

type Props = { trial: Trial; isNew: boolean; onKeep: (trial: Trial) => void; onCancel: (() => void) | undefined };

/** Asks for a trial: the question, what it is measured by, from when until when. */
export function TrialForm({ trial, isNew, onKeep, onCancel }: Props) {
  const say = useSay();
  const [asked, setAsked] = useState(trial);
  const [tried, setTried] = useState(false);
  const { question, series, startOn, endOn } = asked;
  const noQuestion = question.trim() === "";
  const badDates = startOn === "" || (endOn !== null && endOn <= startOn);
  const keep = () => {
    setTried(true);
    if (!noQuestion && !badDates) onKeep({ ...asked, question: question.trim() });
  };
  return (
    <div className={css.form}>
      <TextField
        fullWidth
        size="small"
        label={say("compare:trial.question")}
        placeholder={say("compare:trial.questionHint")}
        value={question}
        error={tried && noQuestion}
        helperText={tried && noQuestion ? say("compare:trial.wrong.question") : " "}
        slotProps={{ htmlInput: { maxLength: 200 } }}
        onChange={({ target }) => setAsked({ ...asked, question: target.value })}
      />
      <TextField
        select
        size="small"
        label={say("compare:trial.measuredBy")}
        value={series}
        onChange={({ target }) => setAsked({ ...asked, series: target.value as SeriesId })}
      >
        {SERIES.map((one) => (
          <MenuItem key={one} value={one}>
            {seriesSaid(one, say)}
          </MenuItem>
        ))}
      </TextField>
      <TextField
        type="date"
        size="small"
        label={say("compare:trial.startOn")}
        value={startOn}
        slotProps={{ inputLabel: { shrink: true } }}
        onChange={({ target }) => setAsked({ ...asked, startOn: target.value })}
      />
      <TextField
        type="date"
        size="small"
        label={say("compare:trial.endOn")}
        value={endOn ?? ""}
        error={tried && badDates}
        helperText={tried && badDates ? say("compare:trial.wrong.dates") : " "}
        slotProps={{ inputLabel: { shrink: true } }}
        onChange={({ target }) => setAsked({ ...asked, endOn: target.value === "" ? null : target.value })}
      />
      <div className={css.buttons}>
        <Button variant="contained" size="small" onClick={keep}>
          {say(isNew ? "compare:trial.begin" : "compare:trial.keep")}
        </Button>
        {onCancel ? (
          <Button variant="text" size="small" onClick={onCancel}>
            {say("common:cancel")}
          </Button>
        ) : null}
      </div>
    </div>
  );
}
