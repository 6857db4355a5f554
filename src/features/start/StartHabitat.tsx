"use client";

import "@/words/atWork";
import { zodResolver } from "@hookform/resolvers/zod";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { formatISO } from "date-fns";
import { useRouter } from "next/navigation";
import { useEffect, useMemo, useRef, useState } from "react";
import { useForm, useWatch, type UseFormReturn } from "react-hook-form";
import type { Animal, CatalogKind, Caution } from "@/core/catalog";
import { STARTING_TOPS, startHabitat, type Design, type StartingTop } from "@/core/habitat";
import { readKinds, type Library } from "@/core/library";
import type { UnitSystem } from "@/core/units";
import { suited, usualCount } from "@/core/living";
import { chooseUnits, putDesign, startOwn, stockNames, useRead } from "@/store";
import { AnimalField } from "@/ui/search";
import { AppHeader, Cautions, Pills } from "@/ui/parts";
import { capital, useFigures, useLibrary, useSay, useUnits } from "@/words";
import { Preview } from "./Preview";
import { RoomPreset } from "./RoomPreset";
import css from "./Start.module.css";
import { startSchema, type Started, type StartFields } from "./startSchema";
import { typedBefore } from "./typedBefore";
import { inUnits, mayBeInches, writesInches } from "./units";

/** What a start is worked out from. */
const NEEDED: readonly CatalogKind[] = ["animals", "recipes", "ingredients"];

/** What one should know before one buys an animal. */
const TOLD_AT_ONCE: readonly Caution[] = [
  "protectedSpecies",
  "invasive",
  "toxicSkin",
  "stings",
  "mildVenom",
  "strongVenom",
  "irritantSpray",
  "urticatingHairs",
];

/** Three things decide the rest: who lives in it, the box, the room. The box is drawn as it is typed. */
export function StartHabitat() {
  const say = useSay();
  const library = useLibrary();
  const system = useUnits();
  const figures = useFigures();
  const router = useRouter();
  const ready = useRead(NEEDED);
  const [typed] = useState(typedBefore);
  const [onlyFitting, setOnlyFitting] = useState(false);
  const schema = useMemo(() => startSchema(say, system), [say, system]);
  const form = useForm<StartFields, unknown, Started>({
    resolver: zodResolver(schema),
    mode: "onTouched",
    defaultValues: {
      animalId: "",
      count: "1",
      name: "",
      size: "",
      sill: "0",
      top: "mesh",
      temperature: figures.printed(21, "temperature"),
      humidity: "45 %",
      ...typed.fields,
    },
  });
  const { register, handleSubmit, control, formState } = form;
  const fields = useWatch({ control }) as StartFields;
  const draft = useMemo(() => (ready ? draftOf(schema, fields, library) : undefined), [ready, schema, fields, library]);
  const animal = ready ? library.find("animals", fields.animalId) : undefined;
  const animals = useMemo(() => (ready ? library.all("animals") : []), [ready, library]);
  const fitting = useMemo(
    () =>
      draft && onlyFitting
        ? animals.filter((one) => suited(one, { ...draft, room: draft.brief.room }, library))
        : animals,
    [draft, onlyFitting, animals, library],
  );

  const go = handleSubmit(async (read) => {
    await readKinds(NEEDED);
    const now = new Date();
    const habitat = startHabitat(
      {
        id: crypto.randomUUID(),
        createdAt: now.toISOString(),
        startOn: formatISO(now, { representation: "date" }),
        ...read,
      },
      library,
    );
    await putDesign(habitat);
    router.push(`/h/${habitat.id}/brief`);
  });

  const text = (name: keyof StartFields, label: string, help = "") => ({
    ...register(name),
    label,
    error: formState.errors[name] !== undefined,
    helperText: formState.errors[name]?.message ?? help,
    autoComplete: "off",
    // What stands in a field is never under its name.
    slotProps: { inputLabel: { shrink: true }, htmlInput: { className: "measure" } },
  });
  useToldIn(system, form);
  const takeInches = () => {
    if (!writesInches(fields.size)) form.setValue("size", `${fields.size.trim()} in`);
    chooseUnits("us");
  };
  return (
    <div className={css.page}>
      <AppHeader place="shelf" onUnits={chooseUnits} />
      <main className={css.main}>
        <form
          id="work"
          className={css.form}
          onSubmit={(event) => void go(event)}
          noValidate
          aria-label={say("start:title")}
        >
          <div className={css.head}>
            <h1>{say("start:title")}</h1>
            <span data-units="both">
              <Pills
                label={say("start:units")}
                value={system}
                options={[
                  { value: "metric", text: say("start:cm") },
                  { value: "us", text: say("start:in") },
                ]}
                onChange={chooseUnits}
              />
            </span>
          </div>
          <p>{say("start:sub")}</p>
          <div className={css.two}>
            <AnimalField
              label={say("start:animal")}
              animals={fitting}
              value={ready ? fields.animalId : undefined}
              typed={typed.animal}
              onChange={(animalId) => {
                form.setValue("animalId", animalId, { shouldValidate: true });
                // A number that was typed stays.
                if (!formState.dirtyFields.count)
                  form.setValue("count", String(usualCount(library.get("animals", animalId))));
              }}
              onOwn={(fromId, name) =>
                void startOwn("animals", fromId, name, library, stockNames("animals", say.nameOf)).then(
                  (started) => started && form.setValue("animalId", started.id),
                )
              }
              placeholder={say("start:animalHint")}
              wrong={formState.errors.animalId !== undefined}
              help={ready ? (formState.errors.animalId?.message ?? say("start:animalHelp")) : say("start:loading")}
            />
            <TextField {...text("count", say("start:count"))} inputMode="numeric" />
          </div>
          {animal ? <Company animal={animal} /> : null}
          <TextField {...text("name", say("start:name"), say("start:nameHelp"))} />
          <TextField
            {...text("size", say("start:size"), say(system === "us" ? "start:sizeHelpUs" : "start:sizeHelp"))}
          />
          {system === "metric" ? <AskInches size={fields.size} onTake={takeInches} /> : null}
          <div className={css.halves}>
            <TextField {...text("sill", say("start:sill"), say("start:sillHelp"))} />
            <TextField select {...text("top", say("start:top"))} value={fields.top}>
              {(Object.keys(STARTING_TOPS) as StartingTop[]).map((top) => (
                <MenuItem key={top} value={top}>
                  {capital(say(`shell:startingTops.${top}`))}
                </MenuItem>
              ))}
            </TextField>
          </div>
          <fieldset className={css.halves}>
            <legend>{say("start:room")}</legend>
            <RoomPreset
              onTake={({ temperatureC, humidityRh }) => {
                form.setValue("temperature", figures.printed(temperatureC, "temperature"));
                form.setValue("humidity", `${humidityRh} %`);
              }}
            />
            <TextField {...text("temperature", say("start:roomTemperature"))} />
            <TextField {...text("humidity", say("start:roomHumidity"))} />
          </fieldset>
          {draft ? (
            <label className={css.only}>
              <input type="checkbox" checked={onlyFitting} onChange={(event) => setOnlyFitting(event.target.checked)} />
              {say("start:onlyFitting")}
              {onlyFitting ? (
                <span role="status">{say("start:onlyFittingHelp", { count: fitting.length })}</span>
              ) : null}
            </label>
          ) : null}
          <Cautions codes={(animal?.cautions ?? []).filter((code) => TOLD_AT_ONCE.includes(code))} />
          <Button type="submit" size="large" disabled={formState.isSubmitting}>
            {say("start:go")}
          </Button>
        </form>
        <Preview habitat={draft} />
      </main>
    </div>
  );
}

/** Tells what is typed in the units at hand, whenever they change: also when they are only read after the page is. */
function useToldIn(
  system: UnitSystem,
  { getValues, setValue }: Pick<UseFormReturn<StartFields>, "getValues" | "setValue">,
) {
  const told = useRef(system);
  useEffect(() => {
    const before = told.current;
    told.current = system;
    if (before === system) return;
    for (const [name, text] of Object.entries(inUnits(getValues(), before, system)))
      setValue(name as keyof StartFields, text);
  }, [system, getValues, setValue]);
}

/** A size written in inches, or one that boxes have only in inches: taken so at one press. */
function AskInches({ size, onTake }: { size: string; onTake: () => void }) {
  const say = useSay();
  const writes = writesInches(size);
  if (!writes && !mayBeInches(size)) return null;
  return (
    <p className={css.offer} role="status">
      {say(writes ? "start:offerInches" : "start:askInches")}{" "}
      <Button size="small" variant="outlined" onClick={onTake}>
        {say("start:showInches")}
      </Button>
    </p>
  );
}

/** Whom of its own kind an animal lives with, before a number is told. */
function Company({ animal }: { animal: Animal }) {
  const say = useSay();
  const { company, mostTogether } = animal.box;
  return <p className={css.company}>{say(`start:company.${company}`, { mostCount: mostTogether })}</p>;
}

/** The habitat as it would be, as soon as the fields make sense. */
function draftOf(schema: ReturnType<typeof startSchema>, fields: StartFields, library: Library): Design | undefined {
  const read = schema.safeParse(fields);
  if (!read.success) return undefined;
  return startHabitat({ id: "draft", createdAt: "2026-01-01T00:00:00Z", startOn: "2026-01-01", ...read.data }, library);
}
