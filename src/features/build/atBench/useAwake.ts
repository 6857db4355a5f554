"use client";

import { useEffect } from "react";

/** Keeps the screen on while it is shown, where the browser can; asks again when one comes back to it. */
export function useAwake(): void {
  useEffect(() => {
    if (!("wakeLock" in navigator)) return undefined;
    let lock: WakeLockSentinel | undefined;
    let gone = false;
    const hold = async () => {
      if (document.visibilityState !== "visible") return;
      const got = await navigator.wakeLock.request("screen").catch(() => undefined);
      if (gone) void got?.release();
      else lock = got;
    };
    const again = () => void hold();
    void hold();
    document.addEventListener("visibilitychange", again);
    return () => {
      gone = true;
      document.removeEventListener("visibilitychange", again);
      void lock?.release();
    };
  }, []);
}
