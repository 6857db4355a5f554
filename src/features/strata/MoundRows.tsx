"use client";

import DeleteOutlineOutlined from "@mui/icons-material/DeleteOutlineOutlined";
import IconButton from "@mui/material/IconButton";
import { useState } from "react";
import { LIMITS, type Mound, type SoilLayer, type Command } from "@/core/habitat";
import { useOpen } from "@/store";
import { Stepper } from "@/ui/measure";
import { Pills } from "@/ui/parts";
import { useSay, sayProblem } from "@/words";
import { newGesture } from "@/ui/section";
import css from "./LayerRows.module.css";

const FIELDS = [
  ["heightCm", LIMITS.moundCm],
  ["radiusCm", LIMITS.moundCm],
  ["xCm", LIMITS.sillCm],
  ["yCm", LIMITS.sillCm],
] as const;

/** The heaps on a soil lift: dome or flat-topped, how high, how wide, where. */
export function MoundRows({ layer }: { layer: SoilLayer }) {
  const say = useSay();
  const { edit } = useOpen();
  const [refused, setRefused] = useState<string | undefined>(undefined);
  const change = (mound: Mound, to: Partial<Mound>, name: string, gesture?: string) => {
    const set: Command = { name: "setMound", args: { layerId: layer.id, id: mound.id, ...to } };
    const problem = edit([set], gesture ?? newGesture());
    setRefused(problem && `${name}. ${sayProblem(problem, say)}`);
  };
  return (
    <>
      {layer.mounds.map((mound, at) => {
        const name = say("strata:mound", { nth: at + 1 });
        const fields =
          mound.form === "flat"
            ? [...FIELDS.slice(0, 2), ["topRadiusCm", LIMITS.mostMoundTopCm] as const, ...FIELDS.slice(2)]
            : FIELDS;
        return (
          <div key={mound.id} className={css.mound}>
            <div className={css.moreLine}>
              <b>{name}</b>
              <Pills
                label={say("strata:moundForm", { name })}
                value={mound.form}
                onChange={(form) => change(mound, { form }, name)}
                options={(["dome", "flat"] as const).map((value) => ({
                  value,
                  text: say(`strata:moundForms.${value}`),
                }))}
              />
              <IconButton
                size="small"
                aria-label={say("strata:removeMound", { name })}
                onClick={() => edit([{ name: "removeMound", args: { layerId: layer.id, id: mound.id } }])}
              >
                <DeleteOutlineOutlined sx={{ fontSize: 17 }} />
              </IconButton>
            </div>
            <div className={css.corners}>
              {fields.map(([field, limits]) => (
                <Stepper
                  key={field}
                  label={say("strata:fieldOf", { name, field: say(`strata:moundFields.${field}`) })}
                  caption={say(`strata:moundFields.${field}`)}
                  kind="length"
                  value={mound[field]}
                  limits={limits}
                  onCommit={(cm, gesture) => change(mound, { [field]: cm }, name, gesture)}
                />
              ))}
            </div>
          </div>
        );
      })}
      {refused ? (
        <p role="alert" className={css.refused}>
          {refused}
        </p>
      ) : null}
    </>
  );
}
