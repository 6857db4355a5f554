"use client";

import Snackbar from "@mui/material/Snackbar";
import { useSession } from "@/store";
import { sayProblem, useSay } from "@/words";

const SHOWN_MS = 8000;

/** Says why an edit was refused that no handle and no field asked for: a button's, a menu's. */
export function Refused() {
  const say = useSay();
  const refused = useSession((session) => session.refused);
  const clear = () => useSession.setState({ refused: undefined });
  return (
    <Snackbar
      open={refused !== undefined}
      autoHideDuration={SHOWN_MS}
      onClose={(_event, reason) => reason !== "clickaway" && clear()}
      message={refused ? sayProblem(refused, say) : ""}
    />
  );
}
