"use client";

import { DndContext, pointerWithin, PointerSensor, useSensor, useSensors, type DragEndEvent } from "@dnd-kit/core";
import { useState } from "react";
import { PLANTING_PLACES } from "@/core/living";
import { useOpen } from "@/store";
import { LedgerHead, Pills, WishedNote, Workbench } from "@/ui/parts";
import { BenchSection, type View } from "@/ui/section";
import { useSay } from "@/words";
import { Candidates } from "./Candidates";
import { DropPlaces } from "./DropPlaces";
import { PalettePart } from "./PalettePart";
import { PlantGrips } from "./PlantGrips";
import { Standing } from "./Standing";
import { usePlanting } from "./usePlanting";
import { WorkPart } from "./WorkPart";

const PANELS = ["standing", "candidates", "palette", "work"] as const;
type Panel = (typeof PANELS)[number];
const AGES = ["0", "3", "6", "12"] as const;
type Age = (typeof AGES)[number];
const DRAG_FROM_PX = 6;

/**
 * Plants judged at their place, drawn at an age; candidates are dragged in, a palette is proposed, the work is listed.
 */
export function PlantingStep() {
  const say = useSay();
  const { habitat, derived } = useOpen();
  const [view, setView] = useState<View>("front");
  const [chosen, setChosen] = useState<string | undefined>(undefined);
  const [panel, setPanel] = useState<Panel>(habitat.plants.length > 0 ? "standing" : "candidates");
  const [age, setAge] = useState<Age>("12");
  const [dragged, setDragged] = useState<string | undefined>(undefined);
  const { add } = usePlanting(setChosen);
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: DRAG_FROM_PX } }));
  const drop = ({ active, over }: DragEndEvent) => {
    setDragged(undefined);
    const place = PLANTING_PLACES.find((name) => name === over?.id);
    if (place) add(String(active.id), place);
  };
  const months = Number(age);
  return (
    <DndContext
      collisionDetection={pointerWithin}
      sensors={sensors}
      onDragStart={({ active }) => {
        setDragged(String(active.id));
        setView("front");
      }}
      onDragEnd={drop}
      onDragCancel={() => setDragged(undefined)}
    >
      <Workbench
        label={say("steps:ledger")}
        middle={
          <BenchSection
            habitat={habitat}
            ground={derived.ground}
            view={view}
            onView={setView}
            months={months}
            toolbar={
              <Pills
                label={say("planting:age.label")}
                value={age}
                onChange={setAge}
                options={AGES.map((value) => ({ value, text: say(`planting:age.${value}`) }))}
              />
            }
            overlay={(frame) =>
              dragged ? (
                <DropPlaces frame={frame} plantId={dragged} />
              ) : (
                <PlantGrips frame={frame} months={months} chosen={chosen} onChoose={setChosen} />
              )
            }
          />
        }
        ledger={
          <>
            <LedgerHead title={say("planting:title")} sub={say("planting:sub")} />
            <WishedNote climate={derived.climate} animalId={derived.animal.id} />
            <Pills
              label={say("planting:panels.label")}
              value={panel}
              onChange={setPanel}
              options={PANELS.map((value) => ({ value, text: say(`planting:panels.${value}`) }))}
            />
            {panel === "standing" ? <Standing chosen={chosen} onChoose={setChosen} /> : null}
            {panel === "candidates" ? <Candidates onAdd={add} /> : null}
            {panel === "palette" ? <PalettePart onPlanted={() => setPanel("standing")} /> : null}
            {panel === "work" ? <WorkPart /> : null}
          </>
        }
      />
    </DndContext>
  );
}
