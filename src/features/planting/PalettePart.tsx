"use client";

import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import CircularProgress from "@mui/material/CircularProgress";
import FormControlLabel from "@mui/material/FormControlLabel";
import { useState } from "react";
import { carriesFor, type Command } from "@/core/habitat";
import { layOut, STRATA_OF_HEIGHT, type Palette } from "@/core/palette";
import { EMPTY_BINS } from "@/core/supply";
import { useBins, useOpen } from "@/store";
import { NumberInput } from "@/ui/measure";
import { LedgerPart } from "@/ui/parts";
import { capital, moneyPrinted, useSay } from "@/words";
import css from "./Planting.module.css";
import { usePalette, type Wishes } from "./usePalette";

const FIRST: Wishes = {
  strata: STRATA_OF_HEIGHT,
  floorPct: 45,
  wallPct: 25,
  months: 12,
  sturdy: 2,
  kinds: 7,
  budget: undefined,
  regionOnly: false,
  edible: false,
  easy: false,
};

/** Asks for a planting, proposes it in whole plants, keeps what is liked, and plants it. */
export function PalettePart({ onPlanted }: { onPlanted: () => void }) {
  const say = useSay();
  const { derived } = useOpen();
  const [wishes, setWishes] = useState<Wishes>(FIRST);
  const [locked, setLocked] = useState<Readonly<Record<string, number>>>({});
  const { state, propose, stop, factor } = usePalette();
  const set = (more: Partial<Wishes>) => setWishes({ ...wishes, ...more });
  const number = (key: "floorPct" | "wallPct" | "months" | "sturdy" | "kinds", min: number, max: number) => (
    <label className={css.wish}>
      <span>{say(`planting:palette.${key}`)}</span>
      <NumberInput
        whole
        label={say(`planting:palette.${key}`)}
        value={wishes[key]}
        limits={{ min, max }}
        onCommit={(value) => set({ [key]: value })}
      />
    </label>
  );
  const tick = (key: "regionOnly" | "edible" | "easy", text: string) => (
    <FormControlLabel
      control={
        <Checkbox size="small" checked={wishes[key]} onChange={(event) => set({ [key]: event.target.checked })} />
      }
      label={text}
    />
  );
  return (
    <LedgerPart title={say("planting:palette.title")}>
      <div className={css.wishes}>
        {number("floorPct", 0, 150)}
        {number("wallPct", 0, 150)}
        {number("months", 0, 36)}
        {number("sturdy", 0, 10)}
        {number("kinds", 1, 20)}
      </div>
      <fieldset className={css.ticks}>
        <legend>{say("planting:palette.strata")}</legend>
        {STRATA_OF_HEIGHT.map((stratum) => (
          <FormControlLabel
            key={stratum}
            label={say(`planting:palette.stratum.${stratum}`)}
            control={
              <Checkbox
                size="small"
                checked={wishes.strata.includes(stratum)}
                onChange={(event) =>
                  set({
                    strata: STRATA_OF_HEIGHT.filter((one) =>
                      one === stratum ? event.target.checked : wishes.strata.includes(one),
                    ),
                  })
                }
              />
            }
          />
        ))}
      </fieldset>
      <div className={css.ticks}>
        {tick(
          "regionOnly",
          say("planting:palette.region", {
            region: derived.animal.regions.map((region) => say(`library:values.region.${region}`)).join(", "),
          }),
        )}
        {tick("edible", say("planting:palette.edible"))}
        {tick("easy", say("planting:palette.easy"))}
      </div>
      <Budget value={wishes.budget} onChange={(budget) => set({ budget })} />
      {factor > 1 ? <p className={css.none}>{say("planting:palette.factor")}</p> : null}
      <div className={css.buttons}>
        {state.at === "working" ? (
          <Button size="small" variant="outlined" startIcon={<CircularProgress size={14} />} onClick={stop}>
            {say("planting:palette.stop")}
          </Button>
        ) : (
          <>
            <Button size="small" onClick={() => void propose(wishes, locked, false)}>
              {say("planting:palette.go")}
            </Button>
            {state.at === "done" ? (
              <Button size="small" variant="outlined" onClick={() => void propose(wishes, locked, true)}>
                {say("planting:palette.another")}
              </Button>
            ) : null}
          </>
        )}
      </div>
      <div role="status" aria-live="polite">
        {state.at === "working" ? <p className={css.none}>{say("planting:palette.working")}</p> : null}
        {state.at === "failed" || state.at === "none" || state.at === "nothing" ? (
          <p className={css.lost}>{say(`planting:palette.${state.at}`)}</p>
        ) : null}
        {state.at === "done" ? (
          <Proposed
            palette={state.palette}
            months={wishes.months}
            locked={locked}
            onLock={setLocked}
            onPlanted={onPlanted}
          />
        ) : null}
      </div>
    </LedgerPart>
  );
}

function Budget({ value, onChange }: { value: number | undefined; onChange: (budget: number | undefined) => void }) {
  const say = useSay();
  return (
    <div className={css.wish}>
      <FormControlLabel
        control={
          <Checkbox
            size="small"
            checked={value !== undefined}
            onChange={(event) => onChange(event.target.checked ? 60 : undefined)}
          />
        }
        label={say("planting:palette.budget")}
      />
      {value === undefined ? null : (
        <NumberInput
          label={say("planting:palette.budget")}
          value={value}
          limits={{ min: 0, max: 100_000 }}
          onCommit={onChange}
        />
      )}
    </div>
  );
}

type Props = {
  palette: Palette;
  months: number;
  locked: Readonly<Record<string, number>>;
  onLock: (locked: Readonly<Record<string, number>>) => void;
  onPlanted: () => void;
};

function Proposed({ palette, months, locked, onLock, onPlanted }: Props) {
  const say = useSay();
  const { habitat, derived, edit } = useOpen();
  const bins = useBins() ?? EMPTY_BINS;
  const [instead, setInstead] = useState(habitat.plants.length > 0);
  const toggle = (plantId: string, count: number) => {
    const { [plantId]: before, ...others } = locked;
    onLock(before === undefined ? { ...others, [plantId]: count } : others);
  };
  const plant = () => {
    const kept = instead ? [] : habitat.plants;
    const cleared = { ...derived, habitat: { ...habitat, plants: kept } };
    const stands = layOut(cleared, palette.picks, () => crypto.randomUUID().slice(0, 8));
    const clear: Command[] =
      instead && habitat.plants.length > 0
        ? [{ name: "removePlants", args: { ids: habitat.plants.map(({ id }) => id) } }]
        : [];
    const carry = carriesFor(
      derived.library,
      "plants",
      palette.picks.map((pick) => pick.plantId),
    );
    edit([...clear, ...carry, ...stands.map((stand): Command => ({ name: "addPlant", args: stand }))]);
    onPlanted();
  };
  return (
    <>
      <ul className={css.picks}>
        {palette.picks.map(({ plantId, count }) => {
          const name = capital(say.nameOf("plants", plantId));
          return (
            <li key={plantId}>
              <Checkbox
                size="small"
                checked={locked[plantId] !== undefined}
                onChange={() => toggle(plantId, count)}
                slotProps={{ input: { "aria-label": say("planting:palette.keep", { name }) } }}
              />
              <span>{name}</span>
              <b className="measure">{say("planting:palette.times", { count })}</b>
            </li>
          );
        })}
      </ul>
      <p className={css.none}>
        {say("planting:palette.covers", {
          floorPct: palette.floorShare * 100,
          wallPct: palette.wallShare * 100,
          months,
        })}{" "}
        {palette.missing.length > 0
          ? say("planting:palette.missing", {
              list: palette.missing.map((stratum) => say(`planting:palette.stratum.${stratum}`)).join(", "),
            })
          : ""}{" "}
        {palette.cost === undefined
          ? say("planting:palette.noCost")
          : say("planting:palette.cost", { money: moneyPrinted(palette.cost, bins.currency) })}
      </p>
      <div className={css.buttons}>
        <Button size="small" onClick={plant}>
          {say("planting:palette.plant")}
        </Button>
        {habitat.plants.length > 0 ? (
          <FormControlLabel
            control={<Checkbox size="small" checked={instead} onChange={(event) => setInstead(event.target.checked)} />}
            label={say("planting:palette.instead")}
          />
        ) : null}
      </div>
    </>
  );
}
