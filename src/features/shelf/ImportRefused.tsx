"use client";

import Alert from "@mui/material/Alert";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import { useSay } from "@/words";

/** Why a file was not taken in. */
export function ImportRefused({ problem, onClose }: { problem: string; onClose: () => void }) {
  const say = useSay();
  return (
    <Dialog open onClose={onClose} maxWidth="xs">
      <DialogTitle>{say("shelf:import")}</DialogTitle>
      <DialogContent>
        <Alert severity="error" variant="outlined">
          {problem}
        </Alert>
        <p>{say("problems:file.title")}</p>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{say("common:close")}</Button>
      </DialogActions>
    </Dialog>
  );
}
