"use client";

import Alert from "@mui/material/Alert";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import { useState } from "react";
import { takeIn } from "@/store";
import { readFile } from "@/workers";
import { FileButton } from "@/ui/parts";
import { sayFileProblem, useSay } from "@/words";
import type { Notice } from "./notice";

/** Takes a habitat file in; a bad one is refused with its reason and changes nothing. */
export function ImportButton({ onNotice }: { onNotice: (notice: Notice | undefined) => void }) {
  const say = useSay();
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const take = async (file: File) => {
    const read = await readFile(file, {
      onProgress: (share) => onNotice({ text: say("shelf:importing", { sharePct: share * 100 }) }),
    });
    if (!read.ok) {
      onNotice(undefined);
      return setProblem(sayFileProblem(read.problem, say));
    }
    const how = await takeIn(read.habitat);
    const { name } = read.habitat.design;
    onNotice({ text: say(how === "replaced" ? "shelf:replaced" : "shelf:imported", { name }) });
  };
  return (
    <>
      <FileButton pill label={say("shelf:import")} accept=".json,application/json" onFile={(file) => void take(file)} />
      <Dialog open={problem !== undefined} onClose={() => setProblem(undefined)} maxWidth="xs">
        <DialogTitle>{say("shelf:import")}</DialogTitle>
        <DialogContent>
          <Alert severity="error" variant="outlined">
            {problem}
          </Alert>
          <p>{say("problems:file.title")}</p>
        </DialogContent>
        <DialogActions>
          <Button onClick={() => setProblem(undefined)}>{say("common:close")}</Button>
        </DialogActions>
      </Dialog>
    </>
  );
}
