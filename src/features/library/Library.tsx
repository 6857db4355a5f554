"use client";

import "@/words/atWork";
import Button from "@mui/material/Button";
import { useSearchParams } from "next/navigation";
import { useMemo, useState } from "react";
import { CHUNKED_KINDS, type CatalogKind, type OwnKind } from "@/core/catalog";
import { EMPTY_SHELF, type OwnShelf } from "@/core/own";
import { chooseUnits, startOwn, stockNames, useOwn, useRead } from "@/store";
import { AppHeader, Pills } from "@/ui/parts";
import { Nearest } from "@/ui/search";
import { capital, useFigures, useLibrary, useSay } from "@/words";
import { CheckFirstStrip } from "./CheckFirst";
import { CompareEntries } from "./CompareEntries";
import { ownKindOf, type Shown } from "./entries";
import { Entry } from "./Entry";
import { EntryList } from "./EntryList";
import { Filters } from "./Filters";
import css from "./Library.module.css";
import { OwnForm } from "./OwnForm";
import { OwnTools } from "./OwnTools";
import { countShares, SHELVES } from "./shares";
import { useCheckFirst, type Decided } from "./useCheckFirst";
import { ANYTHING, useShown } from "./useShown";

const MOST_COMPARED = 4;

/** The entry the address asks for: `/library?kind=animals&id=crestedGecko`. */
function askedFor(asked: URLSearchParams): { kind: CatalogKind; id: string } | undefined {
  const kind = SHELVES.find((one) => one === asked.get("kind"));
  return kind && { kind, id: asked.get("id") ?? "" };
}

/** The entry that is looked at: the one chosen, else the first that Rincon comes with. */
const lookedAt = (shown: readonly Shown[], chosen: string | undefined, ownIds: ReadonlySet<string>) =>
  shown.find(({ id }) => id === chosen) ?? shown.find(({ id }) => !ownIds.has(id)) ?? shown[0];

/**
 * Every catalogue entry with its figures and where each comes from: searched, filtered, compared, copied and changed.
 */
export function Library() {
  const say = useSay();
  const ready = useRead(CHUNKED_KINDS);
  if (ready) return <Shelves />;
  return (
    <div className={css.page}>
      <AppHeader place="library" onUnits={chooseUnits} />
      <main id="work" className={css.main}>
        <h1>{say("library:title")}</h1>
        <p role="status">{say("common:loading")}</p>
      </main>
    </div>
  );
}

function Shelves() {
  const say = useSay();
  const shares = useMemo(() => countShares(), []);
  const figures = useFigures();
  const own = useOwn() ?? EMPTY_SHELF;
  const params = useSearchParams();
  const [asked] = useState(() => askedFor(params));
  const [kind, setKind] = useState<CatalogKind>(asked?.kind ?? "animals");
  const [sought, setSought] = useState(ANYTHING);
  const [chosen, setChosen] = useState<string | undefined>(asked?.id);
  const [goneTo, setGoneTo] = useState<string | undefined>(asked?.id);
  const [picked, setPicked] = useState<readonly string[]>([]);
  const [comparing, setComparing] = useState(false);
  const [told, setTold] = useState("");
  const { entries, shown, nearest } = useShown(kind, sought);
  const mine = ownKindOf(kind);
  const ownIds = new Set(mine ? own[mine].map(({ id }) => id) : []);
  const compared = picked.flatMap((id) => entries.find((one) => one.id === id) ?? []);

  const pick = (ids: readonly string[]) => {
    setPicked(ids);
    if (ids.length === 0) setComparing(false);
  };
  const decided = useCheckFirst();
  const here = decided.filter((figure) => figure.kind === kind);

  const goTo = (next: CatalogKind, id?: string) => {
    setKind(next);
    setSought(id === undefined ? { ...sought, subKind: ANYTHING.subKind, climate: ANYTHING.climate } : ANYTHING);
    setChosen(id);
    setGoneTo(id);
    pick([]);
    setTold("");
  };
  return (
    <div className={css.page}>
      <AppHeader place="library" onUnits={chooseUnits} />
      <main id="work" className={css.main}>
        <div className={css.head}>
          <div>
            <h1>{say("library:title")}</h1>
            <p>{say("library:sub")}</p>
            <p className={css.shares}>
              {say("library:shares", {
                total: figures.number(shares.total, 0),
                published: figures.number(shares.published, 0),
                practice: figures.number(shares.practice, 0),
                memory: figures.number(shares.memory, 0),
              })}
            </p>
          </div>
          {mine ? <OwnTools kind={mine} own={own} /> : null}
        </div>
        <div className={css.shelves}>
          <Pills
            label={say("library:which")}
            value={kind}
            options={SHELVES.map((value) => ({ value, text: say(`library:kinds.${value}`) }))}
            onChange={(next) => goTo(next)}
          />
        </div>
        <CheckFirstStrip decided={decided} onGo={goTo} />
        <div className={css.filters}>
          <Filters kind={kind} entries={entries} sought={sought} onChange={setSought} />
          <span className={css.count} role="status">
            {say("library:count", { count: shown.length })}
          </span>
          {picked.length > 0 ? (
            <span className={css.compareBar}>
              <Button size="small" disabled={picked.length < 2} onClick={() => setComparing(true)}>
                {say("library:compare.go", { count: picked.length })}
              </Button>
              <Button size="small" variant="text" onClick={() => pick([])}>
                {say("library:compare.clear")}
              </Button>
            </span>
          ) : null}
        </div>
        <NothingFound
          kind={kind}
          typed={sought.text}
          nearest={shown.length === 0 ? nearest : []}
          onFind={(text) => setSought({ ...ANYTHING, text })}
          onStarted={(id) => goTo(kind, id)}
        />
        {told === "" ? null : (
          <p role="status" className={css.toldGone}>
            {told}
          </p>
        )}
        {comparing && compared.length > 1 ? (
          <CompareEntries kind={kind} entries={compared} onBack={() => setComparing(false)} />
        ) : (
          <div className={css.split}>
            <EntryList
              kind={kind}
              entries={shown}
              ownIds={ownIds}
              chosen={lookedAt(shown, chosen, ownIds)?.id}
              goneTo={goneTo}
              picked={picked}
              first={new Set(here.map(({ id }) => id))}
              full={picked.length >= MOST_COMPARED}
              onChoose={setChosen}
              onPick={(id) => pick(picked.includes(id) ? picked.filter((other) => other !== id) : [...picked, id])}
            />
            <Looked
              kind={kind}
              entry={lookedAt(shown, chosen, ownIds)}
              own={own}
              decided={here}
              onCopied={setChosen}
              onGone={(text) => {
                setTold(text);
                setChosen(undefined);
              }}
            />
          </div>
        )}
      </main>
    </div>
  );
}

type NothingFoundProps = {
  kind: CatalogKind;
  typed: string;
  nearest: readonly string[];
  onFind: (name: string) => void;
  onStarted: (id: string) => void;
};

/** The nearest names where none is what was typed, and an entry of one's own to be started from the first of them. */
function NothingFound({ kind, typed, nearest, onFind, onStarted }: NothingFoundProps) {
  const say = useSay();
  const library = useLibrary();
  const mine = ownKindOf(kind);
  const start = async (to: OwnKind, fromId: string, name: string) => {
    const started = await startOwn(to, fromId, name, library, stockNames(to, say.nameOf));
    if (started) onStarted(started.id);
  };
  if (nearest.length === 0) return null;
  return (
    <Nearest
      kind={kind}
      typed={typed}
      nearest={nearest}
      onFind={onFind}
      onOwn={mine ? (fromId, name) => void start(mine, fromId, name) : undefined}
    />
  );
}

/** The entry that is looked at: figures to read, or one's own to change. */
function Looked({
  kind,
  entry,
  own,
  decided,
  onCopied,
  onGone,
}: {
  kind: CatalogKind;
  entry: Shown | undefined;
  own: OwnShelf;
  decided: readonly Decided[];
  onCopied: (id: string) => void;
  onGone: (text: string) => void;
}) {
  const say = useSay();
  const library = useLibrary();
  const mine = ownKindOf(kind);
  if (!entry) return <p className={css.none}>{say("library:choose")}</p>;
  const ownEntry = mine && own[mine].find(({ id }) => id === entry.id);
  if (mine && ownEntry) return <OwnForm key={ownEntry.id} kind={mine} item={ownEntry} own={own} onGone={onGone} />;
  const copy = async () => {
    if (!mine) return;
    const name = say("library:own.copyName", { name: capital(say.nameOf(mine, entry.id)) });
    const started = await startOwn(mine, entry.id, name, library, stockNames(mine, say.nameOf));
    if (started) onCopied(started.id);
  };
  const ofThis = decided.filter(({ id }) => id === entry.id);
  return <Entry kind={kind} entry={entry} decided={ofThis} onCopy={mine ? () => void copy() : undefined} />;
}
