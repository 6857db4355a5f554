"use client";

import "@/words/atWork";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import { useMemo, useState } from "react";
import { OWN_KINDS } from "@/core/catalog";
import {
  BUYABLE,
  BinsSchema,
  buyables,
  withListed,
  withoutThing,
  type Bins as BinsDocument,
  type Buyable,
} from "@/core/supply";
import { chooseUnits, putBins, startOwn, stockNames, useBins, useRead, useWaiting } from "@/store";
import { AppHeader, useNow } from "@/ui/parts";
import { EntryField } from "@/ui/search";
import { useSay, useLibrary } from "@/words";
import { BinRow } from "./BinRow";
import css from "./Bins.module.css";

type Thing = { shelf: Buyable; itemId: string };
const keyOf = ({ shelf, itemId }: Thing): string => `${shelf}/${itemId}`;

/** Every thing in the bins: what is in stock, and the packs it is sold in with the builder's own prices. */
export function Bins() {
  const say = useSay();
  const bins = useBins();
  const ready = useRead(BUYABLE);
  const library = useLibrary();
  const [failed, setFailed] = useState(false);
  const [before, setBefore] = useState<BinsDocument | undefined>(undefined);
  const waiting = useWaiting(useNow());
  const keep = (next: BinsDocument) => {
    putBins(next).then(
      () => setFailed(false),
      () => setFailed(true),
    );
  };
  if (!bins || !ready)
    return (
      <div className={css.page}>
        <AppHeader place="bins" onUnits={chooseUnits} />
      </div>
    );
  const held = new Set([...bins.stock, ...bins.packs, ...(bins.listed ?? [])].map(keyOf));
  const things: readonly Thing[] = buyables(library);
  const shown = things.filter((thing) => held.has(keyOf(thing)));
  return (
    <div className={css.page}>
      <AppHeader place="bins" onUnits={chooseUnits} />
      <main id="work" tabIndex={-1} className={css.main}>
        <div className={css.head}>
          <div>
            <h1>{say("bins:title")}</h1>
            <p>{say("bins:sub")}</p>
          </div>
          <Add things={things} held={held} onAdd={(thing) => keep(withListed(bins, thing))} />
          <Currency key={bins.currency} bins={bins} onKeep={keep} />
        </div>
        {failed ? (
          <p role="alert" className={css.failed}>
            {say("common:notKept")}
          </p>
        ) : null}
        {before ? (
          <p role="status" className={css.taken}>
            {say("bins:taken")}
            <Button
              size="small"
              variant="outlined"
              onClick={() => {
                keep(before);
                setBefore(undefined);
              }}
            >
              {say("bins:putBack")}
            </Button>
          </p>
        ) : null}
        {shown.length === 0 ? <p className={css.empty}>{say("bins:empty")}</p> : null}
        {BUYABLE.map((shelf) => {
          const things = shown.filter((thing) => thing.shelf === shelf);
          if (things.length === 0) return null;
          return (
            <section key={shelf} className={css.shelf} aria-label={say(`build:shelves.${shelf}`)}>
              <h2>{say(`build:shelves.${shelf}`)}</h2>
              <ul>
                {things.map((thing) => (
                  <BinRow
                    key={keyOf(thing)}
                    {...thing}
                    bins={bins}
                    waiting={waiting}
                    onKeep={(next) => {
                      setBefore(undefined);
                      keep(next);
                    }}
                    onTakeOut={() => {
                      setBefore(bins);
                      keep(withoutThing(bins, thing));
                    }}
                  />
                ))}
              </ul>
            </section>
          );
        })}
      </main>
    </div>
  );
}

type AddProps = { things: readonly Thing[]; held: ReadonlySet<string>; onAdd: (thing: Thing) => void };

/** Finds a thing by any of its names and lays it into the bins. */
function Add({ things, held, onAdd }: AddProps) {
  const say = useSay();
  const library = useLibrary();
  const free = useMemo(
    () =>
      things
        .filter((thing) => !held.has(keyOf(thing)))
        .map(({ shelf, itemId }) => {
          const entry: object = library.get(shelf, itemId);
          return { ...entry, id: itemId, shelf };
        }),
    // What is held follows from the number of things that are.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [things, held.size, library],
  );
  return (
    <EntryField
      items={free}
      kindOf={({ shelf }) => shelf}
      groupOf={({ shelf }) => say(`build:shelves.${shelf}`)}
      label={say("bins:add")}
      placeholder={say("bins:addHelp")}
      onChange={({ shelf, id }) => onAdd({ shelf, itemId: id })}
      onOwn={({ shelf, id }, name) => {
        const kind = OWN_KINDS.find((own) => own === shelf);
        if (!kind) return onAdd({ shelf, itemId: id });
        void startOwn(kind, id, name, library, stockNames(kind, say.nameOf)).then((started) => {
          if (started) onAdd({ shelf, itemId: started.id });
        });
      }}
    />
  );
}

/** The currency of all prices, three letters. */
function Currency({ bins, onKeep }: { bins: BinsDocument; onKeep: (bins: BinsDocument) => void }) {
  const say = useSay();
  const [text, setText] = useState(bins.currency);
  const read = BinsSchema.shape.currency.safeParse(text.trim().toUpperCase());
  return (
    <TextField
      label={say("bins:currency")}
      value={text}
      error={!read.success}
      helperText={read.success ? undefined : say("bins:currencyWrong")}
      onChange={(event) => {
        setText(event.target.value);
        const next = BinsSchema.shape.currency.safeParse(event.target.value.trim().toUpperCase());
        if (next.success) onKeep({ ...bins, currency: next.data });
      }}
      slotProps={{ htmlInput: { maxLength: 3, autoComplete: "off" } }}
    />
  );
}
