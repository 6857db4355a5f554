"use client";

import { zodResolver } from "@hookform/resolvers/zod";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { formatISO } from "date-fns";
import { useRouter } from "next/navigation";
import { useMemo } from "react";
import { useForm, useWatch } from "react-hook-form";
import { STARTING_TOPS, startHabitat, type StartingTop, type Design } from "@/core/habitat";
import type { Library } from "@/core/library";
import { boxFit } from "@/core/living";
import { sceneOf } from "@/core/scene";
import { chooseUnits, putDesign } from "@/store";
import { AnimalField } from "@/ui/AnimalField";
import { AppHeader, Cautions } from "@/ui/parts";
import { Miniature, useSize } from "@/ui/section";
import { capital, sayBox, useFigures, useSay, useUnits, useLibrary } from "@/words";
import css from "./Start.module.css";
import { startSchema, type Started, type StartFields } from "./startSchema";

/** Three things decide the rest: who lives in it, the box, the room. The box is drawn as it is typed. */
export function StartHabitat() {
  const say = useSay();
  const library = useLibrary();
  const system = useUnits();
  const figures = useFigures();
  const router = useRouter();
  const schema = useMemo(() => startSchema(say, system), [say, system]);
  const form = useForm<StartFields, unknown, Started>({
    resolver: zodResolver(schema),
    mode: "onTouched",
    defaultValues: {
      animalId: "crocodileSkink",
      count: "2",
      name: "",
      size: "",
      sill: "0",
      top: "mesh",
      temperature: figures.printed(21, "temperature"),
      humidity: "45",
    },
  });
  const { register, handleSubmit, control, formState } = form;
  const fields = useWatch({ control }) as StartFields;

  const draft = useMemo(() => draftOf(schema, fields, library), [schema, fields, library]);
  const animal = library.get("animals", fields.animalId);

  const go = handleSubmit(async (read) => {
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
  });
  return (
    <div className={css.page}>
      <AppHeader place="shelf" onUnits={chooseUnits} />
      <form
        id="work"
        className={css.form}
        onSubmit={(event) => void go(event)}
        noValidate
        aria-label={say("start:title")}
      >
        <h1>{say("start:title")}</h1>
        <p>{say("start:sub")}</p>
        <div className={css.two}>
          <AnimalField
            label={say("start:animal")}
            animals={library.all("animals")}
            value={fields.animalId}
            onChange={(animalId) => form.setValue("animalId", animalId)}
            help={formState.errors.animalId?.message}
          />
          <TextField
            {...text("count", say("start:count"))}
            slotProps={{ htmlInput: { inputMode: "numeric", className: "measure" } }}
          />
        </div>
        <TextField {...text("name", say("start:name"), say("start:nameHelp"))} />
        <TextField
          {...text("size", say("start:size"), say("start:sizeHelp"))}
          slotProps={{ htmlInput: { className: "measure" } }}
        />
        <div className={css.halves}>
          <TextField
            {...text("sill", say("start:sill"), say("start:sillHelp"))}
            slotProps={{ htmlInput: { className: "measure" } }}
          />
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
          <TextField
            {...text("temperature", say("start:roomTemperature"))}
            slotProps={{ htmlInput: { className: "measure" } }}
          />
          <TextField
            {...text("humidity", say("start:roomHumidity"))}
            slotProps={{ htmlInput: { className: "measure" } }}
          />
        </fieldset>
        <Cautions
          codes={animal.cautions.filter(
            (code) => code === "protectedSpecies" || code === "toxicSkin" || code === "sting",
          )}
        />
        <Button type="submit" size="large" disabled={formState.isSubmitting}>
          {say("start:go")}
        </Button>
      </form>
      <Preview habitat={draft} />
    </div>
  );
}

/** The habitat as it would be, as soon as the fields make sense; a nameless one still shows. */
function draftOf(schema: ReturnType<typeof startSchema>, fields: StartFields, library: Library): Design | undefined {
  const read = schema.safeParse({ ...fields, name: fields.name.trim() === "" ? "…" : fields.name });
  if (!read.success) return undefined;
  return startHabitat({ id: "draft", createdAt: "2026-01-01T00:00:00Z", startOn: "2026-01-01", ...read.data }, library);
}

function Preview({ habitat }: { habitat: Design | undefined }) {
  const say = useSay();
  const library = useLibrary();
  const [ref, size] = useSize();
  const scene = habitat && sceneOf(habitat, library);
  const scale =
    habitat && size
      ? Math.min(9, (size.width - 40) / habitat.shell.widthCm, (size.height - 60) / habitat.shell.heightCm)
      : 1;
  return (
    <section className={css.preview} aria-label={say("brief:verdictTitle")} aria-live="polite">
      <div className={css.stage} ref={ref}>
        {scene && size ? (
          <Miniature habitat={scene.habitat} ground={scene.ground} pxPerCm={scale} label={say("brief:title")} />
        ) : (
          <p className={css.hint}>{say("start:previewHint")}</p>
        )}
      </div>
      <ul>
        {scene
          ? boxFit(scene.animal, scene.habitat).map((reason) => (
              <li key={reason.code} data-weight={reason.weight}>
                {sayBox(reason, say)}
              </li>
            ))
          : null}
      </ul>
    </section>
  );
}
