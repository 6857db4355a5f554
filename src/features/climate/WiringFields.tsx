"use client";

import { feeds, plugged, type Fitted, type Fixture } from "@/core/gear";
import { useOpen } from "@/store";
import { MeasureField } from "@/ui/measure";
import { capital, useLibrary, useSay, monthNames } from "@/words";
import css from "./Gear.module.css";
import type { SetGear } from "./PlaceFields";

const SENSES: readonly Fitted["kind"]["purpose"][] = ["control", "measuring"];
const FEELS: readonly string[] = [
  "onOffThermostat",
  "dimmingThermostat",
  "pulseThermostat",
  "humidistat",
  "overTemperatureCutOut",
  "temperatureAlarm",
  "probeThermometer",
  "digitalHygrometer",
  "dataLogger",
  "soilThermometer",
  "soilMoistureProbe",
];
/** Whether a kind has a probe that sits somewhere in the box. */
const hasProbe = ({ id, purpose }: Fitted["kind"]): boolean => SENSES.includes(purpose) && FEELS.includes(id);

type Props = { one: Fitted; name: string; set: SetGear; at: Fixture };

/** What a piece is plugged into, and where its probe sits. */
export function WiringFields({ one, name, set, at }: Props) {
  const say = useSay();
  const library = useLibrary();
  const { habitat, derived } = useOpen();
  const { piece, kind } = one;
  const controllers = habitat.gear.filter((other) => other.id !== piece.id && feeds(other));
  const putProbe = () => {
    const under = derived.outlook.basking?.at ?? { xCm: at.xCm, yCm: at.yCm };
    const ground = derived.ground.surfaceAt(under.xCm, under.yCm);
    const upCm = Math.round(("zCm" in under ? under.zCm : ground) + 1);
    set({ probe: { xCm: Math.round(under.xCm), yCm: Math.round(under.yCm), upCm } });
  };
  const { probe } = piece;
  return (
    <>
      {!kind.watts && !SENSES.includes(kind.purpose) ? null : (
        <label className={css.told}>
          <span>{say("climate:gear.feed")}</span>
          <select
            className={css.select}
            aria-label={`${say("climate:gear.feed")}, ${name}`}
            value={piece.feedId ?? ""}
            onChange={(event) =>
              set(
                plugged(
                  one,
                  controllers.find(({ id }) => id === event.target.value),
                  derived.animal,
                ),
              )
            }
          >
            <option value="">{say("climate:gear.wallSocket")}</option>
            {controllers.map(({ id, kindId }) => (
              <option key={id} value={id}>
                {capital(say.nameOf("gear", library.get("gear", kindId).id))}
              </option>
            ))}
          </select>
        </label>
      )}
      {hasProbe(kind) && !probe ? (
        <button type="button" className={css.tell} onClick={putProbe}>
          {say("climate:gear.probePut")}
        </button>
      ) : null}
      {hasProbe(kind) && probe ? (
        <div role="group" aria-label={`${say("climate:gear.probe")}, ${name}`} className={css.places}>
          {(["xCm", "yCm", "upCm"] as const).map((way) => (
            <MeasureField
              key={way}
              label={`${say("climate:gear.probe")}: ${say(`climate:gear.${way}`).toLocaleLowerCase()}`}
              kind="length"
              value={probe[way]}
              limits={{ min: 0, max: 500 }}
              onCommit={(cm, gesture) => set({ probe: { ...probe, [way]: cm } }, gesture)}
            />
          ))}
        </div>
      ) : null}
    </>
  );
}

/** The months it is in use: an emitter without light in the cold ones, a halogen in summer. */
export function MonthFields({ one, name, set }: Omit<Props, "at">) {
  const say = useSay();
  const { months } = one.piece;
  const all = Array.from({ length: 12 }, (_, n) => n + 1);
  const toggle = (month: number) => {
    const next = (months ?? all).includes(month)
      ? (months ?? all).filter((other) => other !== month)
      : [...(months ?? []), month].toSorted((a, b) => a - b);
    if (next.length === 0) return;
    set({ months: next.length === 12 ? null : next });
  };
  return (
    <div role="group" aria-label={say("climate:gear.months", { name })} className={css.months}>
      {monthNames().map((short, n) => (
        <button
          key={short}
          type="button"
          aria-pressed={months === null || months.includes(n + 1)}
          onClick={() => toggle(n + 1)}
        >
          {short}
        </button>
      ))}
    </div>
  );
}
