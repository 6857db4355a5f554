"use client";

import "@/words/atWork";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import { useRouter } from "next/navigation";
import { useState } from "react";
import type { Design } from "@/core/habitat";
import { copyOnShelf, editOnShelf, habitatFile, putHabitats, removeHabitat, wholeHabitat } from "@/store";
import { saveBlob } from "@/ui/files";
import { useNow } from "@/ui/parts";
import { useSay } from "@/words";
import { NextBox } from "./NextBox";
import type { Notice } from "./notice";
import { Rename } from "./Rename";

type Props = {
  habitat: Design;
  /** Where the menu hangs; null while it is closed. */
  anchor: HTMLElement | null;
  onClose: () => void;
  onNotice: (notice: Notice | undefined) => void;
};

type Asking = "rename" | "next" | "delete" | undefined;

/** What else can be done with a habitat: renamed, copied, held against another, put away, kept in a file, deleted. */
export function SpotChoices({ habitat, anchor, onClose, onNotice }: Props) {
  const say = useSay();
  const router = useRouter();
  const today = useNow();
  const [asking, setAsking] = useState<Asking>(undefined);
  const { id, name, shelf } = habitat;
  const save = async () => {
    const file = await habitatFile(id, (share) =>
      onNotice({ text: say("shelf:exporting", { sharePct: share * 100 }) }),
    );
    if (file) saveBlob(file.name, file.blob);
    onNotice(undefined);
  };
  const remove = async () => {
    setAsking(undefined);
    const whole = await wholeHabitat(id);
    await removeHabitat(id);
    onNotice({ text: say("shelf:deleted", { name }), undo: () => void (whole && putHabitats([whole])) });
  };
  const duplicate = () => copyOnShelf(habitat, say("shelfWork:copyName", { name }), false);
  const vary = async () => {
    const variant = await copyOnShelf(habitat, say("shelfWork:variantName", { name }), true);
    router.push(`/compare?a=${id}&b=${variant}`);
  };
  const twin = async () => {
    const twinId = await copyOnShelf(habitat, say("shelfWork:twinName", { name }), false);
    router.push(`/compare?a=${id}&b=${twinId}&trial=new`);
  };
  const archive = () =>
    editOnShelf(id, [{ name: "setArchived", args: { archivedOn: shelf.archivedOn === null ? today : null } }]);
  const choices: [text: string, act: () => unknown][] = [
    [say("shelfWork:rename"), () => setAsking("rename")],
    [say("shelfWork:duplicate"), duplicate],
    [say("shelfWork:variant"), vary],
    [say("shelfWork:compare"), () => router.push(`/compare?a=${id}`)],
    [say("shelfWork:twin"), twin],
    [say("shelfWork:next"), () => setAsking("next")],
    [say(shelf.archivedOn === null ? "shelfWork:archive" : "shelfWork:unarchive"), archive],
    [say("shelf:export"), save],
    [say("shelf:delete"), () => setAsking("delete")],
  ];
  return (
    <>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={onClose}>
        {choices.map(([text, act]) => (
          <MenuItem
            key={text}
            onClick={() => {
              onClose();
              void act();
            }}
          >
            {text}
          </MenuItem>
        ))}
      </Menu>
      {asking === "rename" ? <Rename habitat={habitat} onDone={() => setAsking(undefined)} /> : null}
      {asking === "next" ? <NextBox habitat={habitat} onDone={() => setAsking(undefined)} /> : null}
      <Dialog open={asking === "delete"} onClose={() => setAsking(undefined)} maxWidth="xs">
        <DialogTitle>{say("shelf:deleteTitle", { name })}</DialogTitle>
        <DialogContent>{say("shelf:deleteHelp")}</DialogContent>
        <DialogActions>
          <Button variant="outlined" onClick={() => setAsking(undefined)}>
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
