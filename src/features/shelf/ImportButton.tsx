"use client";

import dynamic from "next/dynamic";
import { useState } from "react";
import type { Habitat } from "@/core/log";
import { metBefore, putHabitats, takeIn } from "@/store";
import { FileButton } from "@/ui/parts";
import { sayFileProblem, sayNotKept, useSay } from "@/words";
import type { Notice } from "./notice";

const ImportRefused = dynamic(async () => (await import("./ImportRefused")).ImportRefused, { ssr: false });
const ImportAsk = dynamic(async () => (await import("./ImportAsk")).ImportAsk, { ssr: false });

/** Takes a habitat file in; a bad one is refused with its reason and changes nothing, one that stands here is asked of. */
export function ImportButton({ onNotice }: { onNotice: (notice: Notice | undefined) => void }) {
  const say = useSay();
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const [asked, setAsked] = useState<{ habitat: Habitat; name: string } | undefined>(undefined);
  /** A file that reads well but is not kept is told too, and changes nothing. */
  const notKept = (error: unknown) => {
    onNotice(undefined);
    setProblem(sayNotKept(error, say));
  };
  const put = async (habitat: Habitat, how: "replace" | "keepBoth") => {
    const { before } = await takeIn(habitat, how);
    const { name } = habitat.design;
    onNotice(
      before
        ? { text: say("shelf:replaced", { name }), undo: () => void putHabitats([before]) }
        : { text: say("shelf:imported", { name }) },
    );
  };
  const take = async (file: File) => {
    const { readFile } = await import("@/workers/files");
    const read = await readFile(file, {
      onProgress: (share) => onNotice({ text: say("shelf:importing", { sharePct: share * 100 }) }),
    });
    if (!read.ok) {
      onNotice(undefined);
      return setProblem(sayFileProblem(read.problem, say));
    }
    const { habitat } = read;
    const met = await metBefore(habitat);
    if (met.kind === "same") return onNotice({ text: say("shelf:same", { name: habitat.design.name }) });
    if (met.kind !== "other") return put(habitat, "replace");
    onNotice(undefined);
    setAsked({ habitat, name: met.name });
  };
  return (
    <>
      <FileButton
        pill
        label={say("shelf:import")}
        accept=".json,application/json"
        onFile={(file) => void take(file).catch(notKept)}
      />
      {problem === undefined ? null : <ImportRefused problem={problem} onClose={() => setProblem(undefined)} />}
      {asked ? (
        <ImportAsk
          name={asked.name}
          onAnswer={(how) => {
            setAsked(undefined);
            if (how) void put(asked.habitat, how).catch(notKept);
          }}
        />
      ) : null}
    </>
  );
}
