"use client";

import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import { useState } from "react";
import { guessLayout, LayoutSchema, textIn, type Layout } from "@/core/files/readingTable";
import { readSenml, type TimeUnit } from "@/core/files/senml";
import { useOpen, useSession } from "@/store";
import { FileButton } from "@/ui/parts";
import { useSay, type Say } from "@/words";
import { readTableFile } from "@/workers";
import css from "./FromFile.module.css";
import { FromSenml, type SenmlTold } from "./FromSenml";
import { LayoutFields } from "./LayoutFields";
import { senmlSaid } from "./senmlSaid";

/** A device's file, record by record. */
type AskedSenml = { name: string; told: SenmlTold };
type Asked = { name: string; bytes: Uint8Array<ArrayBuffer>; layout: Layout; rows: string[][] };

/** How a file with the same head was read before. */
const keptKey = (rows: readonly string[][], { headRows }: Layout): string =>
  `rincon.logger.${(rows[headRows - 1] ?? []).join("|").slice(0, 200)}`;

function keptLayout(rows: readonly string[][], guess: Layout): Layout {
  try {
    const kept = LayoutSchema.safeParse(JSON.parse(localStorage.getItem(keptKey(rows, guess)) ?? "null"));
    return kept.success && kept.data.columns.length === guess.columns.length ? kept.data : guess;
  } catch {
    return guess;
  }
}

function keepLayout(rows: readonly string[][], layout: Layout): void {
  try {
    localStorage.setItem(keptKey(rows, layout), JSON.stringify(layout));
  } catch {
    // Next time it is guessed anew.
  }
}

/** Takes a logger's table in: how it is read is guessed, shown, corrected, and remembered for its like. */
export function FromFile() {
  const say = useSay();
  const [asked, setAsked] = useState<Asked | AskedSenml>();
  const [said, setSaid] = useState("");
  const open = async (file: File) => {
    const bytes = new Uint8Array(await file.arrayBuffer());
    const text = textIn(bytes);
    if (/^\s*\[/.test(text)) {
      const readAs = (unit?: TimeUnit) => readSenml(text, file.lastModified, unit);
      const read = readAs();
      setSaid(read.ok ? "" : `${file.name}: ${senmlSaid(read.problem, say)}`);
      return read.ok && setAsked({ name: file.name, told: { ...read, readAs } });
    }
    const { layout, rows } = guessLayout(text);
    if (!layout.columns.some((use) => use?.as === "value"))
      return setSaid(say("journal:file.noReadings", { name: file.name }));
    setSaid("");
    return setAsked({ name: file.name, bytes, layout: keptLayout(rows, layout), rows });
  };
  return (
    <>
      <FileButton
        label={say("journal:file.open")}
        accept=".csv,.txt,.tsv,.json,.senml,text/csv,application/senml+json"
        onFile={(file) => void open(file)}
      />
      <p role="status" className={css.said}>
        {said}
      </p>
      <Dialog
        open={asked !== undefined}
        onClose={() => setAsked(undefined)}
        aria-labelledby="from-file"
        fullWidth
        maxWidth="md"
      >
        <DialogTitle id="from-file">{say("journal:file.title", { name: asked?.name ?? "" })}</DialogTitle>
        {asked && "told" in asked ? (
          <FromSenml
            told={asked.told}
            onDone={(told) => {
              setAsked(undefined);
              setSaid(told);
            }}
          />
        ) : null}
        {asked && "layout" in asked ? (
          <Asking
            asked={asked}
            onLayout={(layout) => setAsked({ ...asked, layout })}
            onDone={(told) => {
              setAsked(undefined);
              setSaid(told);
            }}
          />
        ) : null}
      </Dialog>
    </>
  );
}

type AskingProps = { asked: Asked; onLayout: (layout: Layout) => void; onDone: (said: string) => void };

function Asking({ asked: { bytes, layout, rows }, onLayout, onDone }: AskingProps) {
  const say = useSay();
  const takeIn = useSession((session) => session.takeIn);
  const { timeZone } = useOpen().habitat;
  const [share, setShare] = useState<number>();
  const [stop, setStop] = useState<AbortController>();
  const [failed, setFailed] = useState("");
  const hasTime = layout.columns.some((use) => use !== null && use.as !== "value");
  const hasValue = layout.columns.some((use) => use?.as === "value");
  const take = async () => {
    const abort = new AbortController();
    setStop(abort);
    setShare(0);
    try {
      const read = await readTableFile(
        { bytes: bytes.slice(), layout, zone: timeZone },
        { onProgress: setShare, signal: abort.signal },
      );
      const added = await takeIn(read.blocks);
      keepLayout(rows, layout);
      onDone(sumSaid(read, added, say));
    } catch {
      setShare(undefined);
      setFailed(abort.signal.aborted ? say("journal:file.stopped") : say("journal:file.failed"));
    }
  };
  return (
    <>
      <DialogContent>
        <LayoutFields layout={layout} rows={rows} onLayout={onLayout} />
        <p role="status" className={css.said}>
          {share === undefined ? failed : say("journal:file.reading", { share: `${Math.round(share * 100)}` })}
        </p>
      </DialogContent>
      <DialogActions>
        <Button variant="text" onClick={() => (share === undefined ? onDone("") : stop?.abort())}>
          {share === undefined ? say("journal:file.cancel") : say("journal:file.stop")}
        </Button>
        <Button variant="contained" disabled={!hasTime || !hasValue || share !== undefined} onClick={() => void take()}>
          {say("journal:file.take")}
        </Button>
      </DialogActions>
    </>
  );
}

type Read = Awaited<ReturnType<typeof readTableFile>>;

/** What came in, and which rows did not and why. */
function sumSaid({ rows, bad }: Read, added: number, say: Say): string {
  const first = bad[0];
  const came = say("journal:file.came", { count: added, rows: `${rows}` });
  return first ? `${came} ${say(`journal:file.bad.${first.why}`, { count: bad.length, row: `${first.row}` })}` : came;
}
