"use client";

import { useColorScheme } from "@mui/material/styles";
import { useSyncExternalStore } from "react";

const never = () => () => {};

/** Whether the page is shown in its night colours; not so on the server. */
export function useNight(): boolean {
  const { mode } = useColorScheme();
  const mounted = useSyncExternalStore(
    never,
    () => true,
    () => false,
  );
  return mounted && mode === "dark";
}
