"use client";

import DeleteOutlineOutlined from "@mui/icons-material/DeleteOutlineOutlined";
import Button from "@mui/material/Button";
import IconButton from "@mui/material/IconButton";
import { useState } from "react";
import { LIMITS, WALLS, type Opening, type Shell } from "@/core/habitat";
import { useOpen } from "@/store";
import { Stepper } from "@/ui/measure";
import { useSay, sayProblem } from "@/words";
import { newGesture } from "@/ui/section";
import css from "./ShellStep.module.css";

const NEW_SIZE_CM = { vent: { widthCm: 20, heightCm: 4 }, port: { widthCm: 2.5, heightCm: 2.5 } } as const;

/**
 * A new vent goes low in front, over the fill and the sill, when there is none yet, then high at the back; a port goes
 * high at the back.
 */
function newOpening(kind: Opening["kind"], { widthCm, heightCm, sillCm, openings }: Shell, fillCm: number): Opening {
  const size = { widthCm: Math.min(NEW_SIZE_CM[kind].widthCm, widthCm), heightCm: NEW_SIZE_CM[kind].heightCm };
  const low = kind === "vent" && !openings.some((opening) => opening.kind === "vent");
  const acrossCm = kind === "port" ? Math.max(0, widthCm - 6 - size.widthCm) : (widthCm - size.widthCm) / 2;
  return {
    id: crypto.randomUUID().slice(0, 8),
    kind,
    wall: low ? "front" : "back",
    acrossCm,
    upCm: Math.min(low ? Math.max(sillCm, fillCm) + 1 : heightCm, Math.max(0, heightCm - size.heightCm - 3)),
    ...size,
  };
}

const FIELDS = [
  ["acrossCm", "across"],
  ["upCm", "up"],
  ["widthCm", "wide"],
  ["heightCm", "high"],
] as const;

/** Vents and cable ports: which wall, where, how large. */
export function OpeningRows() {
  const say = useSay();
  const { habitat, derived, edit } = useOpen();
  const fillCm = derived.ground.surface.frontCm;
  const { shell } = habitat;
  const [refused, setRefused] = useState<string | undefined>(undefined);
  const change = (opening: Opening, to: Partial<Opening>, name: string, gesture?: string) => {
    const problem = edit([{ name: "setOpening", args: { id: opening.id, ...to } }], gesture ?? newGesture());
    setRefused(problem && `${name}. ${sayProblem(problem, say)}`);
  };
  return (
    <>
      {shell.openings.length === 0 ? <p className={css.why}>{say("shell:noOpenings")}</p> : null}
      <ul className={css.openings}>
        {shell.openings.map((opening, at) => {
          const nth = shell.openings.slice(0, at + 1).filter((other) => other.kind === opening.kind).length;
          const name = say("shell:openingNth", { kind: say(`shell:kinds.${opening.kind}`), nth });
          return (
            <li key={opening.id}>
              <div className={css.line}>
                <b>{name}</b>
                <select
                  className={css.select}
                  aria-label={say("shell:wallOfOpening", { name })}
                  value={opening.wall}
                  onChange={(event) =>
                    change(opening, { wall: WALLS.find((wall) => wall === event.target.value) ?? opening.wall }, name)
                  }
                >
                  {WALLS.map((wall) => (
                    <option key={wall} value={wall}>
                      {say(`shell:walls.${wall}`)}
                    </option>
                  ))}
                </select>
                <IconButton
                  size="small"
                  aria-label={say("shell:removeOpening", { name })}
                  onClick={() => edit([{ name: "removeOpening", args: { id: opening.id } }])}
                >
                  <DeleteOutlineOutlined sx={{ fontSize: 17 }} />
                </IconButton>
              </div>
              <div className={css.four}>
                {FIELDS.map(([field, word]) => (
                  <Stepper
                    key={field}
                    label={say("shell:fieldOf", { name, field: say(`shell:${word}`) })}
                    caption={say(`shell:${word}`)}
                    kind="length"
                    value={opening[field]}
                    limits={field === "acrossCm" || field === "upCm" ? LIMITS.sillCm : LIMITS.openingCm}
                    onCommit={(cm, gesture) => change(opening, { [field]: cm }, name, gesture)}
                  />
                ))}
              </div>
            </li>
          );
        })}
      </ul>
      {refused ? (
        <p role="alert" className={css.refused}>
          {refused}
        </p>
      ) : null}
      <div className={css.line}>
        <Button
          size="small"
          variant="outlined"
          onClick={() => edit([{ name: "addOpening", args: newOpening("vent", shell, fillCm) }])}
        >
          {say("shell:addVent")}
        </Button>
        <Button
          size="small"
          variant="outlined"
          onClick={() => edit([{ name: "addOpening", args: newOpening("port", shell, fillCm) }])}
        >
          {say("shell:addPort")}
        </Button>
      </div>
      <p className={css.why}>{say("shell:mesh")}</p>
    </>
  );
}
