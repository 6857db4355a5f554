"use client";

import "@/words/atWork";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import { useSay } from "@/words";

type Props = { name: string; onAnswer: (how: "replace" | "keepBoth" | undefined) => void };

/** A file of a habitat that stands on the shelf in another state: it takes its place, stands beside it, or neither. */
export function ImportAsk({ name, onAnswer }: Props) {
  const say = useSay();
  return (
    <Dialog open onClose={() => onAnswer(undefined)} maxWidth="xs">
      <DialogTitle>{say("shelfWork:askTitle", { name })}</DialogTitle>
      <DialogContent>{say("shelfWork:askHelp")}</DialogContent>
      <DialogActions>
        <Button variant="outlined" onClick={() => onAnswer(undefined)}>
          {say("common:cancel")}
        </Button>
        <Button variant="outlined" onClick={() => onAnswer("keepBoth")}>
          {say("shelfWork:askBoth")}
        </Button>
        <Button onClick={() => onAnswer("replace")}>{say("shelfWork:askReplace")}</Button>
      </DialogActions>
    </Dialog>
  );
}
