"use client";

import { LIMITS, type Corners, type Mound, type SoilLayer, type Command } from "@/core/habitat";
import { useOpen } from "@/store";
import { stepOf } from "@/ui/measure";
import { Grip, Handle, OutlineDrawing, useLayerNames, type Frame, newGesture } from "@/ui/section";
import { useFigures, useSay, useUnits } from "@/words";

/** Over the plan: heaps to drag about, and a zone being drawn corner by corner. */
export function PlanGround({
  frame,
  chosen,
  drawing,
  onDrawn,
}: {
  frame: Frame;
  chosen: string | undefined;
  drawing: boolean;
  onDrawn: () => void;
}) {
  const { habitat } = useOpen();
  const lifts = habitat.strata.layers.filter((layer) => layer.kind === "soil");
  const lift = lifts.find((layer) => layer.id === chosen) ?? lifts.at(-1);
  return (
    <>
      {lift && !drawing ? <PlanCorners layer={lift} frame={frame} /> : null}
      {lifts.flatMap((layer) =>
        layer.mounds.map((mound, at) => (
          <MoundGrip key={mound.id} layer={layer} mound={mound} nth={at + 1} frame={frame} />
        )),
      )}
      {drawing ? <ZoneDrawing frame={frame} onDrawn={onDrawn} /> : null}
    </>
  );
}

const CORNERS: readonly (readonly [keyof Corners, x: 0 | 1, y: 0 | 1])[] = [
  ["frontLeftCm", 0, 0],
  ["frontRightCm", 1, 0],
  ["backLeftCm", 0, 1],
  ["backRightCm", 1, 1],
];
/** In plan a corner is pulled up or down the sheet to raise or lower it: so many pixels for a centimetre. */
const PULL_PX = 12;
const INSET_PX = 26;

/** The depth of a lift at each corner of its floor, told there and pulled there. */
function PlanCorners({ layer, frame }: { layer: SoilLayer; frame: Frame }) {
  const say = useSay();
  const system = useUnits();
  const figures = useFigures();
  const { habitat, derived, edit } = useOpen();
  const name = useLayerNames(habitat)(layer.id);
  const patch = derived.ground.terrain.patches.find((other) => other.layer.id === layer.id);
  if (!patch) return null;
  const { left, right, front, back } = patch.frame;
  return CORNERS.map(([corner, u, v]) => {
    const [x, y] = [
      frame.x(u ? right : left) + (u ? -INSET_PX : INSET_PX),
      frame.y(v ? back : front) + (v ? INSET_PX : -INSET_PX),
    ];
    const cm = layer.corners[corner];
    return (
      <g key={corner}>
        <Handle
          x={x}
          y={y}
          pxPerCm={PULL_PX}
          valueCm={cm}
          leastCm={LIMITS.layerCm.min}
          mostCm={LIMITS.layerCm.max}
          stepCm={stepOf("length", system)}
          label={say("strata:cornerOf", { name, corner: say(`strata:corners.${corner}`) })}
          valueText={figures.printed(cm, "length")}
          onMove={(to, gesture) => edit([{ name: "setCorners", args: { layerId: layer.id, [corner]: to } }], gesture)}
        />
        <text
          className="measure"
          x={x + (u ? 12 : -12)}
          y={y + (v ? 26 : -16)}
          fontSize={12.5}
          fontWeight={650}
          textAnchor={u ? "end" : "start"}
          fill="var(--ink)"
          stroke="var(--sheet)"
          strokeWidth={4}
          paintOrder="stroke"
          aria-hidden
        >
          {figures.printed(cm, "length")}
        </text>
      </g>
    );
  });
}

function MoundGrip({ layer, mound, nth, frame }: { layer: SoilLayer; mound: Mound; nth: number; frame: Frame }) {
  const say = useSay();
  const { habitat, edit } = useOpen();
  const name = say("strata:mound", { nth });
  const within = (cm: number, most: number) => Math.min(most, Math.max(0, cm));
  return (
    <Grip
      frame={frame}
      atCm={{ across: mound.xCm, up: mound.yCm }}
      label={say("strata:moveMound", { name, xCm: mound.xCm, yCm: mound.yCm })}
      onMove={({ across, up }, gesture) =>
        edit(
          [
            {
              name: "setMound",
              args: {
                layerId: layer.id,
                id: mound.id,
                xCm: within(across, habitat.shell.widthCm),
                yCm: within(up, habitat.shell.depthCm),
              },
            },
          ],
          gesture,
        )
      }
      onRemove={() => edit([{ name: "removeMound", args: { layerId: layer.id, id: mound.id } }])}
    >
      <circle
        className="edge"
        cx={frame.x(mound.xCm)}
        cy={frame.y(mound.yCm)}
        r={mound.radiusCm * frame.pxPerCm}
        fill="transparent"
        stroke="var(--ink)"
        strokeWidth={1.4}
      />
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
    const addZone: Command = {
      name: "addZone",
      args: {
        id: crypto.randomUUID().slice(0, 8),
        name: say("strata:zoneName", { nth: habitat.strata.zones.length + 1 }),
        points,
        retaining: null,
      },
    };
    return edit([addZone], newGesture()) === undefined;
  };
  return (
    <OutlineDrawing
      frame={frame}
      widthCm={widthCm}
      depthCm={depthCm}
      help={say("strata:drawHelp")}
      refusal={say("strata:zoneRefused")}
      onClosed={take}
      onGivenUp={onDrawn}
    />
  );
}
