"use client";

import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import { Fact, Facts } from "@/ui/parts";
import { useSay } from "@/words";

const KEYS = [
  ["steps", "1 – 9"],
  ["views", "[  ]"],
  ["undo", "Ctrl Z"],
  ["redo", "Ctrl Shift Z"],
  ["handle", "↑ ↓ ← →"],
  ["fine", "Alt ↑ ↓"],
  ["remove", "Del"],
  ["help", "?"],
] as const;

/** The list of keys. */
export function KeysHelp({ open, onClose }: { open: boolean; onClose: () => void }) {
  const say = useSay();
  return (
    <Dialog open={open} onClose={onClose} maxWidth="xs" fullWidth>
      <DialogTitle>{say("steps:keysTitle")}</DialogTitle>
      <DialogContent>
        <Facts>
          {KEYS.map(([what, keys]) => (
            <Fact key={what} label={say(`steps:keys.${what}`)}>
              {keys}
            </Fact>
          ))}
        </Facts>
      </DialogContent>
      <DialogActions>
        <Button variant="outlined" onClick={onClose}>
          {say("common:close")}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
