"use client";

import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import { useState } from "react";
import type { Design } from "@/core/habitat";
import { habitatFile, putHabitats, removeHabitat, wholeHabitat } from "@/store";
import { saveBlob } from "@/ui/files";
import { useSay } from "@/words";
import type { Notice } from "./notice";

type Props = {
  habitat: Design;
  /** Where the menu hangs; null while it is closed. */
  anchor: HTMLElement | null;
  onClose: () => void;
  onNotice: (notice: Notice | undefined) => void;
};

/** What else can be done with a habitat on the shelf: kept in a file, or deleted. */
export function SpotChoices({ habitat, anchor, onClose, onNotice }: Props) {
  const say = useSay();
  const [asking, setAsking] = useState(false);
  const save = async () => {
    const file = await habitatFile(habitat.id, (share) =>
      onNotice({ text: say("shelf:exporting", { sharePct: share * 100 }) }),
    );
    if (file) saveBlob(file.name, file.blob);
    onNotice(undefined);
  };
  const remove = async () => {
    setAsking(false);
    const whole = await wholeHabitat(habitat.id);
    await removeHabitat(habitat.id);
    onNotice({
      text: say("shelf:deleted", { name: habitat.name }),
      undo: () => void (whole && putHabitats([whole])),
    });
  };
  return (
    <>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={onClose}>
        <MenuItem
          onClick={() => {
            onClose();
            void save();
          }}
        >
          {say("shelf:export")}
        </MenuItem>
        <MenuItem
          onClick={() => {
            onClose();
            setAsking(true);
          }}
        >
          {say("shelf:delete")}
        </MenuItem>
      </Menu>
      <Dialog open={asking} onClose={() => setAsking(false)} maxWidth="xs">
        <DialogTitle>{say("shelf:deleteTitle", { name: habitat.name })}</DialogTitle>
        <DialogContent>{say("shelf:deleteHelp")}</DialogContent>
        <DialogActions>
          <Button variant="outlined" onClick={() => setAsking(false)}>
            {say("common:cancel")}
          </Button>
          <Button color="error" onClick={() => void remove()}>
            {say("shelf:delete")}
          </Button>
        </DialogActions>
      </Dialog>
    </>
  );
}
