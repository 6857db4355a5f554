"use client";

import dynamic from "next/dynamic";

const NoPage = dynamic(async () => (await import("@/features/settings/Broken")).NoPage);

export default function Page() {
  return <NoPage />;
}
