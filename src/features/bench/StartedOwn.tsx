"use client";

import Button from "@mui/material/Button";
import Snackbar from "@mui/material/Snackbar";
import Link from "next/link";
import { useStartedOwn } from "@/store";
import { useSay } from "@/words";

const SHOWN_MS = 12_000;

/** Says that an entry of one's own was started, and where its figures are set. */
export function StartedOwn() {
  const say = useSay();
  const { started } = useStartedOwn();
  const clear = () => useStartedOwn.setState({ started: undefined });
  if (!started) return null;
  return (
    <Snackbar
      open
      autoHideDuration={SHOWN_MS}
      onClose={(_event, reason) => reason !== "clickaway" && clear()}
      message={say("common:ownStarted", { name: started.name })}
      action={
        <Button
          size="small"
          color="inherit"
          variant="text"
          component={Link}
          href={`/library?kind=${started.kind}&id=${started.id}`}
          onClick={clear}
        >
          {say("common:ownFigures")}
        </Button>
      }
    />
  );
}
