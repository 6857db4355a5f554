"use client";

import Button from "@mui/material/Button";
import { rawFile, type OnDevice } from "@/store";
import { saveFile } from "@/ui/files";
import { sayFileProblem, useSay } from "@/words";
import css from "./Shelf.module.css";

/** A habitat that cannot be read: why, and its file as it is. */
export function Broken({ broken }: { broken: Extract<OnDevice, { ok: false }> }) {
  const say = useSay();
  return (
    <div className={css.spot}>
      <div className={css.stand}>
        <p className={css.broken}>{sayFileProblem(broken.problem, say)}</p>
      </div>
      <div className={css.label}>
        <h2>{say("shelf:broken")}</h2>
        <Button size="small" variant="outlined" onClick={() => void rawFile(broken.id, broken.raw).then(saveFile)}>
          {say("shelf:exportRaw")}
        </Button>
      </div>
    </div>
  );
}
