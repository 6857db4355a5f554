"use client";

import type { Gear } from "@/core/catalog";
import type { Fitted } from "@/core/gear";
import { LIMITS, type GearSize } from "@/core/habitat";
import { MeasureField, NumberInput } from "@/ui/measure";
import { isWord, useSay, useUnits } from "@/words";
import css from "./Gear.module.css";
import type { SetGear } from "./PlaceFields";

type SizeField = keyof GearSize;

/** A US fluid ounce in millilitres, a gallon in litres, a cubic foot a minute in cubic metres an hour (NIST SP 811). */
const US_FACTORS: Partial<Record<SizeField, number>> = {
  mLPerMin: 29.5735,
  mLPerH: 29.5735,
  flowLPerH: 3.78541,
  flowM3PerH: 1.69901,
};

const LIMIT_OF: Record<SizeField, keyof typeof LIMITS> = {
  lengthCm: "gearCm",
  widthCm: "gearCm",
  depthCm: "gearCm",
  beamDeg: "beamDeg",
  nozzles: "nozzles",
  mLPerMin: "mLPerMin",
  mLPerH: "mLPerH",
  litres: "vesselL",
  flowLPerH: "flowLPerH",
  headCm: "headCm",
  flowM3PerH: "flowM3PerH",
  maxW: "maxW",
  uvIndex: "uvIndex",
};
const LENGTHS: readonly SizeField[] = ["lengthCm", "widthCm", "depthCm", "headCm"];
const MISTS: readonly string[] = ["mistingPump", "mistingNozzle"];
const VESSELS: readonly string[] = ["mistingPump", "ultrasonicFogger", "steamHumidifier", "dripBottle"];

const has = ({ sizes }: Gear, field: "lengthCm" | "widthCm" | "maxWatts" | "flowLPerH"): boolean =>
  sizes.some((size) => size[field] !== undefined);

/** Of which kinds each size means something. */
const MEANS: readonly [field: SizeField, of: (kind: Gear) => boolean][] = [
  ["lengthCm", (kind) => has(kind, "lengthCm") && kind.purpose !== "guard"],
  ["widthCm", (kind) => has(kind, "widthCm") && kind.purpose !== "guard"],
  ["depthCm", (kind) => has(kind, "widthCm") && kind.purpose === "nightHeat"],
  ["beamDeg", ({ reference, purpose }) => reference.beamDeg !== undefined && purpose !== "water"],
  ["uvIndex", ({ reference }) => reference.uvIndexAt !== undefined],
  ["nozzles", ({ id }) => MISTS.includes(id)],
  ["mLPerMin", ({ id }) => MISTS.includes(id)],
  ["mLPerH", ({ reference }) => reference.mLPerH !== undefined],
  ["litres", ({ id }) => VESSELS.includes(id)],
  ["flowLPerH", (kind) => has(kind, "flowLPerH")],
  ["headCm", ({ reference }) => reference.headCm !== undefined],
  ["flowM3PerH", ({ purpose }) => purpose === "air"],
  ["maxW", (kind) => has(kind, "maxWatts") && kind.purpose === "control"],
];
const sizesOf = (kind: Gear): SizeField[] => MEANS.flatMap(([field, of]) => (of(kind) ? [field] : []));

/** A middle of what its kind is told to have, to start telling from. */
function firstOf(field: SizeField, { reference }: Gear): number {
  const known = {
    beamDeg: reference.beamDeg,
    mLPerMin: reference.mLPerMinPerNozzle,
    mLPerH: reference.mLPerH,
    flowLPerH: reference.flowLPerH,
    headCm: reference.headCm,
    flowM3PerH: reference.flowM3PerH,
    uvIndex: reference.uvIndexAt?.index,
  }[field as string];
  if (known) return Math.round(((known[0] + known[1]) / 2) * 10) / 10;
  return { nozzles: 2, litres: 4, maxW: 300, lengthCm: 55, widthCm: 28, depthCm: 28 }[field as string] ?? 1;
}

/** What a piece of gear is sized by: watts, lumens, lengths, beams, flows, vessels; what is not told goes by its kind. */
export function SizeFields({ one, name, set }: { one: Fitted; name: string; set: SetGear }) {
  const say = useSay();
  const { piece, kind } = one;
  const size = (field: SizeField, value: number | undefined, gesture?: string) => {
    const { [field]: _, ...rest } = piece.size;
    set({ size: value === undefined ? rest : { ...rest, [field]: value } }, gesture);
  };
  return (
    <div role="group" aria-label={say("climate:gear.size", { name })} className={css.group}>
      <div className={css.line}>
        {kind.watts ? (
          <Told
            label={say("climate:gear.power", { name })}
            unit={say("climate:gear.powerShort")}
            value={piece.powerW}
            first={kind.watts[0]}
            limits={LIMITS.powerW}
            onTell={(powerW, gesture) => set({ powerW }, gesture)}
          />
        ) : null}
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
        {sizesOf(kind)
          .filter((field) => !LENGTHS.includes(field) && field !== "litres")
          .map((field) => (
            <Flow key={field} field={field} one={one} onTell={(value, gesture) => size(field, value, gesture)} />
          ))}
      </div>
      <div className={css.places}>
        {sizesOf(kind)
          .filter((field) => LENGTHS.includes(field) || field === "litres")
          .map((field) => (
            <MeasureField
              key={field}
              label={say(`climate:gear.sizes.${field as "lengthCm"}`)}
              kind={field === "litres" ? "water" : "length"}
              value={piece.size[field]}
              limits={LIMITS[LIMIT_OF[field]]}
              help={piece.size[field] === undefined ? say("climate:gear.usual") : ""}
              onCommit={(value, gesture) => size(field, value, gesture)}
              onClear={() => size(field, undefined)}
            />
          ))}
      </div>
    </div>
  );
}

/** A figure that is no length: in the units of the place. */
function Flow({
  field,
  one,
  onTell,
}: {
  field: SizeField;
  one: Fitted;
  onTell: (value: number, gesture?: string) => void;
}) {
  const say = useSay();
  const system = useUnits();
  const { piece, kind } = one;
  const factor = system === "us" ? (US_FACTORS[field] ?? 1) : 1;
  const us = `climate:gear.sizesUs.${field}`;
  const unit =
    system === "us" && isWord(us)
      ? say(us)
      : say(`climate:gear.sizes.${field as "uvIndex"}`, { atCm: kind.reference.uvIndexAt?.distanceCm ?? 0 });
  const { min, max } = LIMITS[LIMIT_OF[field]];
  const value = piece.size[field];
  return (
    <Told
      whole={field === "nozzles"}
      label={`${unit}, ${say.nameOf("gear", kind.id)}`}
      unit={unit}
      value={value === undefined ? null : value / factor}
      first={firstOf(field, kind) / factor}
      limits={{ min: min / factor, max: max / factor }}
      onTell={(told, gesture) => onTell(told * factor, gesture)}
    />
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
        {unit}: {say("climate:gear.usual")}
      </button>
    );
  return (
    <span className={css.told}>
      <NumberInput whole={whole} label={label} value={value} limits={limits} onCommit={onTell} /> {unit}
    </span>
  );
}
