"use client";

import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { addMonths, formatISO } from "date-fns";
import { useState } from "react";
import { DateSchema, type Design } from "@/core/habitat";
import { editOnShelf, useDesigns } from "@/store";
import { useSay } from "@/words";

const USUALLY_IN_MONTHS = 6;
const NONE = "";

/** The box the animals of this one move to, such as the grown ones' box, and when. */
export function NextBox({ habitat, onDone }: { habitat: Design; onDone: () => void }) {
  const say = useSay();
  const others = useDesigns().filter(({ id }) => id !== habitat.id);
  const { next } = habitat.shelf;
  const [habitatId, setHabitatId] = useState(next?.habitatId ?? NONE);
  const [on, setOn] = useState(
    next?.on ?? formatISO(addMonths(new Date(), USUALLY_IN_MONTHS), { representation: "date" }),
  );
  const day = DateSchema.safeParse(on);
  const keep = () => {
    const to = habitatId === NONE || !day.success ? null : { habitatId, on: day.data };
    void editOnShelf(habitat.id, [{ name: "setNext", args: { next: to } }]).then(onDone);
  };
  const known = others.some(({ id }) => id === habitatId);
  return (
    <Dialog open onClose={onDone} maxWidth="xs" fullWidth>
      <DialogTitle>{say("shelfWork:nextTitle", { name: habitat.name })}</DialogTitle>
      <DialogContent sx={{ display: "grid", gap: 2 }}>
        <TextField
          select
          sx={{ mt: 1 }}
          label={say("shelfWork:nextWhich")}
          value={known ? habitatId : NONE}
          onChange={(event) => setHabitatId(event.target.value)}
          slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
        >
          <MenuItem value={NONE}>{say("shelfWork:nextNone")}</MenuItem>
          {others.map(({ id, name }) => (
            <MenuItem key={id} value={id}>
              {name}
            </MenuItem>
          ))}
        </TextField>
        <TextField
          type="date"
          label={say("shelfWork:nextOn")}
          value={on}
          error={!day.success}
          onChange={(event) => setOn(event.target.value)}
          slotProps={{ inputLabel: { shrink: true } }}
        />
      </DialogContent>
      <DialogActions>
        <Button variant="outlined" onClick={onDone}>
          {say("common:cancel")}
        </Button>
        <Button onClick={keep} disabled={!day.success}>
          {say("shelfWork:keep")}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
