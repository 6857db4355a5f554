"use client";

import dynamic from "next/dynamic";

/** Read when something broke: no page brings it along. */
const Broken = dynamic(async () => (await import("@/features/settings/Broken")).Broken);

export default function Page({ reset }: { reset: () => void }) {
  return <Broken onAgain={reset} />;
}
