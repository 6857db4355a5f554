"use client";

import { Broken } from "@/features/settings";

export default function Page({ reset }: { reset: () => void }) {
  return <Broken onAgain={reset} />;
}
