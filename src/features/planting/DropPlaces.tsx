"use client";

import { useDroppable } from "@dnd-kit/core";
import { plantFootCm, PLANTING_PLACES, placeNamed, plantFit, type PlantingPlace, type Verdict } from "@/core/living";
import { useOpen } from "@/store";
import type { Frame } from "@/ui/section";
import { useSay } from "@/words";

const COLORS = { good: "var(--moss)", fair: "var(--ink)", misfit: "var(--rust)" } as const;
const SIGNS = { good: "✓", fair: "!", misfit: "✕" } as const;

const LABEL_PX = 33;
const LETTER_PX = 3.5;

type Spotted = { name: PlantingPlace; text: string; half: number; x: number; y: number };

/** Where each place's label stands, from the lowest up: one that would cover another is lifted over it. */
function labelled(wanted: readonly Spotted[]): Spotted[] {
  return wanted
    .toSorted((a, b) => b.y - a.y)
    .reduce<Spotted[]>((set, label) => {
      let { y } = label;
      for (;;) {
        const under = set.find(
          (other) => Math.abs(other.x - label.x) < other.half + label.half + 4 && Math.abs(other.y - y) < LABEL_PX,
        );
        if (!under) return [...set, { ...label, y }];
        y = under.y - LABEL_PX;
      }
    }, []);
}

/** While a plant is dragged: the places of the box, each saying how it would do there. */
export function DropPlaces({ frame, plantId }: { frame: Frame; plantId: string }) {
  const say = useSay();
  const { habitat, derived } = useOpen();
  const plant = derived.library.find("plants", plantId);
  if (!plant) return null;
  const wanted = PLANTING_PLACES.map((name): Spotted => {
    const place = placeNamed(habitat, derived.ground, name);
    const footCm = plantFootCm(habitat, derived.ground, place, plant);
    // From the front, what lies deeper in the box is shown higher, so that places one behind the other can be told
    // apart.
    const deeper =
      place.spot === "wall"
        ? 0.42
        : place.spot === "wood" || place.spot === "hanging"
          ? 0
          : (place.yCm / habitat.shell.depthCm) * 0.3;
    const text = say(`planting:named.${name}`);
    return {
      name,
      text,
      half: text.length * LETTER_PX + 20,
      x: frame.x(place.xCm),
      y: frame.y(Math.min(frame.heightCm * 0.96, footCm + deeper * frame.heightCm)),
    };
  });
  return (
    <g>
      {labelled(wanted).map((label) => (
        <DropPlace
          key={label.name}
          label={label}
          verdict={plantFit(plant, derived, placeNamed(habitat, derived.ground, label.name)).verdict}
        />
      ))}
    </g>
  );
}

function DropPlace({ label: { name, text, half, x, y }, verdict }: { label: Spotted; verdict: Verdict }) {
  const { setNodeRef, isOver } = useDroppable({ id: name });
  return (
    // Where a drop counts is measured without transforms, so the label has none.
    <g>
      <rect
        ref={(node) => setNodeRef(node as unknown as HTMLElement | null)}
        x={x - half}
        y={y - 15}
        width={half * 2}
        height={30}
        rx={15}
        fill={isOver ? "var(--moss-tint)" : "var(--sheet)"}
        stroke={COLORS[verdict]}
        strokeWidth={isOver ? 3 : 1.8}
        opacity={0.96}
      />
      <text x={x} textAnchor="middle" y={y + 4.5} fontSize={12.5} fontWeight={600} fill="var(--ink)">
        <tspan fill={COLORS[verdict]}>{SIGNS[verdict]}</tspan> {text}
      </text>
    </g>
  );
}
