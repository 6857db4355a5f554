"use client";

import Button from "@mui/material/Button";
import { useEffect, useState, type MouseEvent } from "react";
import { useSay } from "@/words";
import type { Frame } from "./frame";
import css from "./OutlineDrawing.module.css";

type Points = [number, number][];

type Props = {
  frame: Frame;
  widthCm: number;
  depthCm: number;
  help: string;
  /** What is said when the figure was not taken. */
  refusal: string;
  /** Takes the closed figure; false when it is refused, and the drawing begins again. */
  onClosed: (points: Points) => boolean;
  onGivenUp: () => void;
};

const CLOSE_PX = 14;
const CATCH_CM = 1;

/**
 * A figure drawn over the plan, corner by corner; the first corner again closes it. Half centimetres, and the walls
 * catch what comes near.
 */
export function OutlineDrawing({ frame, widthCm, depthCm, help, refusal, onClosed, onGivenUp }: Props) {
  const say = useSay();
  const [points, setPoints] = useState<Points>([]);
  const [refused, setRefused] = useState(false);

  useEffect(() => {
    const key = (event: KeyboardEvent) => event.key === "Escape" && onGivenUp();
    window.addEventListener("keydown", key);
    return () => window.removeEventListener("keydown", key);
  }, [onGivenUp]);

  const close = () => {
    if (onClosed(points)) return onGivenUp();
    setRefused(true);
    setPoints([]);
  };
  const caught = (cm: number, most: number) =>
    cm < CATCH_CM ? 0 : cm > most - CATCH_CM ? most : Math.round(cm * 2) / 2;
  const click = (event: MouseEvent<SVGRectElement>) => {
    const svg = event.currentTarget.ownerSVGElement?.getBoundingClientRect();
    if (!svg) return;
    const [px, py] = [event.clientX - svg.left, event.clientY - svg.top];
    const [first] = points;
    if (first && points.length >= 3 && Math.hypot(frame.x(first[0]) - px, frame.y(first[1]) - py) < CLOSE_PX)
      return close();
    setRefused(false);
    setPoints([...points, [caught((px - frame.x(0)) / frame.pxPerCm, widthCm), caught(frame.cmAt(py), depthCm)]]);
  };
  return (
    <g>
      <rect
        data-drawing
        x={frame.x(0)}
        y={frame.y(depthCm)}
        width={widthCm * frame.pxPerCm}
        height={depthCm * frame.pxPerCm}
        fill="rgba(255,255,255,.12)"
        style={{ cursor: "crosshair" }}
        onClick={click}
      />
      <polyline
        points={points.map(([x, y]) => `${frame.x(x)},${frame.y(y)}`).join(" ")}
        fill="none"
        stroke="var(--rust)"
        strokeWidth={2.4}
        pointerEvents="none"
      />
      {points.map(([x, y], at) => (
        <circle
          key={at}
          cx={frame.x(x)}
          cy={frame.y(y)}
          r={at === 0 ? 7 : 4}
          fill="#fff"
          stroke="var(--rust)"
          strokeWidth={2}
          pointerEvents="none"
        />
      ))}
      <foreignObject x={frame.x(0)} y={8} width={Math.max(240, widthCm * frame.pxPerCm)} height={64}>
        <div className={css.drawing}>
          <span role={refused ? "alert" : "status"}>{refused ? refusal : help}</span>
          {points.length >= 3 ? (
            <Button size="small" onClick={close}>
              {say("strata:closeZone")}
            </Button>
          ) : null}
        </div>
      </foreignObject>
    </g>
  );
}
