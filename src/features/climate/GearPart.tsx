"use client";

import { useMemo } from "react";
import { GEAR_PURPOSES, type Gear } from "@/core/catalog";
import { carriesFor, type Design, type GearPiece, type Run } from "@/core/habitat";
import { startOwn, stockNames, useOpen } from "@/store";
import { EntryField } from "@/ui/search";
import { Cautions, LedgerPart } from "@/ui/parts";
import { capital, useLibrary, useSay } from "@/words";
import css from "./Gear.module.css";
import { GearRow } from "./GearRow";

/**
 * What is set up at a box: what heats, lights, wets and moves the air. Controllers, gauges and guards go with these.
 */
const SET_UP: readonly Gear["purpose"][] = ["dayHeat", "nightHeat", "uv", "plantLight", "water", "air"];
const LIGHTS: readonly Gear["purpose"][] = ["dayHeat", "uv", "plantLight"];

const DAY: Run = { by: "hours", fromMin: 8 * 60, untilMin: 20 * 60 };

/** How a kind usually runs: lamps by day, heaters on a thermostat at what the animal wants, wetting on a humidistat. */
function usualRun({ purpose, control }: Gear, warmC: number, dampRh: number): Run {
  if (LIGHTS.includes(purpose)) return DAY;
  if (purpose === "nightHeat") return { by: "warmth", holdC: warmC };
  if (control.includes("humidistat")) return { by: "damp", holdRh: dampRh };
  return control.includes("none") ? { by: "always" } : DAY;
}

/** Pieces side by side on the top stand so far apart, as a share of its width. */
const APART = 0.18;
const LEAST_FROM_EDGE = 0.06;

/**
 * Where it usually stands along the top, or beside that where something stands there: shares of the width, the nearest
 * first.
 */
const placesAlong = (usual: number): number[] =>
  [0, 1, -1, 2, -2, 3, -3, 4]
    .map((step) => usual + step * APART)
    .filter((at) => at >= LEAST_FROM_EDGE && at <= 1 - LEAST_FROM_EDGE);

/**
 * Heaters and lamps that warm stand at the warm end, on the left; the rest over the middle; each where there is room.
 */
function usualPlace({ shell, gear }: Design, { purpose }: Gear): Pick<GearPiece, "xCm" | "yCm" | "upCm"> {
  const usual = purpose === "dayHeat" || purpose === "nightHeat" ? 0.2 : 0.5;
  const taken = gear.filter(({ upCm }) => upCm === null).map(({ xCm }) => xCm / shell.widthCm);
  const isFree = (at: number) => taken.every((other) => Math.abs(other - at) > APART * 0.9);
  const along = placesAlong(usual).find(isFree) ?? usual;
  return { xCm: Math.round(shell.widthCm * along), yCm: Math.round(shell.depthCm / 2), upCm: null };
}

/** The gear of the box: added, placed, its power and its hours told. */
export function GearPart() {
  const say = useSay();
  const library = useLibrary();
  const { habitat, derived, edit } = useOpen();
  const { temperatureC, humidityRh } = derived.animal;
  const kinds = useMemo(
    () =>
      library
        .all("gear")
        .filter(({ purpose }) => SET_UP.includes(purpose))
        .toSorted((a, b) => GEAR_PURPOSES.indexOf(a.purpose) - GEAR_PURPOSES.indexOf(b.purpose)),
    [library],
  );
  const addOwn = async ({ id }: Gear, name: string) => {
    const started = await startOwn("gear", id, name, library, stockNames("gear", say.nameOf));
    if (started) add(started.library.get("gear", started.id), started.library);
  };
  const add = (kind: Gear, known = library) =>
    edit([
      ...carriesFor(known, "gear", [kind.id]),
      {
        name: "addGear",
        args: {
          id: crypto.randomUUID().slice(0, 8),
          kindId: kind.id,
          ...usualPlace(habitat, kind),
          powerW: kind.watts ? kind.watts[0] : null,
          lumens: null,
          run: usualRun(kind, temperatureC.night[0], humidityRh.day.preferred[0]),
        },
      },
    ]);
  return (
    <LedgerPart title={say("climate:gear.title")}>
      {habitat.gear.length === 0 ? <p className={css.none}>{say("climate:gear.none")}</p> : null}
      <ul className={css.list}>
        {habitat.gear.map((piece) => (
          <GearRow key={piece.id} piece={piece} />
        ))}
      </ul>
      <EntryField
        size="small"
        items={kinds}
        kindOf={() => "gear"}
        groupOf={({ purpose }) => capital(say(`library:values.purpose.${purpose}`))}
        label={say("climate:gear.add")}
        placeholder={say("climate:gear.which")}
        onChange={(kind) => add(kind)}
        onOwn={(from, name) => void addOwn(from, name)}
      />
      <Cautions codes={[...new Set(habitat.gear.flatMap(({ kindId }) => library.get("gear", kindId).cautions))]} />
    </LedgerPart>
  );
}
