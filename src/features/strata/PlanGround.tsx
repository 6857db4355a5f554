"use client";

import type { Mound, SoilLayer } from "@/core/habitat";
import { useOpen } from "@/store";
import { Grip, OutlineDrawing, type Frame } from "@/ui/section";
import { useSay } from "@/words";

/** Over the plan: heaps to drag about, and a zone being drawn corner by corner. */
export function PlanGround({ frame, drawing, onDrawn }: { frame: Frame; drawing: boolean; onDrawn: () => void }) {
  const { habitat } = useOpen();
  const lifts = habitat.strata.layers.filter((layer) => layer.kind === "soil");
  return (
    <>
      {lifts.flatMap((layer) => layer.mounds.map((mound, at) => <MoundGrip key={mound.id} layer={layer} mound={mound} nth={at + 1} frame={frame} />))}
      {drawing ? <ZoneDrawing frame={frame} onDrawn={onDrawn} /> : null}
    </>
  );
}

function MoundGrip({ layer, mound, nth, frame }: { layer: SoilLayer; mound: Mound; nth: number; frame: Frame }) {
  const say = useSay();
  const { habitat, edit } = useOpen();
  const name = say("strata:mound", { nth });
  const within = (cm: number, most: number) => Math.min(most, Math.max(0, cm));
  return (
    <Grip
      frame={frame} atCm={{ across: mound.xCm, up: mound.yCm }} label={say("strata:moveMound", { name, xCm: mound.xCm, yCm: mound.yCm })}
      onMove={({ across, up }, gesture) => edit([{ name: "setMound", args: { layerId: layer.id, id: mound.id, xCm: within(across, habitat.shell.widthCm), yCm: within(up, habitat.shell.depthCm) } }], gesture)}
      onRemove={() => edit([{ name: "removeMound", args: { layerId: layer.id, id: mound.id } }])}
    >
      <circle className="edge" cx={frame.x(mound.xCm)} cy={frame.y(mound.yCm)} r={mound.radiusCm * frame.pxPerCm} fill="transparent" stroke="var(--ink)" strokeWidth={1.4} />
      <circle cx={frame.x(mound.xCm)} cy={frame.y(mound.yCm)} r={8} fill="#fff" stroke="#22302a" strokeWidth={2} />
    </Grip>
  );
}

/** A zone as it is drawn: refused where it lies over another or past the floor. */
function ZoneDrawing({ frame, onDrawn }: { frame: Frame; onDrawn: () => void }) {
  const say = useSay();
  const { habitat, edit } = useOpen();
  const { widthCm, depthCm } = habitat.shell;
  const take = (points: [number, number][]): boolean => {
    try {
      edit([{ name: "addZone", args: { id: crypto.randomUUID().slice(0, 8), name: say("strata:zoneName", { nth: habitat.strata.zones.length + 1 }), points, retaining: null } }]);
      return true;
    } catch {
      return false;
    }
  };
  return <OutlineDrawing frame={frame} widthCm={widthCm} depthCm={depthCm} help={say("strata:drawHelp")} refusal={say("strata:zoneRefused")} onClosed={take} onGivenUp={onDrawn} />;
}
