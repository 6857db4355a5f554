"use client";

import { useRef, type KeyboardEvent, type PointerEvent } from "react";
import { type Stand } from "@/core/habitat";
import { hangsDown, plantFootCm, sizeAfter } from "@/core/living";
import { useOpen } from "@/store";
import { newGesture, type Frame } from "@/ui/section";
import { capital, useSay, useLibrary } from "@/words";

type Choosing = { chosen: string | undefined; onChoose: (id: string | undefined) => void };

/** What it will grow to is outlined at these ages, months. */
const AGES = [3, 6, 12] as const;

/**
 * A grip over every plant: drag it along, or move it with the arrow keys; its grown outline shows when chosen or too
 * big.
 */
export function PlantGrips({ frame, months, chosen, onChoose }: { frame: Frame; months: number } & Choosing) {
  const { habitat } = useOpen();
  return (
    <>
      {habitat.plants.map((stand) => (
        <PlantGrip
          key={stand.id}
          frame={frame}
          months={months}
          stand={stand}
          chosen={stand.id === chosen}
          onChoose={onChoose}
        />
      ))}
    </>
  );
}

function PlantGrip({
  frame,
  months,
  stand,
  chosen,
  onChoose,
}: {
  frame: Frame;
  months: number;
  stand: Stand;
  chosen: boolean;
  onChoose: Choosing["onChoose"];
}) {
  const say = useSay();
  const library = useLibrary();
  const { habitat, derived, edit } = useOpen();
  const drag = useRef<{ fromX: number; fromCm: number; gesture: string } | undefined>(undefined);
  const held = useRef<string | undefined>(undefined);
  const plant = library.get("plants", stand.plantId);
  const fit = derived.plantFits.get(stand.id);
  const front = frame.view === "front";
  const footCm = plantFootCm(habitat, derived.ground, stand, plant);
  const hangs = hangsDown(derived.ground, stand, plant);
  const boxAfter = (after: number) => {
    const { heightCm, spreadCm } = sizeAfter(plant, after, stand.keptCm);
    const across = front ? stand.xCm : stand.yCm;
    return {
      x: frame.x(across - spreadCm / 2),
      y: frame.y(hangs ? footCm : footCm + heightCm),
      width: spreadCm * frame.pxPerCm,
      height: heightCm * frame.pxPerCm,
    };
  };
  // What can be touched ends at the rim; what is only shown may pass it.
  const whole = boxAfter(months);
  const rim = Math.max(whole.y, frame.y(habitat.shell.heightCm));
  const box = { ...whole, y: rim, height: Math.max(4, whole.height - (rim - whole.y)) };
  const move = (cm: number, gesture: string) => {
    const most = front ? habitat.shell.widthCm : habitat.shell.depthCm;
    const to = Math.min(most, Math.max(0, Math.round(cm * 10) / 10));
    edit(
      [{ name: "movePlant", args: { id: stand.id, xCm: front ? to : stand.xCm, yCm: front ? stand.yCm : to } }],
      gesture,
    );
  };
  const down = (event: PointerEvent<SVGRectElement>) => {
    event.currentTarget.setPointerCapture(event.pointerId);
    drag.current = { fromX: event.clientX, fromCm: front ? stand.xCm : stand.yCm, gesture: newGesture() };
    onChoose(stand.id);
  };
  const key = (event: KeyboardEvent) => {
    if (event.key === "Delete") {
      onChoose(undefined);
      return edit([{ name: "removePlants", args: { ids: [stand.id] } }]);
    }
    const way = event.key === "ArrowRight" ? 1 : event.key === "ArrowLeft" ? -1 : 0;
    if (way === 0) return;
    event.preventDefault();
    held.current ??= newGesture();
    move((front ? stand.xCm : stand.yCm) + way * (event.altKey ? 0.1 : 1), held.current);
  };
  const outgrows = fit?.reasons.some((reason) => reason.code === "height.outgrows") ?? false;
  return (
    <>
      {chosen
        ? AGES.filter((age) => age > months).map((age) => {
            const later = boxAfter(age);
            return (
              <g key={age} aria-hidden pointerEvents="none">
                <rect
                  {...later}
                  rx={Math.min(later.width, later.height) * 0.32}
                  fill="none"
                  stroke="var(--moss)"
                  strokeWidth={1.2}
                  strokeDasharray="2 4"
                />
                <text
                  x={later.x + later.width / 2}
                  y={later.y - 3}
                  fontSize={11}
                  textAnchor="middle"
                  fill="var(--ink)"
                  stroke="var(--air-top)"
                  strokeWidth={3}
                  paintOrder="stroke"
                >
                  {say("planting:ageTag", { months: age })}
                </text>
              </g>
            );
          })
        : null}
      <rect
        {...box}
        rx={Math.min(box.width, box.height) * 0.32}
        fill="transparent"
        style={{ cursor: "ew-resize", touchAction: "none", outline: "none" }}
        stroke={outgrows ? "var(--rust)" : chosen ? "var(--moss)" : "transparent"}
        strokeWidth={chosen ? 2.4 : 1.6}
        strokeDasharray="4 5"
        role="button"
        tabIndex={0}
        aria-pressed={chosen}
        aria-label={say("planting:move", {
          name: capital(say.nameOf("plants", stand.plantId)),
          xCm: stand.xCm,
          yCm: stand.yCm,
        })}
        onFocus={() => onChoose(stand.id)}
        onKeyDown={key}
        onKeyUp={() => (held.current = undefined)}
        onPointerDown={down}
        onPointerUp={() => (drag.current = undefined)}
        onPointerCancel={() => (drag.current = undefined)}
        onPointerMove={(event) => {
          if (!drag.current) return;
          move(drag.current.fromCm + (event.clientX - drag.current.fromX) / frame.pxPerCm, drag.current.gesture);
        }}
      />
    </>
  );
}
