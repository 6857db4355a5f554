"use client";

import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { LIMITS, type Design } from "@/core/habitat";
import { EventSchema, OFFSPRING, SIGHTINGS, TAKEN, type Told } from "@/core/log";
import { useOpen, useToday } from "@/store";
import { MeasureField } from "@/ui/measure";
import { isWord, useSay, type Say } from "@/words";
import css from "./Keeping.module.css";

/** What is asked of each kind of event, in the order it is asked. */
const ASKED = {
  fed: ["individualId", "food", "count", "taken", "calcium", "vitamins", "apart"],
  shed: ["individualId", "whole"],
  weighed: ["individualId", "mass", "length"],
  saw: ["sighting", "text"],
  changed: ["text"],
  health: ["individualId", "text", "vet"],
  bred: ["offspring", "count"],
  grew: ["standId", "height"],
  counted: ["crewId", "count"],
  spent: ["amount", "text"],
  left: ["individualId", "how", "count", "text"],
} as const;
type Kind = keyof typeof ASKED;
export const EVENT_FORMS = Object.keys(ASKED) as Kind[];

/** What was filled in so far; measures in base units. */
type Draft = {
  individualId: string;
  food: string;
  count: string;
  taken: (typeof TAKEN)[number];
  calcium: boolean;
  vitamins: boolean;
  apart: boolean;
  whole: boolean;
  mass: number | undefined;
  length: number | undefined;
  height: number | undefined;
  sighting: (typeof SIGHTINGS)[number];
  offspring: (typeof OFFSPRING)[number];
  how: "died" | "rehomed";
  text: string;
  vet: boolean;
  standId: string;
  crewId: string;
  amount: string;
};
type Field = keyof Draft;

const G_PER_KG = 1000;

const countIn = (text: string): { count?: number } => (text.trim() === "" ? {} : { count: Number(text) });
const whoIn = ({ individualId }: Draft): { individualId?: string } => (individualId === "" ? {} : { individualId });

/** The event a draft tells, not looked at yet. */
const TOLD: Record<Kind, (draft: Draft) => object> = {
  fed: (draft) => ({
    ...whoIn(draft),
    ...countIn(draft.count),
    food: draft.food,
    dusted: [...(draft.calcium ? ["calcium"] : []), ...(draft.vitamins ? ["vitamins"] : [])],
    taken: draft.taken,
    apart: draft.apart,
  }),
  shed: (draft) => ({ ...whoIn(draft), whole: draft.whole }),
  weighed: (draft) => ({
    ...whoIn(draft),
    massG: draft.mass === undefined ? undefined : draft.mass * G_PER_KG,
    ...(draft.length === undefined ? {} : { lengthCm: draft.length }),
  }),
  saw: ({ sighting, text }) => ({ what: sighting, text }),
  changed: ({ text }) => ({ text }),
  health: (draft) => ({ ...whoIn(draft), text: draft.text, vet: draft.vet }),
  bred: ({ offspring, count }) => ({ what: offspring, count: Number(count || "1") }),
  grew: ({ standId, height }) => ({ standId, heightCm: height }),
  counted: ({ crewId, count }) => ({ crewId, count: count.trim() === "" ? undefined : Number(count) }),
  spent: ({ amount, text }) => ({ amount: amount.trim() === "" ? undefined : Number(amount.replace(",", ".")), text }),
  left: (draft) => ({ ...whoIn(draft), how: draft.how, count: Number(draft.count || "1"), text: draft.text }),
};

const emptyDraft = ({ plants, crew, individuals, brief }: Design, foods: readonly string[]): Draft => ({
  // One animal that has a name is who is meant.
  individualId: brief.count === 1 && individuals.length === 1 ? (individuals[0]?.id ?? "") : "",
  food: foods[0] ?? "insects",
  count: "",
  taken: "all",
  calcium: false,
  vitamins: false,
  apart: false,
  whole: true,
  mass: undefined,
  length: undefined,
  height: undefined,
  sighting: "mould",
  offspring: "laid",
  how: "died",
  text: "",
  vet: false,
  standId: plants[0]?.id ?? "",
  crewId: crew[0]?.crewId ?? "",
  amount: "",
});

/** The field a refusal is about, by what the event calls it. */
function fieldSaid(path: string, say: Say): string {
  const key = `journal:fields.${{ massG: "mass", lengthCm: "length", heightCm: "height" }[path] ?? path}`;
  return say("journal:refusedField", { field: isWord(key) ? say(key) : path });
}

/** One event written down, on today or a day before. */
export function EventForm({ kind }: { kind: Kind }) {
  const say = useSay();
  const today = useToday();
  const { habitat, derived, act } = useOpen();
  const { foods } = derived.animal.food;
  const [draft, setDraft] = useState<Draft>(() => emptyDraft(habitat, foods));
  const [on, setOn] = useState("");
  const [said, setSaid] = useState<{ text: string; wrong: boolean }>();
  const set = (to: Partial<Draft>) => setDraft((before) => ({ ...before, ...to }));
  const write = () => {
    const told = { kind, on: on || today, ...TOLD[kind](draft) };
    const read = EventSchema.safeParse({ ...told, id: "draft", at: new Date().toISOString() });
    if (!read.success)
      return setSaid({ text: fieldSaid(String(read.error.issues[0]?.path[0] ?? ""), say), wrong: true });
    act([told as Told]);
    setDraft(emptyDraft(habitat, foods));
    return setSaid({ text: say("journal:note.written"), wrong: false });
  };
  return (
    <form
      className={css.form}
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        write();
      }}
    >
      <div className={css.comes}>
        {ASKED[kind].map((field) => (
          <OneField key={field} field={field} draft={draft} set={set} kind={kind} />
        ))}
        <label>
          <span>{say("journal:fields.on")}</span>
          <input type="date" max={today} value={on || today} onChange={({ target }) => setOn(target.value)} />
        </label>
      </div>
      <Button type="submit">{say("journal:note.write")}</Button>
      <p role="status" className={css.said} data-wrong={said?.wrong}>
        {said?.text ?? (kind === "health" ? say("journal:said.askVet") : " ")}
      </p>
    </form>
  );
}

type FieldProps = { field: Field; draft: Draft; set: (to: Partial<Draft>) => void; kind: Kind };

const CHECKED: readonly Field[] = ["calcium", "vitamins", "apart", "whole", "vet"];
const MEASURED: Partial<Record<Field, "smallMass" | "length">> = {
  mass: "smallMass",
  length: "length",
  height: "length",
};

function OneField(props: FieldProps) {
  const { field, draft, set } = props;
  const say = useSay();
  const measured = MEASURED[field];
  if (CHECKED.includes(field))
    return (
      <label className={css.tickLine}>
        <input
          type="checkbox"
          checked={draft[field] === true}
          onChange={({ target }) => set({ [field]: target.checked })}
        />
        {say(`journal:fields.${field as "calcium"}`)}
      </label>
    );
  if (measured !== undefined)
    return (
      <MeasureField
        label={say(`journal:fields.${field as "mass"}`)}
        kind={measured}
        value={draft[field] as number | undefined}
        limits={
          measured === "length" ? LIMITS.boxCm : { min: LIMITS.massG.min / G_PER_KG, max: LIMITS.massG.max / G_PER_KG }
        }
        onCommit={(value) => set({ [field]: value })}
        onClear={() => set({ [field]: undefined })}
      />
    );
  if (field === "text")
    return (
      <TextField
        size="small"
        fullWidth
        multiline
        label={say("journal:fields.text")}
        value={draft.text}
        onChange={({ target }) => set({ text: target.value })}
        slotProps={{ htmlInput: { maxLength: LIMITS.noteLength.max } }}
      />
    );
  if (field === "count" || field === "amount")
    return (
      <label>
        <span>{say(`journal:fields.${field}`)}</span>
        <input inputMode="decimal" value={draft[field]} onChange={({ target }) => set({ [field]: target.value })} />
      </label>
    );
  return <ChoiceField {...props} />;
}

/** The choices of a field, with what each is called; none where there is nothing to choose. */
function useChoices(field: Field): { label: string; options: [value: string, text: string][] } {
  const say = useSay();
  const { habitat, derived } = useOpen();
  switch (field) {
    case "individualId": {
      const each = habitat.individuals.map(({ id, name }): [string, string] => [id, name]);
      const options: [string, string][] = each.length === 0 ? [] : [["", say("journal:fields.all")], ...each];
      return { label: say("journal:fields.individualId"), options };
    }
    case "food": {
      const { foods } = derived.animal.food;
      return {
        label: say("journal:fields.food"),
        options: foods.map((food) => [food, say(`library:values.foods.${food}`)]),
      };
    }
    case "taken":
      return { label: say("journal:fields.taken"), options: TAKEN.map((one) => [one, say(`journal:taken.${one}`)]) };
    case "sighting":
      return { label: say("journal:fields.what"), options: SIGHTINGS.map((one) => [one, say(`journal:what.${one}`)]) };
    case "offspring":
      return { label: say("journal:fields.what"), options: OFFSPRING.map((one) => [one, say(`journal:what.${one}`)]) };
    case "how":
      return {
        label: say("journal:fields.how"),
        options: (["died", "rehomed"] as const).map((one) => [one, say(`journal:what.${one}`)]),
      };
    case "standId":
      return {
        label: say("journal:fields.standId"),
        options: habitat.plants.map(({ id, plantId }) => [id, say.nameOf("plants", plantId)]),
      };
    default:
      return {
        label: say("journal:fields.crewId"),
        options: habitat.crew.map(({ crewId }) => [crewId, say.nameOf("crew", crewId)]),
      };
  }
}

function ChoiceField({ field, draft, set }: FieldProps) {
  const { label, options } = useChoices(field);
  if (options.length === 0) return null;
  return (
    <label>
      <span>{label}</span>
      <select value={String(draft[field] ?? "")} onChange={({ target }) => set({ [field]: target.value })}>
        {options.map(([value, text]) => (
          <option key={value} value={value}>
            {text}
          </option>
        ))}
      </select>
    </label>
  );
}
