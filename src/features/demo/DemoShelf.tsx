"use client";

import { useRouter } from "next/navigation";
import { useEffect, useState } from "react";
import { demoBins, demoHabitats, demoTrials } from "@/demo";
import { getBins, getTrials, listDesigns, putBins, putHabitats, putTrials } from "@/store";
import { useNow } from "@/ui/parts";
import { useSay } from "@/words";

/** Puts the demo habitats on the shelf and fills empty bins, leaving what is there already, and opens it. */
export function DemoShelf() {
  const say = useSay();
  const router = useRouter();
  const today = useNow();
  const [failed, setFailed] = useState(false);
  useEffect(() => {
    if (today === "") return;
    const fill = async () => {
      const there = new Set((await listDesigns()).map(({ id }) => id));
      await putHabitats(demoHabitats(today).filter(({ design }) => !there.has(design.id)));
      const bins = await getBins();
      if (bins.stock.length === 0 && bins.packs.length === 0) await putBins(demoBins());
      if ((await getTrials()).trials.length === 0) await putTrials(demoTrials(today));
      router.replace("/");
    };
    fill().catch(() => setFailed(true));
  }, [router, today]);
  return (
    <p role="status" style={{ padding: 32 }}>
      {say(failed ? "common:notKept" : "common:loading")}
    </p>
  );
}
