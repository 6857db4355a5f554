"use client";

import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { figuresOf, MATTERS, PERCOLATIONS, TEXTURES, type OwnIngredient } from "@/core/catalog";
import { dropEntry, keepEntry, type OwnShelf } from "@/core/own";
import { putOwn } from "@/store";
import { NumberInput } from "@/ui/measure";
import { plain, Swatch } from "@/ui/section";
import { isWord, sayOwnProblem, useSay, type Say } from "@/words";
import { stockNames } from "./OwnTools";
import css from "./Own.module.css";

/** The schema says what is sane for each field; here only what a number can be at all. */
const ANY_NUMBER = { min: 0, max: 100_000 };

/** Every choice of an ingredient that is a word. */
const CHOICES = { matter: MATTERS, percolation: PERCOLATIONS, soldAs: ["bag", "bale", "gathered"], amphibianSkin: ["fine", "little", "never"] } as const;

/** Sets one figure by its path. @example withFigure({ brick: { waterL: 3 } }, "brick.waterL", 4) */
function withFigure<T extends object>(item: T, path: string, value: number): T {
  const [first = "", ...rest] = path.split(".");
  const inner: unknown = Array.isArray(item) ? item[Number(first)] : (item as Record<string, unknown>)[first];
  const next = rest.length === 0 ? value : withFigure(inner as object, rest.join("."), value);
  return Array.isArray(item) ? (item.map((one, at) => (at === Number(first) ? next : one)) as T) : { ...item, [first]: next };
}

/** A figure that was changed by hand is no longer vouched for by where the copy came from. */
const asOwn = (item: OwnIngredient, path: string): OwnIngredient => ({ ...item, fieldFrom: { ...item.fieldFrom, [path.split(".")[0] ?? path]: { kind: "memory" } } });

const labelOf = (path: string, say: Say): string => {
  const told = path.split(".").map((key) => `figures:${key}`).filter(isWord).map((key) => say(key as "figures:pH")).join(", ");
  return told === "" ? path : told;
};

/** An ingredient of the builder's own: its name, its figures and choices, kept together or not at all. */
export function OwnEntry({ item, own, onGone }: { item: OwnIngredient; own: OwnShelf; onGone: (told: string) => void }) {
  const say = useSay();
  const [draft, setDraft] = useState(item);
  const [told, setTold] = useState<{ text: string; wrong: boolean } | undefined>(undefined);
  const changed = JSON.stringify(draft) !== JSON.stringify(item);
  const change = (next: OwnIngredient) => {
    setDraft(next);
    setTold(undefined);
  };
  const keep = async () => {
    const kept = keepEntry(own, "ingredients", { ...draft, peat: draft.matter === "peat" }, stockNames());
    if (!kept.ok) return setTold({ wrong: true, text: sayOwnProblem(kept.problem, say) });
    await putOwn(kept.shelf);
    setTold({ wrong: false, text: say("library:own.kept") });
  };
  const remove = async () => {
    const { shelf, neededBy } = dropEntry(own, "ingredients", item.id);
    if (neededBy.length > 0) return setTold({ wrong: true, text: say("library:own.needed", { names: neededBy.join(", ") }) });
    await putOwn(shelf);
    onGone(say("library:own.removed", { name: item.name }));
  };
  const word = (key: keyof typeof CHOICES, value: string): string => (key === "matter" ? say(`mix:matters.${value as "coir"}`) : say(`library:options.${value as "bag"}`));
  return (
    <article className={css.entry} aria-label={item.name}>
      <header>
        <Swatch material={plain(draft.look)} width={54} height={54} />
        <TextField label={say("library:own.name")} value={draft.name} onChange={(event) => change({ ...draft, name: event.target.value })} />
      </header>
      <p className={css.note}>{say("library:own.help")}</p>
      <div className={css.grid}>
        {(Object.keys(CHOICES) as (keyof typeof CHOICES)[]).filter((key) => key !== "soldAs" || !draft.brick).map((key) => (
          <label key={key}>
            <span>{say(`library:choices.${key}`)}</span>
            <select value={draft[key]} onChange={(event) => change({ ...draft, [key]: event.target.value })}>
              {CHOICES[key].map((value) => <option key={value} value={value}>{word(key, value)}</option>)}
            </select>
          </label>
        ))}
        <label>
          <span>{say("library:choices.safeToDig")}</span>
          <select
            value={draft.safeToDig ? "yes" : "no"}
            onChange={(event) => {
              const safeToDig = event.target.value === "yes";
              change({ ...draft, safeToDig, cautions: [...draft.cautions.filter((code) => code !== "notToDigIn"), ...(safeToDig ? [] : ["notToDigIn" as const])] });
            }}
          >
            <option value="yes">{say("library:choices.yes")}</option>
            <option value="no">{say("library:choices.no")}</option>
          </select>
        </label>
        <label>
          <span>{say("library:choices.texture")}</span>
          <select value={draft.look.texture} onChange={(event) => change({ ...draft, look: { ...draft.look, texture: TEXTURES.find((one) => one === event.target.value) ?? draft.look.texture } })}>
            {TEXTURES.map((value) => <option key={value} value={value}>{say(`library:options.${value}`)}</option>)}
          </select>
        </label>
        <label>
          <span>{say("library:choices.color")}</span>
          <input type="color" value={draft.look.color} onChange={(event) => change({ ...draft, look: { ...draft.look, color: event.target.value } })} />
        </label>
        {figuresOf(draft).map(({ path, value }) => {
          const label = labelOf(path, say);
          return <label key={path}><span>{label}</span><NumberInput label={label} value={value} limits={ANY_NUMBER} onCommit={(next) => change(asOwn(withFigure(draft, path, next), path))} /></label>;
        })}
      </div>
      <div className={css.row}>
        <Button disabled={!changed} onClick={() => void keep()}>{say("library:own.keep")}</Button>
        <Button variant="outlined" onClick={() => void remove()}>{say("library:own.remove")}</Button>
        <span role={told?.wrong ? "alert" : "status"} className={told?.wrong ? css.wrong : css.note}>{told?.text ?? (changed ? say("library:own.unsaved") : "")}</span>
      </div>
    </article>
  );
}
