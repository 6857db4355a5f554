"use client";

import dynamic from "next/dynamic";
import { useState } from "react";
import { takeIn } from "@/store";
import { readFile } from "@/workers";
import { FileButton } from "@/ui/parts";
import { sayFileProblem, useSay } from "@/words";
import type { Notice } from "./notice";

const ImportRefused = dynamic(async () => (await import("./ImportRefused")).ImportRefused, { ssr: false });

/** Takes a habitat file in; a bad one is refused with its reason and changes nothing. */
export function ImportButton({ onNotice }: { onNotice: (notice: Notice | undefined) => void }) {
  const say = useSay();
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const take = async (file: File) => {
    const read = await readFile(file, {
      onProgress: (share) => onNotice({ text: say("shelf:importing", { sharePct: share * 100 }) }),
    });
    if (!read.ok) {
      onNotice(undefined);
      return setProblem(sayFileProblem(read.problem, say));
    }
    const how = await takeIn(read.habitat);
    const { name } = read.habitat.design;
    onNotice({ text: say(how === "replaced" ? "shelf:replaced" : "shelf:imported", { name }) });
  };
  return (
    <>
      <FileButton pill label={say("shelf:import")} accept=".json,application/json" onFile={(file) => void take(file)} />
      {problem === undefined ? null : <ImportRefused problem={problem} onClose={() => setProblem(undefined)} />}
    </>
  );
}
