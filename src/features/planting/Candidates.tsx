"use client";

import { useDraggable } from "@dnd-kit/core";
import AddOutlined from "@mui/icons-material/AddOutlined";
import DragIndicatorOutlined from "@mui/icons-material/DragIndicatorOutlined";
import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import FormControlLabel from "@mui/material/FormControlLabel";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useMemo, useState } from "react";
import type { Plant } from "@/core/catalog";
import type { Library } from "@/core/library";
import {
  lossesOf,
  PLANTING_PLACES,
  placeNamed,
  plantFit,
  ranked,
  rankPlants,
  usualStand,
  worstStanding,
  type Fit,
  type PlantingPlace,
  grownHeightCm,
  grownSpreadCm,
  usualSite,
} from "@/core/living";
import { startOwn, stockNames, useOpen } from "@/store";
import { FitMark } from "@/ui/FitMark";
import { Nearest, useSearch } from "@/ui/search";
import { capital, sayFit, useSay } from "@/words";
import css from "./Planting.module.css";
import { usePlants } from "./usePlanting";

/** Puts a plant in; one of one's own that was just started comes with the library that knows it. */
type Add = (plantId: string, place: PlantingPlace | undefined, library?: Library) => void;

const REASONS_SHOWN = 2;
const AT_ONCE = 30;
const USUAL = "usual";

/** All plants, the best for the place first, each with its reasons in words; dragged in or added. */
export function Candidates({ onAdd }: { onAdd: Add }) {
  const say = useSay();
  const { habitat, derived, log } = useOpen();
  const all = usePlants();
  const [sought, setSought] = useState("");
  const [where, setWhere] = useState<PlantingPlace | typeof USUAL>(USUAL);
  const [onlyFits, setOnlyFits] = useState(false);
  const [shownCount, setShownCount] = useState(AT_ONCE);
  const { ground } = derived;
  const fits = useMemo(() => {
    if (where !== USUAL) return rankPlants(all, derived, placeNamed(habitat, ground, where));
    return ranked(all.map((plant) => plantFit(plant, derived, usualStand(derived, plant))));
  }, [all, derived, habitat, ground, where]);
  const byId = new Map(all.map((plant) => [plant.id, plant]));
  const find = useSearch("plants", all);
  const hits = find(sought);
  const found = hits && new Set(hits.found);
  const wanted = fits.filter(
    ({ id, verdict }) => (found === undefined || found.has(id)) && (!onlyFits || verdict !== "misfit"),
  );
  const place = where === USUAL ? undefined : where;
  const onOwn = (fromId: string, name: string) =>
    void startOwn("plants", fromId, name, derived.library, stockNames("plants", say.nameOf)).then((started) => {
      if (started) onAdd(started.id, place, started.library);
    });
  return (
    <>
      <div className={css.finder}>
        <TextField
          label={say("planting:search")}
          value={sought}
          onChange={(event) => {
            setSought(event.target.value);
            setShownCount(AT_ONCE);
          }}
        />
        <TextField
          select
          label={say("planting:where")}
          value={where}
          onChange={(event) => setWhere(PLANTING_PLACES.find((name) => name === event.target.value) ?? USUAL)}
        >
          <MenuItem value={USUAL}>{say("planting:usual")}</MenuItem>
          {PLANTING_PLACES.map((name) => (
            <MenuItem key={name} value={name}>
              {say(`planting:named.${name}`)}
            </MenuItem>
          ))}
        </TextField>
        <FormControlLabel
          control={<Checkbox size="small" checked={onlyFits} onChange={(event) => setOnlyFits(event.target.checked)} />}
          label={say("planting:onlyFits")}
        />
      </div>
      {hits && hits.nearest.length > 0 ? (
        <Nearest kind="plants" typed={sought} nearest={hits.nearest} onFind={setSought} onOwn={onOwn} />
      ) : wanted.length === 0 ? (
        <p className={css.none}>{say("planting:noMatch")}</p>
      ) : null}
      <ul className={css.list}>
        {wanted.slice(0, shownCount).map((fit) => {
          const plant = byId.get(fit.id);
          return plant ? (
            <Candidate
              key={fit.id}
              plant={plant}
              fit={fit}
              own={derived.library.ownName("plants", fit.id) !== undefined}
              standing={worstStanding(habitat, derived.plantFits, fit.id)}
              losses={lossesOf(log.state, fit.id)}
              onAdd={() => onAdd(fit.id, place)}
            />
          ) : null;
        })}
      </ul>
      {wanted.length > shownCount ? (
        <Button size="small" variant="outlined" onClick={() => setShownCount(shownCount + AT_ONCE)}>
          {say("planting:more", { count: Math.min(AT_ONCE, wanted.length - shownCount) })}
        </Button>
      ) : null}
    </>
  );
}

function Candidate({
  plant,
  fit,
  own,
  standing,
  losses,
  onAdd,
}: {
  plant: Plant;
  fit: Fit;
  own: boolean;
  /** How the worst of those that stand in the box fits there. */
  standing: Fit | undefined;
  losses: number;
  onAdd: () => void;
}) {
  const say = useSay();
  const { listeners, setNodeRef, isDragging } = useDraggable({ id: plant.id });
  const name = capital(say.nameOf("plants", plant.id));
  const wrong = standing?.reasons.find(({ verdict }) => verdict === "misfit");
  const lacking = fit.reasons.filter((reason) => reason.verdict !== "good");
  const told = (lacking.length > 0 ? lacking : fit.reasons).slice(0, REASONS_SHOWN);
  return (
    <li className={css.row} ref={setNodeRef} data-dragging={isDragging}>
      <FitMark verdict={fit.verdict} />
      <span>
        <span className={css.name}>{name}</span> <i className={css.latin}>{plant.scientificName}</i>
        {own ? <em className={css.own}>{say("planting:ownPlant")}</em> : null}
        <small>{told.map((reason) => sayFit(reason, say)).join(" ")}</small>
        {wrong ? <small className={css.lost}>{say("planting:standsWrong", { why: sayFit(wrong, say) })}</small> : null}
        {losses > 0 ? <small className={css.lost}>{say("planting:diedBefore", { count: losses })}</small> : null}
        <small className={css.facts}>
          {say("planting:grown", { grownHeightCm: grownHeightCm(plant), grownSpreadCm: grownSpreadCm(plant) })} ·{" "}
          {say(`library:values.place.${usualSite(plant)}`)} · {say(`planting:lights.${plant.light}`)}
        </small>
      </span>
      <span className={css.acts}>
        <span className={css.grip} title={say("planting:drag", { name })} {...listeners}>
          <DragIndicatorOutlined fontSize="small" />
        </span>
        <Button
          size="small"
          variant="outlined"
          aria-label={say("planting:addPlant", { name })}
          onClick={onAdd}
          sx={{ minWidth: 36, px: 1 }}
        >
          <AddOutlined fontSize="small" />
        </Button>
      </span>
    </li>
  );
}
