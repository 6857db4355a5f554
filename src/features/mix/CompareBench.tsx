"use client";

import Button from "@mui/material/Button";
import ListSubheader from "@mui/material/ListSubheader";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useMemo, useState } from "react";
import {
  aimsAt,
  blend,
  closers,
  distance,
  METERS,
  readMeters,
  SCALES,
  standing,
  toldTotal,
  type Closer,
  type MeterId,
  type Parts,
  type Readings,
} from "@/core/mix";
import { mixPricePerL } from "@/core/supply";
import { useOpen } from "@/store";
import { capital, useFigures, useSay, useUnits, mixName } from "@/words";
import css from "./Compare.module.css";
import { sayOff } from "./MatchResults";
import { readingOf, sayReading } from "./meterWords";
import { SmallJar } from "./SmallJar";
import { candidatesFor } from "./useMatch";
import { setPartsCommand, type MixAtHand } from "./useMixAtHand";

type Other = { id: string; name: string; parts: Parts; group: "yours" | "stock" | "here" };

/** All that a mix can be laid beside: the other mixes of this habitat, kept recipes, starting recipes. */
function othersOf({ habitat, library, mix, own }: MixAtHand, say: ReturnType<typeof useSay>): Other[] {
  return [
    ...habitat.mixes
      .filter((other) => other.id !== mix.id && other.parts.length > 0)
      .map((other): Other => ({
        id: other.id,
        name: capital(mixName(other, say, library)),
        parts: other.parts,
        group: "here",
      })),
    ...own.recipes.map(({ id, name, parts }): Other => ({ id, name, parts: [...parts], group: "yours" })),
    ...library.all("recipes").map(({ id, parts }): Other => ({
      id,
      name: capital(say.nameOf("recipes", id)),
      parts: [...parts],
      group: "stock",
    })),
  ];
}

const MOST = 2;
const MARKS = ["A", "B"] as const;

/**
 * Two or three mixes side by side: their jars, their meters, how far apart they are, and what would bring them nearer.
 */
export function CompareBench({ hand }: { hand: MixAtHand }) {
  const say = useSay();
  const others = othersOf(hand, say);
  const [wanted, setWanted] = useState<readonly string[]>(() =>
    ["treeFernForest", "peatFreeForest"].filter((id) => id !== hand.mix.recipeId).slice(0, 1),
  );
  const chosen = wanted.flatMap((id) => others.find((other) => other.id === id) ?? []);
  const beside = chosen.flatMap((other) => {
    const mixture = blend(other.parts, hand.pantry);
    return mixture
      ? [{ ...other, readings: readMeters(mixture, hand.bed, mixPricePerL(other.parts, hand.bins, mixture.lostPct)) }]
      : [];
  });
  const groups = [
    ["here", "mix:compare.here"],
    ["yours", "mix:yours"],
    ["stock", "mix:stock"],
  ] as const;
  if (!hand.readings) return <p className={css.note}>{say("mix:empty")}</p>;
  return (
    <div className={css.bench}>
      <div className={css.jars}>
        <figure>
          <SmallJar parts={hand.mix.parts} pantry={hand.pantry} label="" />
          <figcaption>
            <b>{say("mix:compare.this")}</b>
          </figcaption>
        </figure>
        {beside.map((other, at) => (
          <figure key={other.id}>
            <SmallJar parts={other.parts} pantry={hand.pantry} label="" />
            <figcaption>
              <b>
                <i className={css.letter}>{MARKS[at]}</i> {other.name}
              </b>
              <Button
                size="small"
                variant="text"
                sx={{ p: 0, minWidth: 0 }}
                aria-label={say("mix:compare.remove", { name: other.name })}
                onClick={() => setWanted(wanted.filter((id) => id !== other.id))}
              >
                {say("mix:compare.takeOut")}
              </Button>
            </figcaption>
          </figure>
        ))}
        {chosen.length < MOST ? (
          <TextField
            select
            label={say("mix:compare.with")}
            value=""
            sx={{ width: 200 }}
            onChange={(event) => setWanted([...wanted, event.target.value])}
          >
            {groups.flatMap(([group, title]) => {
              const free = others.filter((other) => other.group === group && !wanted.includes(other.id));
              return free.length === 0
                ? []
                : [
                    <ListSubheader key={group}>{say(title)}</ListSubheader>,
                    ...free.map((other) => (
                      <MenuItem key={other.id} value={other.id}>
                        {other.name}
                      </MenuItem>
                    )),
                  ];
            })}
          </TextField>
        ) : null}
      </div>
      {beside.length === 0 ? (
        <p className={css.note}>{say("mix:compare.pick")}</p>
      ) : (
        <>
          <table className={css.table}>
            <caption className="quiet">{say("mix:compare.title")}</caption>
            <thead>
              <tr>
                <th scope="col">{say("mix:compare.meter")}</th>
                <th aria-hidden />
                <th scope="col">{say("mix:compare.this")}</th>
                {beside.map((other, at) => (
                  <th key={other.id} scope="col">
                    <span className="quiet">{other.name}</span>
                    <i className={css.letter} aria-hidden>
                      {MARKS[at]}
                    </i>
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {METERS.map((id) => (
                <MeterRow
                  key={id}
                  id={id}
                  hand={hand}
                  readings={[hand.readings, ...beside.map((other) => other.readings)]}
                />
              ))}
            </tbody>
          </table>
          {beside.map((other, at) => (
            <Nearer key={other.id} hand={hand} other={other} letter={MARKS[at] ?? ""} />
          ))}
        </>
      )}
    </div>
  );
}

function MeterRow({
  id,
  hand,
  readings,
}: {
  id: MeterId;
  hand: MixAtHand;
  readings: readonly (Readings | undefined)[];
}) {
  const say = useSay();
  const figures = useFigures();
  const system = useUnits();
  const [from, to] = SCALES[id];
  const place = (value: number) => `${Math.min(100, Math.max(0, ((value - from) / (to - from)) * 100))}%`;
  const aim = hand.aims[id];
  const values = readings.map((one) => one && readingOf(one, id));
  return (
    <tr>
      <th scope="row">{say(`mix:meters.${id}`)}</th>
      <td aria-hidden>
        <span className={css.scale}>
          {aim ? <u style={{ left: place(aim[0]), width: `calc(${place(aim[1])} - ${place(aim[0])})` }} /> : null}
          {values.map((value, at) =>
            value === undefined ? null : at === 0 ? (
              <s key={at} style={{ left: place(value) }} />
            ) : (
              <i key={at} style={{ left: place(value) }}>
                {MARKS[at - 1]}
              </i>
            ),
          )}
        </span>
      </td>
      {values.map((value, at) => {
        const out = value !== undefined && !["in", "free"].includes(standing(value, aim));
        return (
          <td key={at} className="measure" data-out={out}>
            {sayReading(id, value, say, figures, system, hand.bins.currency)}
            {out ? <span className="quiet">, {say("mix:compare.outOfRange")}</span> : null}
          </td>
        );
      })}
    </tr>
  );
}

/** How far this mix is from another, and the single changes that would bring it nearer. */
function Nearer({ hand, other, letter }: { hand: MixAtHand; other: Other & { readings: Readings }; letter: string }) {
  const say = useSay();
  const figures = useFigures();
  const { edit } = useOpen();
  const { mix, readings } = hand;
  const aims = useMemo(() => aimsAt(other.readings), [other.readings]);
  const steps = useMemo(() => {
    const stocked = Object.keys(hand.stockL);
    const fit = candidatesFor(hand).fit.map(({ id }) => id);
    return closers(
      hand.mix.parts,
      aims,
      [...new Set([...other.parts.map((part) => part.ingredientId), ...(stocked.length > 0 ? stocked : fit)])].filter(
        (id) => fit.includes(id),
      ),
      { pantry: hand.pantry, bed: hand.bed },
    );
  }, [hand, aims, other.parts]);
  if (!readings) return null;
  const off = distance(readings, aims);
  const told = ({ ingredientId, change, parts }: Closer) =>
    change === "add"
      ? say("mix:compare.add", {
          parts: figures.number(parts, Number.isInteger(Math.round(parts * 10) / 10) ? 0 : 1),
          ingredientId,
        })
      : say("mix:compare.leaveOut", { ingredientId });
  const take = ({ ingredientId, change, parts }: Closer) => {
    if (change === "leaveOut") return edit([{ name: "removePart", args: { mixId: mix.id, ingredientId } }]);
    const had = mix.parts.find((part) => part.ingredientId === ingredientId)?.parts ?? 0;
    const next = Math.round((had + parts) * 100) / 100;
    edit([
      setPartsCommand(
        hand,
        had > 0
          ? mix.parts.map((part) => (part.ingredientId === ingredientId ? { ...part, parts: next } : part))
          : [...mix.parts, { ingredientId, parts: next }],
      ),
    ]);
  };
  return (
    <section className={css.nearer}>
      <h3>{say("mix:compare.closer", { name: `${letter}, ${other.name}` })}</h3>
      <p className={css.note}>
        {sayOff(off, say)}. {say("mix:compare.total", { total: figures.number(toldTotal(mix.parts)) })}
      </p>
      {steps.length === 0 ? (
        <p className={css.note}>{say("mix:compare.nothing")}</p>
      ) : (
        <ul>
          {steps.map((step) => (
            <li key={step.ingredientId}>
              <span>{capital(told(step))}</span>{" "}
              <span className={css.then}>{say("mix:compare.then", { offPct: step.off * 100 })}</span>
              <Button
                size="small"
                variant="outlined"
                aria-label={`${say("mix:compare.doIt")}: ${told(step)}`}
                onClick={() => take(step)}
              >
                {say("mix:compare.doIt")}
              </Button>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
