"use client";

import { show } from "@/core/units";
import { useOpen } from "@/store";
import { Tags, type Frame } from "@/ui/section";
import { useUnits } from "@/words";

/** Heights from the glass to fill to, layer by layer, as one would mark them on the front pane. */
export function FillLines({ frame }: { frame: Frame }) {
  const system = useUnits();
  const { ground } = useOpen().derived;
  const tags = ground.levels
    .filter((level) => level.kind !== "barrier")
    .map((level) => ({ key: level.layerId, cm: level.top.frontCm, text: show(level.top.frontCm, "length", system, "en").figure, color: "#22302a" }));
  return <Tags frame={frame} tags={tags} />;
}
