"use client";

import "@/words/atWork";
import Alert from "@mui/material/Alert";
import Button from "@mui/material/Button";
import { tellTrouble, type Trouble } from "@/store";
import { useSay } from "@/words";

/** What keeps this device from keeping, said plainly, with what to do. It stays until it is closed. */
export function TroubleBar({ trouble }: { trouble: Trouble }) {
  const say = useSay();
  const act =
    trouble === "newerTab" ? (
      <Button size="small" color="inherit" onClick={() => location.reload()}>
        {say("backup:trouble.reload")}
      </Button>
    ) : trouble === "full" ? (
      <Button size="small" color="inherit" href="/backup">
        {say("backup:trouble.toBackup")}
      </Button>
    ) : null;
  return (
    <Alert
      severity="warning"
      role="alert"
      sx={{ position: "fixed", insetInline: 12, bottom: 12, zIndex: 1500, maxWidth: 720, mx: "auto" }}
      action={
        <>
          {act}
          <Button size="small" color="inherit" onClick={() => tellTrouble(undefined)}>
            {say("common:close")}
          </Button>
        </>
      }
    >
      {say(`backup:trouble.${trouble}`)}
    </Alert>
  );
}
