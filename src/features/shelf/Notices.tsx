"use client";

import Button from "@mui/material/Button";
import { useState } from "react";
import { chooseNotified, useNotified } from "@/store";
import { useSay } from "@/words";

/** Asks to be told once a day what is due, where the browser allows it. */
export function Notices() {
  const say = useSay();
  const notified = useNotified();
  const [refused, setRefused] = useState(false);
  if (typeof Notification === "undefined") return null;
  const ask = async () => {
    const allowed = (await Notification.requestPermission()) === "granted";
    setRefused(!allowed);
    // The first time is the next day it is opened.
    if (allowed) chooseNotified("");
  };
  if (notified !== "off")
    return (
      <>
        <p>{say("shelfWork:weekAhead.notifyOn")}</p>
        <Button size="small" variant="text" onClick={() => chooseNotified("off")}>
          {say("shelfWork:weekAhead.notifyOff")}
        </Button>
      </>
    );
  return (
    <>
      <Button size="small" variant="outlined" onClick={() => void ask()}>
        {say("shelfWork:weekAhead.notify")}
      </Button>
      <p role="status">{refused ? say("shelfWork:weekAhead.notifyRefused") : ""}</p>
    </>
  );
}
