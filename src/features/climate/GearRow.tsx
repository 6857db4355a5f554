"use client";

import CloseOutlined from "@mui/icons-material/CloseOutlined";
import IconButton from "@mui/material/IconButton";
import { useState } from "react";
import { fixtureOf, inUse, isSwitched, wattsOf, type Fixture } from "@/core/gear";
import { firstRun, RUNS, type GearPiece } from "@/core/habitat";
import { useOpen } from "@/store";
import { GearIcon } from "@/ui/section";
import {
  capital,
  daysSaid,
  useFigures,
  useLibrary,
  useSay,
  waterADaySaid,
  wattsSaid,
  monthsSaid,
  runSaid,
} from "@/words";
import { AgeFields } from "./AgeFields";
import { useOutlook } from "./season";
import css from "./Gear.module.css";
import { PlaceFields } from "./PlaceFields";
import { RunFields } from "./RunFields";
import { SizeFields } from "./SizeFields";
import { MonthFields, WiringFields } from "./WiringFields";

/** What is worth knowing of a piece at a glance: when it runs, through what it shines, how long its water lasts. */
function useSummary(fixture: Fixture): string {
  const say = useSay();
  const figures = useFigures();
  const { piece, kind, through } = fixture;
  const outlook = useOutlook();
  const vessel = outlook.vessels.find(({ gearId }) => gearId === piece.id);
  const metered = outlook.lamps.some((lamp) => lamp.byMeter && lamp.fixture.piece.id === piece.id);
  const isUv = kind.reference.uvIndexAt !== undefined;
  const parts = [
    isSwitched(kind) ? runSaid(piece.run, outlook.on, say, figures) : undefined,
    monthsSaid(piece, say),
    say(`climate:gear.places.${fixture.place}`),
    isUv && through === "mesh" && !metered ? say("climate:gear.throughMesh") : undefined,
    isUv && through === "glass" ? say("climate:gear.throughGlass") : undefined,
    metered ? say("climate:gear.byMeter") : undefined,
    vessel && waterADaySaid(vessel.waterL, say, figures),
    vessel?.days && say("climate:gear.lasts", { days: daysSaid(vessel.days, say) }),
  ];
  return parts.filter((part) => part !== undefined && part !== "").join(" · ");
}

/** One piece of gear: what it does at a glance, and under its name all that is told of it. */
export function GearRow({ piece }: { piece: GearPiece }) {
  const say = useSay();
  const figures = useFigures();
  const library = useLibrary();
  const { habitat, derived, edit } = useOpen();
  const [open, setOpen] = useState(false);
  const kind = library.get("gear", piece.kindId);
  const one = { piece, kind };
  const fixture = fixtureOf(one, habitat.shell, derived.ground.surfaceAt);
  const summary = useSummary(fixture);
  const name = capital(say.nameOf("gear", kind.id));
  const { animal } = derived;
  const outlook = useOutlook();
  const set = (to: Partial<Omit<GearPiece, "id">>, gesture?: string) =>
    edit([{ name: "setGear", args: { id: piece.id, ...to } }], gesture);
  return (
    <li className={css.piece} data-off={!inUse(piece, outlook.on)}>
      <header>
        <button
          type="button"
          className={css.head}
          aria-expanded={open}
          aria-label={say("climate:gear.open", { name })}
          onClick={() => setOpen(!open)}
        >
          <GearIcon kind={kind} />
          <span>
            <b>{name}</b>
            <small>{summary}</small>
          </span>
          <span className="measure">{kind.watts ? wattsSaid(wattsOf(one), figures) : ""}</span>
        </button>
        <IconButton
          size="small"
          aria-label={say("climate:gear.remove", { name })}
          onClick={() => edit([{ name: "removeGear", args: { ids: [piece.id] } }])}
        >
          <CloseOutlined sx={{ fontSize: 16 }} />
        </IconButton>
      </header>
      {open ? (
        <div className={css.body}>
          <SizeFields one={one} name={name} set={set} />
          <PlaceFields one={one} name={name} set={set} />
          {isSwitched(kind) ? (
            <div className={css.line}>
              <select
                className={css.select}
                aria-label={say("climate:gear.run", { name })}
                value={piece.run.by}
                onChange={(event) => {
                  const by = RUNS.find((run) => run === event.target.value) ?? "always";
                  set({ run: firstRun(by, kind, animal) });
                }}
              >
                {RUNS.map((by) => (
                  <option key={by} value={by}>
                    {say(`climate:gear.runs.${by}`)}
                  </option>
                ))}
              </select>
              <RunFields run={piece.run} name={name} on={outlook.on} onRun={(run, gesture) => set({ run }, gesture)} />
            </div>
          ) : null}
          {isSwitched(kind) ? <MonthFields one={one} name={name} set={set} /> : null}
          <WiringFields one={one} name={name} set={set} at={fixture} />
          <AgeFields one={one} name={name} />
        </div>
      ) : null}
    </li>
  );
}
