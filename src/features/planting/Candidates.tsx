"use client";

import AddOutlined from "@mui/icons-material/AddOutlined";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { catalog, entry } from "@/core/catalog";
import { plantFit, ranked } from "@/core/living";
import { useOpen } from "@/store";
import { FitMark } from "@/ui/FitMark";
import { capital, nameOf, sayFit, useSay } from "@/words";
import css from "./Planting.module.css";
import { freeSpot } from "./freeSpot";

const REASONS_SHOWN = 2;

/** All plants, the best for this habitat first, each with its reasons in words. */
export function Candidates({ onAdded }: { onAdded: (id: string) => void }) {
  const say = useSay();
  const { habitat, derived, edit } = useOpen();
  const [sought, setSought] = useState("");
  const fits = ranked(catalog.plants.map((plant) => plantFit(plant, habitat, derived.ground)));
  const wanted = sought.trim().toLocaleLowerCase();
  const shown = fits.filter(({ id }) => `${nameOf("plants", id)} ${entry("plants", id).scientificName}`.toLocaleLowerCase().includes(wanted));
  const add = (plantId: string) => {
    const id = crypto.randomUUID().slice(0, 8);
    edit([{ name: "addPlant", args: { id, plantId, ...freeSpot(habitat, entry("plants", plantId)) } }]);
    onAdded(id);
  };
  return (
    <>
      <TextField label={say("planting:search")} value={sought} onChange={(event) => setSought(event.target.value)} sx={{ mb: 1, mt: 0.5 }} />
      {shown.length === 0 ? <p className={css.none}>{say("planting:noMatch")}</p> : null}
      <ul className={css.list}>
        {shown.map((fit) => {
          const plant = entry("plants", fit.id);
          const name = capital(nameOf("plants", fit.id));
          const reasons = fit.reasons.filter((reason) => reason.verdict !== "good");
          return (
            <li key={fit.id} className={css.row}>
              <FitMark verdict={fit.verdict} />
              <span>
                <span className={css.name}>{name}</span> <i className={css.latin}>{plant.scientificName}</i>
                <small>
                  {reasons.length > 0
                    ? reasons.slice(0, REASONS_SHOWN).map((reason) => sayFit(reason, say)).join(" ")
                    : fit.reasons.slice(0, REASONS_SHOWN).map((reason) => sayFit(reason, say)).join(" ")}
                </small>
                <small className={css.facts}>
                  {say("planting:grown", { grownHeightCm: plant.grownHeightCm, grownSpreadCm: plant.grownSpreadCm })} · {say(`planting:places.${plant.place}`)} · {say(`planting:lights.${plant.light}`)}
                </small>
              </span>
              <Button size="small" variant="outlined" aria-label={say("planting:addPlant", { name })} onClick={() => add(fit.id)} sx={{ minWidth: 36, px: 1 }}>
                <AddOutlined fontSize="small" />
              </Button>
            </li>
          );
        })}
      </ul>
    </>
  );
}
