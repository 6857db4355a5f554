"use client";

import CloseOutlined from "@mui/icons-material/CloseOutlined";
import IconButton from "@mui/material/IconButton";
import { LIMITS, type GearPiece, type Run } from "@/core/habitat";
import { useOpen } from "@/store";
import { MeasureField, NumberInput } from "@/ui/measure";
import { capital, useLibrary, useSay } from "@/words";
import css from "./Gear.module.css";
import { RunFields } from "./RunFields";

const RUNS: readonly Run["by"][] = ["always", "hours", "warmth", "damp"];

/** What a way of switching begins with. */
function firstRun(by: Run["by"], warmC: number, dampRh: number): Run {
  switch (by) {
    case "always":
      return { by };
    case "hours":
      return { by, fromMin: 8 * 60, untilMin: 20 * 60 };
    case "warmth":
      return { by, holdC: warmC };
    case "damp":
      return { by, holdRh: dampRh };
  }
}

/** One piece of gear: its power, its light where it is a lamp, where it is, and what switches it. */
export function GearRow({ piece }: { piece: GearPiece }) {
  const say = useSay();
  const library = useLibrary();
  const { habitat, derived, edit } = useOpen();
  const { id } = piece;
  const kind = library.get("gear", piece.kindId);
  const name = capital(say.nameOf("gear", kind.id));
  const { animal } = derived;
  const set = (to: Partial<Omit<GearPiece, "id">>, gesture?: string) =>
    edit([{ name: "setGear", args: { id, ...to } }], gesture);
  return (
    <li className={css.piece}>
      <header>
        <b>{name}</b>
        <small>{capital(say(`library:values.purpose.${kind.purpose}`))}</small>
        <IconButton
          size="small"
          aria-label={say("climate:gear.remove", { name })}
          onClick={() => edit([{ name: "removeGear", args: { ids: [id] } }])}
        >
          <CloseOutlined sx={{ fontSize: 16 }} />
        </IconButton>
      </header>
      <div className={css.line}>
        <Told
          label={say("climate:gear.power", { name })}
          unit={say("climate:gear.powerShort")}
          value={piece.powerW}
          first={kind.watts?.[0] ?? 10}
          limits={LIMITS.powerW}
          onTell={(powerW, gesture) => set({ powerW }, gesture)}
        />
        {kind.purpose === "plantLight" ? (
          <Told
            whole
            label={say("climate:gear.lumens", { name })}
            unit={say("climate:gear.lumensShort")}
            value={piece.lumens}
            first={2200}
            limits={LIMITS.lampLumens}
            onTell={(lumens, gesture) => set({ lumens }, gesture)}
          />
        ) : null}
        <select
          className={css.select}
          aria-label={say("climate:gear.run", { name })}
          value={piece.run.by}
          onChange={(event) => {
            const by = RUNS.find((run) => run === event.target.value) ?? "always";
            set({ run: firstRun(by, animal.temperatureC.night[0], animal.humidityRh.day.preferred[0]) });
          }}
        >
          {RUNS.map((by) => (
            <option key={by} value={by}>
              {say(`climate:gear.runs.${by}`)}
            </option>
          ))}
        </select>
        <RunFields run={piece.run} name={name} onRun={(run, gesture) => set({ run }, gesture)} />
      </div>
      <div className={css.places} role="group" aria-label={say("climate:gear.place", { name })}>
        <MeasureField
          label={say("climate:gear.xCm")}
          kind="length"
          value={piece.xCm}
          limits={{ min: 0, max: habitat.shell.widthCm }}
          onCommit={(xCm, gesture) => set({ xCm }, gesture)}
        />
        <MeasureField
          label={say("climate:gear.yCm")}
          kind="length"
          value={piece.yCm}
          limits={{ min: 0, max: habitat.shell.depthCm }}
          onCommit={(yCm, gesture) => set({ yCm }, gesture)}
        />
        <MeasureField
          label={say("climate:gear.upCm")}
          kind="length"
          value={piece.upCm ?? undefined}
          limits={{ min: 0, max: habitat.shell.heightCm }}
          help={piece.upCm === null ? say("climate:gear.upTop") : ""}
          onCommit={(upCm, gesture) => set({ upCm }, gesture)}
          onClear={() => set({ upCm: null })}
        />
      </div>
    </li>
  );
}

type ToldProps = {
  label: string;
  unit: string;
  value: number | null;
  /** What telling it begins with. */
  first: number;
  limits: { min: number; max: number };
  whole?: boolean;
  onTell: (value: number, gesture?: string) => void;
};

/** A figure that may not be known: then it says so, and can be told. */
function Told({ label, unit, value, first, limits, whole = false, onTell }: ToldProps) {
  const say = useSay();
  if (value === null)
    return (
      <button type="button" className={css.tell} aria-label={label} onClick={() => onTell(first)}>
        {unit}: {say("climate:gear.unknown")}
      </button>
    );
  return (
    <span className={css.told}>
      <NumberInput whole={whole} label={label} value={value} limits={limits} onCommit={onTell} /> {unit}
    </span>
  );
}
