"use client";

import AddOutlined from "@mui/icons-material/AddOutlined";
import DeleteOutlineOutlined from "@mui/icons-material/DeleteOutlineOutlined";
import Button from "@mui/material/Button";
import IconButton from "@mui/material/IconButton";
import TextField from "@mui/material/TextField";
import { useMemo, useState } from "react";
import type { Crew } from "@/core/catalog";
import { carriesFor, LIMITS } from "@/core/habitat";
import { crewFit, ranked, seedCount, type Fit } from "@/core/living";
import { startOwn, stockNames, useOpen } from "@/store";
import { FitMark } from "@/ui/FitMark";
import { NumberInput } from "@/ui/measure";
import { Cautions, LedgerHead, LedgerPart, WishedNote, Workbench } from "@/ui/parts";
import { Nearest, useSearch } from "@/ui/search";
import { BenchSection, type View } from "@/ui/section";
import { capital, sayFit, useSay, useLibrary } from "@/words";
import { CrewDots } from "./CrewDots";
import { StartersPart } from "./StartersPart";
import css from "./Crew.module.css";

/** The cleanup crew, ranked with reasons; what is seeded shows in the ground. */
export function CrewStep() {
  const say = useSay();
  const library = useLibrary();
  const { habitat, derived, edit } = useOpen();
  const [view, setView] = useState<View>("front");
  const seeded = new Set(habitat.crew.map((seeding) => seeding.crewId));
  const candidates = ranked(
    library
      .all("crew")
      .filter(({ id, proposed }) => proposed && !seeded.has(id))
      .map((one) => crewFit(one, derived)),
  );
  const [sought, setSought] = useState("");
  const all = useMemo(() => library.all("crew").filter(({ proposed }) => proposed), [library]);
  const hits = useSearch("crew", all)(sought);
  const shown = candidates.filter(({ id }) => hits === undefined || hits.found.includes(id));
  const seedOwn = (fromId: string, name: string) =>
    void startOwn("crew", fromId, name, library, stockNames("crew", say.nameOf)).then((started) => {
      if (started) seed(started.id, seedCount(started.library.get("crew", started.id), habitat), started.library);
    });
  const seed = (crewId: string, count: number, known = library) =>
    edit([...carriesFor(known, "crew", [crewId]), { name: "setCrew", args: { crewId, count } }]);
  return (
    <Workbench
      label={say("steps:ledger")}
      middle={
        <>
          <BenchSection
            habitat={habitat}
            ground={derived.ground}
            view={view}
            onView={setView}
            overlay={(frame) => <CrewDots frame={frame} />}
          />
          <p className={css.note}>{say("crew:note")}</p>
        </>
      }
      ledger={
        <>
          <LedgerHead title={say("crew:title")} sub={say("crew:sub")} />
          <WishedNote climate={derived.climate} animalId={derived.animal.id} />
          {habitat.crew.length === 0 ? <p className={css.none}>{say("crew:none")}</p> : null}
          <ul className={css.list} aria-label={say("crew:seeded")}>
            {habitat.crew.map((seeding) => {
              const fit = derived.crewFits.get(seeding.crewId);
              return (
                <li key={seeding.crewId} className={css.row}>
                  {fit ? <FitMark verdict={fit.verdict} /> : null}
                  {fit ? <Species fit={fit} species={library.get("crew", seeding.crewId)} /> : null}
                  <span className={css.acts}>
                    <NumberInput
                      whole
                      label={say("crew:countOf", { name: capital(say.nameOf("crew", seeding.crewId)) })}
                      value={seeding.count}
                      limits={LIMITS.crewCount}
                      onCommit={(count, gesture) =>
                        edit([{ name: "setCrew", args: { crewId: seeding.crewId, count } }], gesture)
                      }
                    />
                    <IconButton
                      size="small"
                      aria-label={say("crew:removeCrew", { name: capital(say.nameOf("crew", seeding.crewId)) })}
                      onClick={() => edit([{ name: "removeCrew", args: { crewId: seeding.crewId } }])}
                    >
                      <DeleteOutlineOutlined sx={{ fontSize: 17 }} />
                    </IconButton>
                  </span>
                </li>
              );
            })}
          </ul>
          <Cautions codes={habitat.crew.flatMap((seeding) => library.get("crew", seeding.crewId).cautions)} />
          <LedgerPart title={say("crew:candidates")}>
            <TextField
              fullWidth
              size="small"
              label={say("crew:search")}
              value={sought}
              onChange={(event) => setSought(event.target.value)}
            />
            {hits && hits.nearest.length > 0 ? (
              <Nearest kind="crew" typed={sought} nearest={hits.nearest} onFind={setSought} onOwn={seedOwn} />
            ) : null}
            <ul className={css.list}>
              {shown.map((fit) => {
                const one = library.get("crew", fit.id);
                const count = seedCount(one, habitat);
                return (
                  <li key={fit.id} className={css.row}>
                    <FitMark verdict={fit.verdict} />
                    <Species fit={fit} species={one} count={count} />
                    <Button
                      size="small"
                      variant="outlined"
                      sx={{ minWidth: 36, px: 1 }}
                      aria-label={say("crew:addCrew", { name: capital(say.nameOf("crew", fit.id)) })}
                      onClick={() => seed(fit.id, count)}
                    >
                      <AddOutlined fontSize="small" />
                    </Button>
                  </li>
                );
              })}
            </ul>
          </LedgerPart>
          <StartersPart />
        </>
      }
    />
  );
}

function Species({ fit, species, count }: { fit: Fit; species: Crew; count?: number }) {
  const say = useSay();
  const lacking = fit.reasons.filter((reason) => reason.verdict !== "good");
  const told = lacking.length > 0 ? lacking : fit.reasons.slice(0, 2);
  return (
    <span>
      <span className={css.name}>{capital(say.nameOf("crew", fit.id))}</span>{" "}
      <i className={css.latin}>{species.scientificName}</i>
      <small>{told.map((reason) => sayFit(reason, say)).join(" ")}</small>
      <small>
        {count === undefined ? "" : `${say("crew:seed", { count })} · `}
        {say("crew:breeds", { count: Math.round((species.daysToMaturity[0] + species.daysToMaturity[1]) / 2) })}
      </small>
    </span>
  );
}
