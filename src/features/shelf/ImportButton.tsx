"use client";

import dynamic from "next/dynamic";
import { useState } from "react";
import { FileButton } from "@/ui/parts";
import { sayNotKept, useSay } from "@/words";
import type { Asked } from "./importing";
import type { Notice } from "./notice";

const ImportRefused = dynamic(async () => (await import("./ImportRefused")).ImportRefused, { ssr: false });
const ImportAsk = dynamic(async () => (await import("./ImportAsk")).ImportAsk, { ssr: false });
/** Read when a file was chosen. */
const importing = () => import("./importing");

/** Takes a habitat file in; a bad one is refused with its reason and changes nothing, one that stands here is asked of. */
export function ImportButton({ onNotice }: { onNotice: (notice: Notice | undefined) => void }) {
  const say = useSay();
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const [asked, setAsked] = useState<Asked | undefined>(undefined);
  /** A file that reads well but is not kept is told too, and changes nothing. */
  const notKept = (error: unknown) => {
    onNotice(undefined);
    setProblem(sayNotKept(error, say));
  };
  const take = async (file: File) => {
    const taken = await (await importing()).take(file, say, onNotice);
    if ("notice" in taken) return onNotice(taken.notice);
    onNotice(undefined);
    if ("problem" in taken) setProblem(taken.problem);
    else setAsked(taken.asked);
  };
  const put = async ({ habitat }: Asked, how: "replace" | "keepBoth") =>
    onNotice(await (await importing()).put(habitat, how, say));
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
            if (how) void put(asked, how).catch(notKept);
          }}
        />
      ) : null}
    </>
  );
}
