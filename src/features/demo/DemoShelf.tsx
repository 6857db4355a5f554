"use client";

import { useRouter } from "next/navigation";
import { useEffect, useState } from "react";
import { demoHabitats } from "@/demo";
import { listHabitats, putHabitats } from "@/store";
import { useNow } from "@/ui/parts";
import { useSay } from "@/words";

/** Puts the demo habitats on the shelf, leaving any that are there already, and opens it. */
export function DemoShelf() {
  const say = useSay();
  const router = useRouter();
  const today = useNow();
  const [failed, setFailed] = useState(false);
  useEffect(() => {
    if (today === "") return;
    const fill = async () => {
      const there = new Set((await listHabitats()).map((kept) => (kept.ok ? kept.habitat.id : kept.id)));
      await putHabitats(demoHabitats(today).filter((habitat) => !there.has(habitat.id)));
      router.replace("/");
    };
    fill().catch(() => setFailed(true));
  }, [router, today]);
  return <p role="status" style={{ padding: 32 }}>{say(failed ? "common:notKept" : "common:loading")}</p>;
}
