"use client";

import dynamic from "next/dynamic";
import { useAside } from "@/store";

/** Read where there are copies. */
const SetAside = dynamic(async () => (await import("./SetAside")).SetAside, { ssr: false });

/** What was set aside; nothing is shown while there is none. */
export function Aside() {
  const copies = useAside();
  return copies.length === 0 ? null : <SetAside copies={copies} />;
}
