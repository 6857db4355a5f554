"use client";

import { useState } from "react";
import { useOpen } from "@/store";
import { LedgerHead, LedgerPart, Workbench } from "@/ui/parts";
import { BenchSection, type View } from "@/ui/section";
import { useSay } from "@/words";
import { Candidates } from "./Candidates";
import { PlantGrips } from "./PlantGrips";
import { Standing } from "./Standing";

/** Plants ranked for the animal's climate; added ones stand in the section at grown size and can be moved. */
export function PlantingStep() {
  const say = useSay();
  const { habitat, derived } = useOpen();
  const [view, setView] = useState<View>("front");
  const [chosen, setChosen] = useState<string | undefined>(undefined);
  return (
    <Workbench
      label={say("steps:ledger")}
      middle={
        <BenchSection
          habitat={habitat} ground={derived.ground} view={view} onView={setView}
          overlay={(frame) => <PlantGrips frame={frame} chosen={chosen} onChoose={setChosen} />}
        />
      }
      ledger={
        <>
          <LedgerHead title={say("planting:title")} sub={say("planting:sub")} />
          <Standing chosen={chosen} onChoose={setChosen} />
          <LedgerPart title={say("planting:candidates")}>
            <Candidates onAdded={setChosen} />
          </LedgerPart>
        </>
      }
    />
  );
}
