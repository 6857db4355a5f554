"use client";

import "@/words/atWork";
import { useEffect } from "react";
import { chooseNotified, useNotified } from "@/store";
import { useSay } from "@/words";

const HOUR_MS = 3_600_000;

/** Tells once a day, by a notification of the browser, what is due; it shows nothing itself. */
export function NoticeOfDay({ today, titles }: { today: string; titles: readonly string[] }) {
  const say = useSay();
  const notified = useNotified();
  useEffect(() => {
    const tell = () => {
      if (notified === "off" || notified === today || titles.length === 0) return;
      if (typeof Notification === "undefined" || Notification.permission !== "granted") return;
      try {
        new Notification(say("shelfWork:weekAhead.notice", { count: titles.length }), { body: titles.join("\n") });
        chooseNotified(today);
      } catch {
        // Some phones only let installed pages tell: then the Shelf itself has to do.
      }
    };
    tell();
    const timer = setInterval(tell, HOUR_MS);
    return () => clearInterval(timer);
  }, [notified, say, titles, today]);
  return null;
}
