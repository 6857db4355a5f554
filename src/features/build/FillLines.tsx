"use client";

import { useOpen } from "@/store";
import { Tags, type Frame } from "@/ui/section";
import { useFigures } from "@/words";

/** Heights from the glass to fill to, layer by layer, as one would mark them on the front pane. */
export function FillLines({ frame }: { frame: Frame }) {
  const figures = useFigures();
  const { ground } = useOpen().derived;
  const tags = ground.levels
    .filter((level) => level.kind !== "barrier")
    .map((level) => ({
      key: level.layerId,
      cm: level.top.frontCm,
      text: figures.shown(level.top.frontCm, "length").figure,
      color: "#22302a",
    }));
  return <Tags frame={frame} tags={tags} />;
}
