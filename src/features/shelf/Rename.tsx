"use client";

import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import TextField from "@mui/material/TextField";
import { useState, type FormEvent } from "react";
import { NameSchema, type Design } from "@/core/habitat";
import { editOnShelf } from "@/store";
import { useSay } from "@/words";

/** Gives a habitat another name. */
export function Rename({ habitat, onDone }: { habitat: Design; onDone: () => void }) {
  const say = useSay();
  const [name, setName] = useState(habitat.name);
  const read = NameSchema.safeParse(name);
  const keep = (event: FormEvent) => {
    event.preventDefault();
    if (!read.success) return;
    void editOnShelf(habitat.id, [{ name: "rename", args: { name: read.data } }]).then(onDone);
  };
  return (
    <Dialog open onClose={onDone} maxWidth="xs" fullWidth>
      <form onSubmit={keep}>
        <DialogTitle>{say("shelfWork:renameTitle", { name: habitat.name })}</DialogTitle>
        <DialogContent>
          <TextField
            autoFocus
            fullWidth
            sx={{ mt: 1 }}
            label={say("shelfWork:newName")}
            value={name}
            error={!read.success}
            helperText={read.success ? " " : say("shelfWork:nameWrong")}
            onChange={(event) => setName(event.target.value)}
          />
        </DialogContent>
        <DialogActions>
          <Button variant="outlined" onClick={onDone}>
            {say("common:cancel")}
          </Button>
          <Button type="submit" disabled={!read.success}>
            {say("shelfWork:keep")}
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
