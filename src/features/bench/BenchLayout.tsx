"use client";

import "@/words/atWork";
import { usePathname } from "next/navigation";
import { useEffect, useMemo, type ReactNode } from "react";
import { fileOnScreen, useDeviceLibrary, useSession } from "@/store";
import { saveFile } from "@/ui/files";
import { Boundary } from "@/ui/parts";
import { LibraryProvider } from "@/words";
import css from "./BenchLayout.module.css";
import { BenchHeader } from "./BenchHeader";
import { FindingsBar } from "./advice/FindingsBar";
import { KeysHelp } from "./KeysHelp";
import { NoHabitat } from "./NoHabitat";
import { Refused } from "./Refused";
import { Spine } from "./Spine";
import { StartedOwn } from "./StartedOwn";
import { useBenchKeys } from "./useBenchKeys";
import { useBenchTitle } from "./useBenchTitle";

/** The bench: spine on the left, findings along the bottom, the step in between. */
export function BenchLayout({ id, children }: { id: string; children: ReactNode }) {
  const open = useSession((session) => session.open);
  const ready = useSession((session) => session.history?.present.id === id);
  const problem = useSession((session) => session.problem);
  const present = useSession((session) => session.history?.present);
  const path = usePathname();
  // What broke is drawn again on another step, and once the habitat is another than the one it broke over.
  const again = useMemo(() => ({ path, present }), [path, present]);
  const deviceLibrary = useDeviceLibrary();
  const library = useSession((session) => session.derived?.library) ?? deviceLibrary;
  const { helpOpen, setHelpOpen } = useBenchKeys(id);
  useBenchTitle();

  useEffect(() => {
    void open(id);
  }, [id, open]);

  useEffect(() => {
    useSession.getState().useLibrary(deviceLibrary);
  }, [deviceLibrary]);

  if (problem) return <NoHabitat problem={problem} />;
  return (
    <LibraryProvider library={library}>
      <div className={css.bench}>
        <BenchHeader id={id} ready={ready} />
        <Spine id={id} ready={ready} />
        {ready ? (
          <Boundary again={again} onSave={() => void fileOnScreen().then(saveFile)}>
            {children}
          </Boundary>
        ) : (
          <main className={css.waiting} aria-busy />
        )}
        <FindingsBar id={id} ready={ready} />
        <KeysHelp open={helpOpen} onClose={() => setHelpOpen(false)} />
        <Refused />
        <StartedOwn />
      </div>
    </LibraryProvider>
  );
}
