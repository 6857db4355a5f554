"use client";

import Button from "@mui/material/Button";
import Link from "next/link";
import { chooseUnits, rawFile, type OnDevice } from "@/store";
import { saveFile } from "@/ui/files";
import { PlainPage } from "@/ui/parts";
import { sayFileProblem, useSay } from "@/words";

/** There is no such habitat here, or it does not open: said plainly, with a way on. */
export function NoHabitat({ problem }: { problem: "missing" | "unread" | Extract<OnDevice, { ok: false }> }) {
  const say = useSay();
  return (
    <PlainPage onUnits={chooseUnits}>
      {typeof problem === "string" ? (
        <h1 role="alert">{say(problem === "missing" ? "problems:notFound" : "problems:unread")}</h1>
      ) : (
        <p role="alert">{say("problems:stored", { why: sayFileProblem(problem.problem, say) })}</p>
      )}
      {problem === "unread" ? (
        <Button variant="outlined" onClick={() => location.reload()}>
          {say("problems:tryAgain")}
        </Button>
      ) : null}
      {typeof problem === "string" ? null : (
        <Button variant="outlined" onClick={() => void rawFile(problem.id, problem.raw).then(saveFile)}>
          {say("shelf:exportRaw")}
        </Button>
      )}
      <Button component={Link} href="/">
        {say("problems:backToShelf")}
      </Button>
    </PlainPage>
  );
}
