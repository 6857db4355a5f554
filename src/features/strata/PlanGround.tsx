"use client";

import Button from "@mui/material/Button";
import { useEffect, useState, type MouseEvent } from "react";
import type { Mound, SoilLayer } from "@/core/habitat";
import { useOpen } from "@/store";
import { Grip, type Frame } from "@/ui/section";
import { useSay } from "@/words";
import css from "./LayerRows.module.css";

type Points = [number, number][];

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

const CLOSE_PX = 14;

/** Corners set by clicks; the first one again closes the figure. Half centimetres, and the walls catch what comes near. */
function ZoneDrawing({ frame, onDrawn }: { frame: Frame; onDrawn: () => void }) {
  const say = useSay();
  const { habitat, edit } = useOpen();
  const [points, setPoints] = useState<Points>([]);
  const [refused, setRefused] = useState(false);
  const { widthCm, depthCm } = habitat.shell;

  useEffect(() => {
    const key = (event: KeyboardEvent) => event.key === "Escape" && onDrawn();
    window.addEventListener("keydown", key);
    return () => window.removeEventListener("keydown", key);
  }, [onDrawn]);

  const close = () => {
    const id = crypto.randomUUID().slice(0, 8);
    try {
      edit([{ name: "addZone", args: { id, name: say("strata:zoneName", { nth: habitat.strata.zones.length + 1 }), points, retaining: null } }]);
      onDrawn();
    } catch {
      setRefused(true);
      setPoints([]);
    }
  };
  const caught = (cm: number, most: number) => (cm < 1 ? 0 : cm > most - 1 ? most : Math.round(cm * 2) / 2);
  const click = (event: MouseEvent<SVGRectElement>) => {
    const svg = event.currentTarget.ownerSVGElement?.getBoundingClientRect();
    if (!svg) return;
    const [px, py] = [event.clientX - svg.left, event.clientY - svg.top];
    const [first] = points;
    if (first && points.length >= 3 && Math.hypot(frame.x(first[0]) - px, frame.y(first[1]) - py) < CLOSE_PX) return close();
    setRefused(false);
    setPoints([...points, [caught((px - frame.x(0)) / frame.pxPerCm, widthCm), caught(frame.cmAt(py), depthCm)]]);
  };
  return (
    <g>
      <rect data-drawing x={frame.x(0)} y={frame.y(depthCm)} width={widthCm * frame.pxPerCm} height={depthCm * frame.pxPerCm} fill="rgba(255,255,255,.12)" style={{ cursor: "crosshair" }} onClick={click} />
      <polyline points={points.map(([x, y]) => `${frame.x(x)},${frame.y(y)}`).join(" ")} fill="none" stroke="var(--rust)" strokeWidth={2.4} pointerEvents="none" />
      {points.map(([x, y], at) => <circle key={at} cx={frame.x(x)} cy={frame.y(y)} r={at === 0 ? 7 : 4} fill="#fff" stroke="var(--rust)" strokeWidth={2} pointerEvents="none" />)}
      <foreignObject x={frame.x(0)} y={8} width={Math.max(240, widthCm * frame.pxPerCm)} height={64}>
        <div className={css.drawing}>
          <span role={refused ? "alert" : "status"}>{say(refused ? "strata:zoneRefused" : "strata:drawHelp")}</span>
          {points.length >= 3 ? <Button size="small" onClick={close}>{say("strata:closeZone")}</Button> : null}
        </div>
      </foreignObject>
    </g>
  );
}
