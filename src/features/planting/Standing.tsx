"use client";

import MoreVertOutlined from "@mui/icons-material/MoreVertOutlined";
import IconButton from "@mui/material/IconButton";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import { useState } from "react";
import { lampLumens, LIMITS, SPOTS, type Command, type Stand } from "@/core/habitat";
import { grownHeightCm, grownSpreadCm, plantCautions, spotOf } from "@/core/living";
import { LOSSES } from "@/core/log";
import { useOpen } from "@/store";
import { FitMark } from "@/ui/FitMark";
import { MeasureField, NumberInput } from "@/ui/measure";
import { Cautions } from "@/ui/parts";
import { capital, sayFit, useSay, useLibrary } from "@/words";
import css from "./Planting.module.css";

type Choosing = { chosen: string | undefined; onChoose: (id: string | undefined) => void };

/** What stands in the box already, each with what it lacks there, where it stands, and what became of it. */
export function Standing({ chosen, onChoose }: Choosing) {
  const say = useSay();
  const library = useLibrary();
  const { habitat, derived } = useOpen();
  return (
    <>
      {habitat.plants.length === 0 ? <p className={css.none}>{say("planting:none")}</p> : null}
      <ul className={css.list} aria-label={say("planting:standing")}>
        {habitat.plants.map((stand) => {
          const fit = derived.plantFits.get(stand.id);
          const plant = library.get("plants", stand.plantId);
          const name = capital(say.nameOf("plants", stand.plantId));
          const worst = fit?.reasons[0];
          return (
            <li key={stand.id} className={css.row} data-chosen={stand.id === chosen}>
              {fit ? <FitMark verdict={fit.verdict} /> : null}
              <button
                type="button"
                className={css.choose}
                onClick={() => onChoose(stand.id)}
                aria-pressed={stand.id === chosen}
              >
                <span className={css.name}>{name}</span>
                <small>
                  {worst && fit?.verdict !== "good"
                    ? sayFit(worst, say)
                    : say("planting:grown", {
                        grownHeightCm: grownHeightCm(plant),
                        grownSpreadCm: grownSpreadCm(plant),
                      })}
                </small>
              </button>
              <StandMenu stand={stand} name={name} />
              {stand.id === chosen ? <Where stand={stand} name={name} /> : null}
            </li>
          );
        })}
      </ul>
      <Lamp />
      <Cautions codes={habitat.plants.flatMap((stand) => plantCautions(library.get("plants", stand.plantId)))} />
    </>
  );
}

/** In what a plant stands, and how high. */
function Where({ stand, name }: { stand: Stand; name: string }) {
  const say = useSay();
  const library = useLibrary();
  const { habitat, edit } = useOpen();
  const spot = spotOf(library.get("plants", stand.plantId), stand);
  const planters = habitat.pieces.filter(({ kindId }) => library.get("pieceKinds", kindId).hollow?.opensTo === "soil");
  return (
    <span className={css.where}>
      <select
        aria-label={say("planting:spotOf", { name })}
        value={stand.inId ?? spot}
        onChange={(event) => {
          const { value } = event.target;
          const told = SPOTS.find((one) => one === value);
          edit(
            told
              ? [{ name: "movePlant", args: { id: stand.id, spot: told, upCm: null } }]
              : [{ name: "plantIn", args: { id: stand.id, inId: value } }],
          );
        }}
      >
        {SPOTS.map((one) => (
          <option key={one} value={one}>
            {say(`planting:spots.${one}`)}
          </option>
        ))}
        {planters.map(({ id, kindId }, at) => (
          <option key={id} value={id}>
            {say("planting:inPiece", { kindId, nth: at + 1 })}
          </option>
        ))}
      </select>
      {spot === "wood" || spot === "wall" || spot === "hanging" ? (
        <MeasureField
          label={say("planting:up")}
          kind="length"
          value={stand.upCm ?? undefined}
          limits={{ min: 0, max: habitat.shell.heightCm }}
          onCommit={(upCm, gesture) => edit([{ name: "movePlant", args: { id: stand.id, upCm } }], gesture)}
          onClear={() => edit([{ name: "movePlant", args: { id: stand.id, upCm: null } }])}
        />
      ) : null}
      <MeasureField
        label={say("planting:kept")}
        kind="length"
        value={stand.keptCm ?? undefined}
        limits={LIMITS.keptCm}
        onCommit={(keptCm, gesture) => edit([{ name: "movePlant", args: { id: stand.id, keptCm } }], gesture)}
        onClear={() => edit([{ name: "movePlant", args: { id: stand.id, keptCm: null } }])}
      />
    </span>
  );
}

/** Takes a plant out; one that died or gave way is remembered, so that it teaches. */
function StandMenu({ stand, name }: { stand: Stand; name: string }) {
  const say = useSay();
  const { edit, act } = useOpen();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const takeOut: Command = { name: "removePlants", args: { ids: [stand.id] } };
  const lose = (how: (typeof LOSSES)[number]) =>
    act([{ kind: "lost", on: "", plantId: stand.plantId, how }], [takeOut]);
  return (
    <>
      <IconButton
        size="small"
        aria-haspopup="menu"
        aria-label={say("planting:plantMore", { name })}
        onClick={(event) => setAnchor(event.currentTarget)}
      >
        <MoreVertOutlined sx={{ fontSize: 18 }} />
      </IconButton>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)} onClick={() => setAnchor(null)}>
        <MenuItem onClick={() => edit([takeOut])}>{say("planting:removePlant", { name })}</MenuItem>
        {LOSSES.map((how) => (
          <MenuItem key={how} onClick={() => lose(how)}>
            {say(`planting:${how}`, { name })}
          </MenuItem>
        ))}
      </Menu>
    </>
  );
}

/** What the lamps over the plants give; without it light is not judged. */
function Lamp() {
  const say = useSay();
  const { habitat, derived, edit } = useOpen();
  const lumens = lampLumens(habitat, derived.library);
  return (
    <div className={css.lamp}>
      <span>
        {say("planting:lamp")}
        <small>{lumens === null ? say("planting:lampHelp") : say("planting:lampNote")}</small>
      </span>
      {lumens === null ? (
        <button
          type="button"
          className={css.tell}
          onClick={() => edit([{ name: "setLight", args: { lumens: FIRST_LUMENS } }])}
        >
          {say("planting:tellLamp")}
        </button>
      ) : (
        <>
          <NumberInput
            whole
            label={say("planting:lamp")}
            value={lumens}
            limits={LIMITS.lampLumens}
            onCommit={(told, gesture) => edit([{ name: "setLight", args: { lumens: told } }], gesture)}
          />
          <button
            type="button"
            className={css.tell}
            onClick={() => edit([{ name: "setLight", args: { lumens: null } }])}
          >
            {say("planting:untellLamp")}
          </button>
        </>
      )}
    </div>
  );
}

/** A usual bar over a box of 90 cm (common practice). */
const FIRST_LUMENS = 2200;
