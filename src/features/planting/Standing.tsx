"use client";

import DeleteOutlineOutlined from "@mui/icons-material/DeleteOutlineOutlined";
import { plantOf } from "@/core/habitat";
import IconButton from "@mui/material/IconButton";
import { useOpen } from "@/store";
import { Cautions } from "@/ui/parts";
import { FitMark } from "@/ui/FitMark";
import { capital, nameOf, sayFit, useSay } from "@/words";
import css from "./Planting.module.css";

type Choosing = { chosen: string | undefined; onChoose: (id: string | undefined) => void };

/** What stands in the box already, each with what it lacks there. */
export function Standing({ chosen, onChoose }: Choosing) {
  const say = useSay();
  const { habitat, derived, edit } = useOpen();
  if (habitat.plants.length === 0) return <p className={css.none}>{say("planting:none")}</p>;
  return (
    <>
      <ul className={css.list} aria-label={say("planting:standing")}>
        {habitat.plants.map((stand) => {
          const fit = derived.plantFits.get(stand.id);
          const plant = plantOf(habitat, stand.plantId);
          const name = capital(nameOf("plants", stand.plantId));
          const worst = fit?.reasons[0];
          return (
            <li key={stand.id} className={css.row} data-chosen={stand.id === chosen}>
              {fit ? <FitMark verdict={fit.verdict} /> : null}
              <button type="button" className={css.choose} onClick={() => onChoose(stand.id)} aria-pressed={stand.id === chosen}>
                <span className={css.name}>{name}</span>
                <small>
                  {worst && fit?.verdict !== "good" ? sayFit(worst, say) : say("planting:grown", { grownHeightCm: plant.grownHeightCm, grownSpreadCm: plant.grownSpreadCm })}
                </small>
              </button>
              <IconButton size="small" aria-label={say("planting:removePlant", { name })} onClick={() => edit([{ name: "removePlants", args: { ids: [stand.id] } }])}>
                <DeleteOutlineOutlined sx={{ fontSize: 17 }} />
              </IconButton>
            </li>
          );
        })}
      </ul>
      <Cautions codes={habitat.plants.flatMap((stand) => plantOf(habitat, stand.plantId).cautions)} />
    </>
  );
}
