"use client";

import CloseOutlined from "@mui/icons-material/CloseOutlined";
import Button from "@mui/material/Button";
import IconButton from "@mui/material/IconButton";
import { useState } from "react";
import { rule } from "@/core/catalog";
import { airPct, refresh, type Laid } from "@/core/mix";
import type { Bedded } from "@/core/strata";
import { monthsBetween } from "@/core/units";
import { useOpen, useToday } from "@/store";
import { MeasureField, NumberInput } from "@/ui/measure";
import { Pills, Tile, Tiles } from "@/ui/parts";
import { useFigures, useSay } from "@/words";
import css from "./Refresh.module.css";
import { SmallJar } from "./SmallJar";
import type { MixAtHand } from "./useMixAtHand";

const monthsSince = (on: string, today: string): number => (today === "" ? 0 : monthsBetween(on, today));

type Since = { months: number; topUps: readonly { on: string; volumeL: number }[]; today: string };

/** What was laid in one bed, and when. A top-up is not told by place: it is shared out by how much lies there. */
function laidIn(beds: readonly Bedded[], place: number, { months, topUps, today }: Since) {
  const { volumeL, depthCm } = beds[place] ?? beds[0] ?? { volumeL: 0, depthCm: 0 };
  const wholeL = beds.reduce((sum, bed) => sum + bed.volumeL, 0);
  const share = wholeL > 0 ? volumeL / wholeL : 1;
  const later = topUps.map((topUp) => ({ volumeL: topUp.volumeL * share, months: monthsSince(topUp.on, today) }));
  const laid: Laid[] = [{ volumeL, months }, ...later];
  return { depthCm, laid };
}

/** What has become of the soil: how far it has sunk, what air it has lost, and what fresh mix brings it back. */
export function RefreshBench({ hand }: { hand: MixAtHand }) {
  const say = useSay();
  const figures = useFigures();
  const { log, act, strike } = useOpen();
  const today = useToday();
  const { habitat, mix, beds, pantry } = hand;
  const [place, setPlace] = useState(0);
  const [typedMonths, setMonths] = useState<number | undefined>(undefined);
  const [sunk, setSunk] = useState<number | undefined>(undefined);
  const topUps = log.state.topUps.filter((topUp) => topUp.mixId === mix.id);
  const laidOn = log.state.doneOn.laySoil ?? log.state.sinceOn ?? habitat.build.startOn;
  const months = typedMonths ?? Math.round(monthsSince(laidOn, today) * 10) / 10;
  const { depthCm, laid } = laidIn(beds, place, { months, topUps, today });
  const result = depthCm > 0 ? refresh(mix.parts, laid, depthCm, pantry, sunk) : undefined;
  if (!result)
    return <p className={css.note}>{say(mix.parts.length === 0 ? "mix:make.empty" : "mix:refresh.notLaid")}</p>;
  const { aged, sunkCm, topUpVolumeL, topUpLooseL, advice, airAfterPct } = result;
  const left = Math.max(0, 1 - sunkCm / depthCm);
  const pct = (value: number) => `${figures.number(value, 0)}\u00a0%`;
  const low = hand.aims.air?.[0];
  const fresh = figures.shown(topUpLooseL, "volume");
  const gone = figures.shown(sunkCm, "length");
  const jars = [
    { title: say("mix:refresh.was"), full: 1, fresh: 0, air: airPct(aged.fresh, depthCm) },
    { title: say("mix:refresh.now"), full: left, fresh: 0, air: airPct(aged.now, depthCm) },
    { title: say("mix:refresh.after"), full: left, fresh: 1 - left, air: airAfterPct },
  ];
  return (
    <div className={css.refresh}>
      <Places
        beds={beds}
        value={place}
        onChange={(at) => {
          setPlace(at);
          setSunk(undefined);
        }}
      />
      <div className={css.fields}>
        <label className={css.months}>
          <span>{say("mix:refresh.age")}</span>
          <NumberInput
            label={say("mix:refresh.age")}
            value={months}
            limits={{ min: 0, max: 600 }}
            onCommit={setMonths}
          />
          <small>{say("mix:refresh.ageHelp")}</small>
        </label>
        <MeasureField
          label={say("mix:refresh.sunk")}
          kind="length"
          value={sunk}
          limits={{ min: 0, max: depthCm }}
          help={say("mix:refresh.sunkHelp")}
          onCommit={setSunk}
          onClear={() => setSunk(undefined)}
        />
      </div>
      <div className={css.jars}>
        {jars.map((jar) => (
          <figure key={jar.title}>
            <SmallJar
              parts={mix.parts}
              pantry={pantry}
              label=""
              width={96}
              height={190}
              full={jar.full}
              fresh={jar.fresh}
            />
            <figcaption>
              <b>{jar.title}</b>
              <span className="measure">{figures.printed(depthCm * (jar.full + jar.fresh), "length")}</span>
              <span>{say("mix:refresh.airOf", { air: pct(jar.air) })}</span>
            </figcaption>
          </figure>
        ))}
        <div className={css.told}>
          <Tiles>
            <Tile
              label={say("mix:refresh.sunkBy")}
              figure={gone.figure}
              unit={gone.unit}
              note={say("mix:refresh.of", { depthCm })}
              tone={advice === "wait" ? undefined : "look"}
            />
            <Tile
              label={say("mix:refresh.topUp")}
              figure={fresh.figure}
              unit={fresh.unit}
              note={say("mix:refresh.topUpDepth", { sunkCm })}
            />
          </Tiles>
          <p className={css.advice}>
            {say(`mix:refresh.advice.${advice}`, { leastCm: rule("topUpLeastCm"), mostCm: rule("topUpMostCm") })}
          </p>
          {low !== undefined && airAfterPct < low ? (
            <p className={css.advice}>{say("mix:refresh.airLow", { low: pct(low) })}</p>
          ) : null}
          <p className={css.note}>
            {say("mix:refresh.lay")} {sunk === undefined ? say("mix:refresh.reckoned") : null}
          </p>
          <Button
            disabled={topUpVolumeL < 0.05 || today === ""}
            onClick={() => {
              const volumeL = Math.round(topUpVolumeL * 100) / 100;
              act([{ kind: "toppedUp", on: today, mixId: mix.id, volumeL }]);
              setSunk(undefined);
            }}
          >
            {say("mix:refresh.write")}
          </Button>
        </div>
      </div>
      <h3>{say("mix:refresh.log")}</h3>
      {topUps.length === 0 ? (
        <p className={css.note}>{say("mix:refresh.none")}</p>
      ) : (
        <ul className={css.log}>
          {topUps.map((topUp) => (
            <li key={topUp.id}>
              <span>{say("mix:refresh.written", { topOn: topUp.on, volumeL: topUp.volumeL })}</span>
              <IconButton
                size="small"
                aria-label={say("mix:refresh.removeLog", { topOn: topUp.on })}
                onClick={() => strike([topUp])}
              >
                <CloseOutlined sx={{ fontSize: 15 }} />
              </IconButton>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}

/** Which bed, where zones part the mix. */
function Places({ beds, value, onChange }: { beds: readonly Bedded[]; value: number; onChange: (at: number) => void }) {
  const say = useSay();
  const { zones } = useOpen().habitat.strata;
  if (beds.length < 2) return null;
  const nameOf = ({ zoneId }: Bedded): string =>
    zones.find(({ id }) => id === zoneId)?.name ?? say("strata:overNames.rest");
  return (
    <Pills
      label={say("mix:refresh.where")}
      value={String(value)}
      onChange={(at) => onChange(Number(at))}
      options={beds.map((bed, at) => ({ value: String(at), text: nameOf(bed) }))}
    />
  );
}
