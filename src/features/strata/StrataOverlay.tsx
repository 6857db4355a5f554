"use client";

import { LIMITS, type Command, type Design, type Layer } from "@/core/habitat";
import type { Library } from "@/core/library";
import type { Level } from "@/core/strata";
import { useOpen } from "@/store";
import { GhostLine } from "./GhostLine";
import { stepOf } from "@/ui/measure";
import { groundColor, Handle, materialOf, Tags, useLayerNames, type Frame, type Tag } from "@/ui/section";
import { useFigures, useSay, useUnits } from "@/words";

type Choosing = { chosen: string | undefined; onChoose: (layerId: string) => void };

/** Fill lines at the left, and a grip on the upper edge of every layer. */
export function StrataOverlay({ frame, chosen, onChoose }: { frame: Frame } & Choosing) {
  const say = useSay();
  const system = useUnits();
  const figures = useFigures();
  const { habitat, derived, edit } = useOpen();
  const nameOfLayer = useLayerNames(habitat);
  const { levels, water } = derived.ground;
  const tagText = (cm: number) => figures.shown(cm, "length").figure;
  const layerOf = (id: string) => habitat.strata.layers.find((layer) => layer.id === id);

  const tags: Tag[] = levels
    .filter((level) => level.kind !== "barrier")
    .map((level) => {
      const layer = layerOf(level.layerId);
      return {
        key: level.layerId,
        cm: level.top.frontCm,
        text: tagText(level.top.frontCm),
        color: layer ? tagColor(layer, habitat, derived.library) : "#5c6a62",
      };
    });
  if (water && habitat.strata.waterLineCm > 0) {
    const { waterLineCm } = habitat.strata;
    const isOver = derived.findings.some(({ code, about }) => code === "waterOverSafeLine" && about === "design");
    tags.push({
      key: "water",
      cm: waterLineCm,
      text: tagText(waterLineCm),
      color: isOver ? "#a63d2f" : "#246c7e",
    });
  }

  return (
    <>
      <Tags frame={frame} tags={tags} />
      <GhostLine frame={frame} />
      {chosen ? <CornerHandles frame={frame} chosen={chosen} /> : null}
      {levels.flatMap((level, at) => {
        const layer = layerOf(level.layerId);
        if (!layer || layer.kind === "barrier") return [];
        const name = nameOfLayer(layer.id);
        return edgesOf(layer, level, frame, at).map((edge) => (
          <g
            key={`${layer.id}-${edge.where}`}
            onFocus={() => onChoose(layer.id)}
            opacity={chosen === undefined || chosen === layer.id ? 1 : 0.75}
          >
            <Handle
              x={edge.x}
              y={frame.y(edge.topCm)}
              pxPerCm={frame.pxPerCm}
              valueCm={edge.topCm}
              leastCm={edge.bottomCm + LIMITS.layerCm.min}
              mostCm={Math.max(frame.heightCm, edge.topCm)}
              stepCm={stepOf("length", system)}
              label={say("strata:handle", {
                name: edge.where === "all" ? name : `${name}, ${say(`strata:${edge.where}`)}`,
              })}
              valueText={figures.printed(edge.topCm, "length")}
              onMove={(toCm, gesture) => {
                onChoose(layer.id);
                const depthCm = Math.max(LIMITS.layerCm.min, toCm - edge.bottomCm);
                return edit([depthCommand(layer, edge, depthCm)], gesture);
              }}
            />
          </g>
        ));
      })}
    </>
  );
}

/** The two front corners of the chosen lift, gripped on their own at the ends of its edge. */
function CornerHandles({ frame, chosen }: { frame: Frame; chosen: string }) {
  const say = useSay();
  const system = useUnits();
  const figures = useFigures();
  const { habitat, derived, edit } = useOpen();
  const nameOfLayer = useLayerNames(habitat);
  const layer = habitat.strata.layers.find((other) => other.id === chosen);
  const level = derived.ground.levels.find((other) => other.layerId === chosen);
  if (layer?.kind !== "soil" || !level || frame.view !== "front") return null;
  const patch = derived.ground.terrain.patches.find((other) => other.layer.id === chosen);
  if (!patch) return null;
  const { left, right } = patch.frame;
  return (["frontLeftCm", "frontRightCm"] as const).map((corner) => {
    const bottomCm = level.bottom.frontCm;
    const topCm = bottomCm + layer.corners[corner];
    return (
      <Handle
        key={corner}
        x={frame.x(corner === "frontLeftCm" ? left + 1.2 : right - 1.2)}
        y={frame.y(topCm)}
        pxPerCm={frame.pxPerCm}
        valueCm={topCm}
        leastCm={bottomCm + LIMITS.layerCm.min}
        mostCm={Math.max(frame.heightCm, topCm)}
        stepCm={stepOf("length", system)}
        label={say("strata:handle", {
          name: say("strata:cornerOf", { name: nameOfLayer(chosen), corner: say(`strata:corners.${corner}`) }),
        })}
        valueText={figures.printed(topCm, "length")}
        onMove={(toCm, gesture) =>
          edit(
            [
              {
                name: "setCorners",
                args: { layerId: chosen, [corner]: Math.max(LIMITS.layerCm.min, toCm - bottomCm) },
              },
            ],
            gesture,
          )
        }
      />
    );
  });
}

/** The edit that lays a layer so deep where it is gripped. */
function depthCommand({ id, kind }: Layer, { where }: Edge, depthCm: number): Command {
  if (kind !== "soil") return { name: "setDepth", args: { layerId: id, depthCm } };
  return { name: "setSoil", args: { layerId: id, [where === "back" ? "backCm" : "frontCm"]: depthCm } };
}

type Edge = { where: "all" | "front" | "back"; x: number; topCm: number; bottomCm: number };

/**
 * Where a layer is gripped: soil at the front, and from the side at the back too; the rest anywhere along its level
 * edge.
 */
function edgesOf(layer: Layer, level: Level, frame: Frame, at: number): Edge[] {
  const front = { topCm: level.top.frontCm, bottomCm: level.bottom.frontCm };
  const back = { topCm: level.top.backCm, bottomCm: level.bottom.backCm };
  // Side by side, so that thin layers on a small screen keep grips that do not cover one another; those of a part of
  // the floor stand on it.
  const spread = frame.x(
    layer.over.on === "floor"
      ? frame.acrossCm * (0.23 + 0.18 * (at % 4))
      : frame.view === "front"
        ? level.middle.xCm
        : frame.acrossCm * 0.5,
  );
  if (layer.kind === "soil") {
    if (frame.view === "front") return [{ where: "front", x: spread, ...front }];
    return [
      { where: "front", x: frame.x(frame.acrossCm * 0.06), ...front },
      { where: "back", x: frame.x(frame.acrossCm * 0.94), ...back },
    ];
  }
  if (frame.view === "front") return [{ where: "all", x: spread, ...front }];
  // From the side a level layer may lie on a slope; it is gripped in the middle.
  return [
    {
      where: "all",
      x: frame.x(frame.depthCm / 2),
      topCm: (level.top.frontCm + level.top.backCm) / 2,
      bottomCm: (level.bottom.frontCm + level.bottom.backCm) / 2,
    },
  ];
}

/** Tag colours stand under white figures, so pale materials are darkened. */
function tagColor(layer: Layer, habitat: Pick<Design, "mixes">, library: Library): string {
  const hex = groundColor(materialOf(layer, habitat, library));
  const [r = 0, g = 0, b = 0] = [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16));
  const luminance = (0.299 * r + 0.587 * g + 0.114 * b) / 255;
  const dim = luminance > 0.38 ? 0.38 / luminance : 1;
  return `rgb(${Math.round(r * dim)} ${Math.round(g * dim)} ${Math.round(b * dim)})`;
}
