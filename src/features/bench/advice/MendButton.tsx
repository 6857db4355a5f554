"use client";

import Button from "@mui/material/Button";
import type { Mend } from "@/core/mending";
import { useSession } from "@/store";
import { capital, sayMend, useSay } from "@/words";

/** One way to mend: an edit of the design, or work that is written into the log. */
export function MendButton({ mend, first }: { mend: Mend; first: boolean }) {
  const say = useSay();
  const { edit, act } = useSession.getState();
  const press = () => {
    if (mend.events.length > 0) act(mend.events, mend.commands);
    else edit(mend.commands);
  };
  const { button, also } = sayMend(mend, say);
  return (
    <>
      <Button size="small" variant={first ? "contained" : "outlined"} onClick={press}>
        {capital(button)}
      </Button>
      {also ? <small className="quiet">{also}</small> : null}
    </>
  );
}
