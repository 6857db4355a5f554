"use client";

import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { figuresOf, TEXTURES } from "@/core/catalog";
import type { OwnEntry, OwnKind } from "@/core/catalog";
import { dropEntry, keepEntry, restored, type OwnShelf } from "@/core/own";
import { putOwn, stockNames } from "@/store";
import { MeasureField, NumberInput } from "@/ui/measure";
import { plain, Swatch } from "@/ui/section";
import { isWord, sayNotKept, sayOwnProblem, useSay, type Say } from "@/words";
import { alike, CHOICES, chosenAt, withChoice, withFigure } from "./change";
import css from "./Own.module.css";
import { measureAt } from "./measureAt";
import { valueAt } from "./path";
import { choiceWord, wordsAt } from "./traits";

/** The schema says what is sane for each field; here only what a number can be at all. */
const ANY_NUMBER = { min: -50, max: 100_000 };

const labelOf = (path: string, say: Say): string => {
  const told = path
    .split(".")
    .map((key) => `figures:${key}`)
    .filter(isWord)
    .map((key) => say(key as "figures:pH"))
    .join(", ");
  const end = path.endsWith(".0")
    ? ` ${say("library:own.low")}`
    : path.endsWith(".1")
      ? ` ${say("library:own.high")}`
      : "";
  return told === "" ? path : `${told}${end}`;
};

/**
 * An entry of the builder's own: its name, its choices and its figures, kept together or not at all; a copy can go back
 * to what it was copied from.
 */
export function OwnForm({
  kind,
  item,
  own,
  onGone,
}: {
  kind: OwnKind;
  item: OwnEntry;
  own: OwnShelf;
  onGone: (told: string) => void;
}) {
  const say = useSay();
  const [draft, setDraft] = useState(item);
  const [told, setTold] = useState<{ text: string; wrong: boolean } | undefined>(undefined);
  const changed = !alike(draft, item);
  const stock = restored(kind, draft);
  const change = (next: OwnEntry) => {
    setDraft(next);
    setTold(undefined);
  };
  const keep = async () => {
    const kept = keepEntry(own, kind, withTidyNames(draft), stockNames(kind, say.nameOf));
    if (!kept.ok) return setTold({ wrong: true, text: sayOwnProblem(kept.problem, say) });
    await putOwn(kept.shelf);
    setTold({ wrong: false, text: say("library:own.kept") });
  };
  const notKept = (error: unknown) => setTold({ wrong: true, text: sayNotKept(error, say) });
  const remove = async () => {
    const { shelf, neededBy } = dropEntry(own, kind, item.id);
    if (neededBy.length > 0)
      return setTold({ wrong: true, text: say("library:own.needed", { names: neededBy.join(", ") }) });
    await putOwn(shelf);
    onGone(say("library:own.removed", { name: item.name }));
  };
  const choices = CHOICES[kind].filter(
    ({ path }) => valueAt(draft, path) !== undefined && !(path === "soldAs" && "brick" in draft && draft.brick),
  );
  return (
    <article className={css.entry} aria-label={item.name}>
      <header>
        {"look" in draft ? <Swatch material={plain(draft.look)} width={54} height={54} /> : null}
        <TextField
          label={say("library:own.name")}
          value={draft.name}
          onChange={(event) => change({ ...draft, name: event.target.value })}
        />
      </header>
      <OtherNames draft={draft} onChange={change} />
      <p className={css.note}>
        {draft.basedOn ? say("library:own.basedOn", { name: say.nameOf(kind, draft.basedOn) }) : ""}{" "}
        {say("library:own.help")}
      </p>
      <div className={css.grid}>
        {choices.map(({ path, values }) => (
          <label key={path}>
            <span>{say(`library:traits.${wordsAt(path)?.label ?? "kind"}`)}</span>
            <select
              value={chosenAt(draft, path)}
              onChange={(event) => change(withChoice(draft, path, event.target.value))}
            >
              {values.map((value) => (
                <option key={value} value={value}>
                  {choiceWord(path, value, say)}
                </option>
              ))}
            </select>
          </label>
        ))}
        {"look" in draft ? (
          <>
            <label>
              <span>{say("library:choices.texture")}</span>
              <select
                value={draft.look.texture}
                onChange={(event) =>
                  change({
                    ...draft,
                    look: {
                      ...draft.look,
                      texture: TEXTURES.find((one) => one === event.target.value) ?? draft.look.texture,
                    },
                  })
                }
              >
                {TEXTURES.map((value) => (
                  <option key={value} value={value}>
                    {say(`library:texture.${value}`)}
                  </option>
                ))}
              </select>
            </label>
            <label>
              <span>{say("library:choices.color")}</span>
              <input
                type="color"
                value={draft.look.color}
                onChange={(event) => change({ ...draft, look: { ...draft.look, color: event.target.value } })}
              />
            </label>
          </>
        ) : null}
        {figuresOf(draft).map(({ path, value }) => (
          <OwnFigure key={path} path={path} value={value} onCommit={(next) => change(withFigure(draft, path, next))} />
        ))}
      </div>
      <div className={css.row}>
        <Button disabled={!changed} onClick={() => void keep().catch(notKept)}>
          {say("library:own.keep")}
        </Button>
        {stock && !alike(stock, draft) ? (
          <Button
            variant="outlined"
            onClick={() => {
              setDraft(stock);
              setTold({ wrong: false, text: say("library:own.restored") });
            }}
          >
            {say("library:own.restore")}
          </Button>
        ) : null}
        <Button variant="outlined" onClick={() => void remove().catch(notKept)}>
          {say("library:own.remove")}
        </Button>
        <span role={told?.wrong ? "alert" : "status"} className={told?.wrong ? css.wrong : css.note}>
          {told?.text ?? (changed ? say("library:own.unsaved") : "")}
        </span>
      </div>
    </article>
  );
}

type FigureProps = { path: string; value: number; onCommit: (value: number) => void };

/** One figure: a measure in the chosen units, or a plain number. */
function OwnFigure({ path, value, onCommit }: FigureProps) {
  const say = useSay();
  const label = labelOf(path, say);
  const measure = measureAt(path);
  if (measure) {
    const { kind, perBase, limits } = measure;
    return (
      <MeasureField
        label={label}
        kind={kind}
        value={value * perBase}
        limits={limits}
        onCommit={(base) => onCommit(base / perBase)}
      />
    );
  }
  return (
    <label>
      <span>{label}</span>
      <NumberInput label={label} value={value} limits={ANY_NUMBER} onCommit={onCommit} />
    </label>
  );
}

const MOST_NAMES = 20;

/** Names without the empty ones a comma leaves. */
const withTidyNames = (entry: OwnEntry): OwnEntry =>
  "synonyms" in entry
    ? { ...entry, synonyms: entry.synonyms.map((name) => name.trim()).filter((name) => name !== "") }
    : entry;

/** Scientific names, of those that have them: the one of today, and others it is found by. */
function OtherNames({ draft, onChange }: { draft: OwnEntry; onChange: (next: OwnEntry) => void }) {
  const say = useSay();
  if (!("scientificName" in draft)) return null;
  const others = (text: string): string[] =>
    text
      .split(",")
      .map((name) => name.trimStart())
      .slice(0, MOST_NAMES);
  return (
    <div className={css.names}>
      <TextField
        label={say("library:own.scientific")}
        value={draft.scientificName}
        onChange={(event) => onChange({ ...draft, scientificName: event.target.value })}
      />
      <TextField
        label={say("library:own.others")}
        helperText={say("library:own.othersHelp")}
        value={draft.synonyms.join(", ")}
        onChange={(event) => onChange({ ...draft, synonyms: others(event.target.value) })}
      />
    </div>
  );
}
