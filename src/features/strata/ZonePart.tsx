"use client";

import DeleteOutlineOutlined from "@mui/icons-material/DeleteOutlineOutlined";
import Button from "@mui/material/Button";
import IconButton from "@mui/material/IconButton";
import { useState } from "react";
import { LIMITS, type Command, type Problem, type Zone } from "@/core/habitat";
import { bounds } from "@/core/shape";
import { groundBounds } from "@/core/shell";
import { useOpen } from "@/store";
import { Stepper } from "@/ui/measure";
import { LedgerPart } from "@/ui/parts";
import { capital, sayProblem, useLibrary, useSay } from "@/words";
import css from "./LayerRows.module.css";

export type SplitSide = "left" | "right" | "back";
const SIDES = [
  ["left", "splitLeft"],
  ["right", "splitRight"],
  ["back", "splitBack"],
] as const satisfies readonly (readonly [SplitSide, string])[];

type Points = [number, number][];
type Attempt = (commands: Command[], gesture?: string) => Problem | undefined;

/** A zone along one side of the floor, a third of it wide. */
function sideZone(side: SplitSide, { left, right, front, back }: ReturnType<typeof groundBounds>): Points {
  const [x, y] = [(right - left) / 3, (back - front) / 3];
  const box = {
    left: [left, left + x, front, back],
    right: [right - x, right, front, back],
    back: [left, right, back - y, back],
  }[side];
  const [l = 0, r = 0, f = 0, b = 0] = box;
  return [
    [l, f],
    [r, f],
    [r, b],
    [l, b],
  ];
}

/** The zones: split off a side or draw one in the plan; where each ends, what holds its ground back. */
export function ZonePart({ onDraw, onPlan }: { onDraw: () => void; onPlan: () => void }) {
  const say = useSay();
  const { habitat, edit } = useOpen();
  const [refused, setRefused] = useState<Problem | undefined>(undefined);
  const { zones, layers } = habitat.strata;
  const attempt: Attempt = (commands, gesture) => {
    const problem = edit(commands, gesture);
    setRefused(problem);
    return problem;
  };
  const split = (side: SplitSide) => {
    const id = crypto.randomUUID().slice(0, 8);
    // The soil that lay all over stays on the rest; the zone begins with a shallow bed of its own.
    const soil = layers.findLast((layer) => layer.kind === "soil" && layer.over.on === "floor");
    attempt([
      {
        name: "addZone",
        args: {
          id,
          name: say("strata:zoneName", { nth: zones.length + 1 }),
          points: sideZone(side, groundBounds(habitat.shell)),
          retaining: { kindId: "corkWall", thicknessCm: 3, heightCm: 14 },
        },
      },
      ...(soil?.kind === "soil"
        ? [
            { name: "setOver" as const, args: { layerId: soil.id, over: { on: "rest" as const } } },
            {
              name: "addLayer" as const,
              args: {
                layer: {
                  id: `bed-${id}`,
                  kind: "soil" as const,
                  mixId: `mix-${id}`,
                  frontCm: 4,
                  backCm: 4,
                  over: { on: "zone" as const, zoneId: id },
                },
              },
            },
          ]
        : []),
    ]);
    onPlan();
  };
  return (
    <LedgerPart title={say("strata:zones")}>
      {zones.length === 0 ? <p className={css.detail}>{say("strata:noZones")}</p> : null}
      {zones.map((zone) => (
        <ZoneRow key={zone.id} zone={zone} attempt={attempt} />
      ))}
      {refused ? (
        <p role="alert" className={css.refused}>
          {sayProblem(refused, say)}
        </p>
      ) : null}
      <div className={css.buttons}>
        {SIDES.map(([side, word]) => (
          <Button key={side} size="small" variant="outlined" onClick={() => split(side)}>
            {say(`strata:${word}`)}
          </Button>
        ))}
        <Button size="small" variant="outlined" onClick={onDraw}>
          {say("strata:drawZone")}
        </Button>
      </div>
    </LedgerPart>
  );
}

/** The one inner edge of a zone that lies along a side of the floor: the one to move with a figure. */
function innerEdge(zone: Zone, floor: ReturnType<typeof groundBounds>): { axis: 0 | 1; cm: number } | undefined {
  if (zone.points.length !== 4) return undefined;
  const own = bounds(zone.points);
  const sides: [boolean, { axis: 0 | 1; cm: number }][] = [
    [own.left <= floor.left + 0.1 && own.right < floor.right - 0.1, { axis: 0, cm: own.right }],
    [own.right >= floor.right - 0.1 && own.left > floor.left + 0.1, { axis: 0, cm: own.left }],
    [own.back >= floor.back - 0.1 && own.front > floor.front + 0.1, { axis: 1, cm: own.front }],
    [own.front <= floor.front + 0.1 && own.back < floor.back - 0.1, { axis: 1, cm: own.back }],
  ];
  return sides.find(([is]) => is)?.[1];
}

function ZoneRow({ zone, attempt }: { zone: Zone; attempt: Attempt }) {
  const say = useSay();
  const library = useLibrary();
  const { habitat, edit } = useOpen();
  const retainers = library.all("pieceKinds").filter((kind) => kind.roles.includes("retaining"));
  const edge = innerEdge(zone, groundBounds(habitat.shell));
  const moved = (cm: number): Points =>
    zone.points.map(([x, y]) => {
      if (edge?.axis === 0) return [Math.abs(x - edge.cm) < 0.1 ? cm : x, y];
      return [x, edge && Math.abs(y - edge.cm) < 0.1 ? cm : y];
    });
  const hold = (kindId: string) => {
    if (kindId === "") return attempt([{ name: "setZone", args: { id: zone.id, retaining: null } }]);
    attempt([
      {
        name: "setZone",
        args: {
          id: zone.id,
          retaining: {
            kindId,
            thicknessCm: library.get("pieceKinds", kindId).depthCm,
            heightCm: zone.retaining?.heightCm ?? 14,
          },
        },
      },
    ]);
  };
  return (
    <div className={css.mound}>
      <div className={css.moreLine}>
        <input
          className={css.zoneName}
          aria-label={say("strata:zoneNameField")}
          defaultValue={zone.name}
          key={zone.name}
          maxLength={60}
          onBlur={(event) =>
            event.target.value.trim() !== "" &&
            event.target.value !== zone.name &&
            attempt([{ name: "setZone", args: { id: zone.id, name: event.target.value } }])
          }
          onKeyDown={(event) => event.key === "Enter" && event.currentTarget.blur()}
        />
        <IconButton
          size="small"
          aria-label={say("strata:removeZone", { name: zone.name })}
          onClick={() => edit([{ name: "removeZone", args: { id: zone.id } }])}
        >
          <DeleteOutlineOutlined sx={{ fontSize: 17 }} />
        </IconButton>
      </div>
      <div className={css.corners}>
        {edge ? (
          <Stepper
            label={say("strata:zoneEdge", { name: zone.name })}
            caption={say("strata:zoneWide")}
            kind="length"
            value={edge.cm}
            limits={LIMITS.sillCm}
            onCommit={(cm, gesture) =>
              attempt([{ name: "setZone", args: { id: zone.id, points: moved(cm) } }], gesture)
            }
          />
        ) : null}
        <label className={css.field}>
          <span>{say("strata:held")}</span>
          <select
            className={css.select}
            aria-label={say("strata:heldOf", { name: zone.name })}
            value={zone.retaining?.kindId ?? ""}
            onChange={(event) => hold(event.target.value)}
          >
            <option value="">{say("strata:heldNone")}</option>
            {retainers.map(({ id }) => (
              <option key={id} value={id}>
                {capital(say.nameOf("pieceKinds", id))}
              </option>
            ))}
          </select>
        </label>
        {zone.retaining ? (
          <Stepper
            label={say("strata:heldHighOf", { name: zone.name })}
            caption={say("strata:heldHigh")}
            kind="length"
            value={zone.retaining.heightCm}
            limits={LIMITS.pieceCm}
            onCommit={(heightCm, gesture) =>
              zone.retaining &&
              attempt([{ name: "setZone", args: { id: zone.id, retaining: { ...zone.retaining, heightCm } } }], gesture)
            }
          />
        ) : null}
      </div>
    </div>
  );
}
