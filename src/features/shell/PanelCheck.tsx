"use client";

import { useState } from "react";
import { LIMITS } from "@/core/habitat";
import { PANEL_PLACES, panelFit, panelSize, type PanelPlace } from "@/core/shell";
import { useOpen } from "@/store";
import { Stepper } from "@/ui/measure";
import { useSay } from "@/words";
import css from "./ShellStep.module.css";

/** Will it fit? A rigid panel or a cane, measured against the box before it is cut. Nothing is kept. */
export function PanelCheck() {
  const say = useSay();
  const { shell } = useOpen().habitat;
  const [place, setPlace] = useState<PanelPlace>("back");
  const cut = panelSize(shell, { wall: "back", fromCm: 0 });
  const [size, setSize] = useState({ lengthCm: cut.widthCm, heightCm: cut.heightCm, thicknessCm: 3 });
  const spans = place.startsWith("span");
  const rigid = spans ? { ...size, heightCm: size.thicknessCm } : size;
  return (
    <>
      <p className={css.why}>{say("shell:panelHelp")}</p>
      <label className={css.field}>
        <span>{say("shell:panelPlace")}</span>
        <select
          className={css.select}
          value={place}
          onChange={(event) => setPlace(PANEL_PLACES.find((known) => known === event.target.value) ?? place)}
        >
          {PANEL_PLACES.map((value) => (
            <option key={value} value={value}>
              {say(`shell:panelPlaces.${value}`)}
            </option>
          ))}
        </select>
      </label>
      <div className={css.four}>
        {(["lengthCm", "heightCm", "thicknessCm"] as const)
          .filter((side) => !spans || side !== "heightCm")
          .map((side) => (
            <Stepper
              key={side}
              label={say("shell:panelSide", { side: say(`shell:panelSides.${side}`) })}
              caption={say(`shell:panelSides.${side}`)}
              kind="length"
              value={size[side]}
              limits={LIMITS.pieceCm}
              onCommit={(cm) => setSize({ ...size, [side]: cm })}
            />
          ))}
      </div>
      <ul className={css.reasons} aria-label={say("shell:panelTitle")}>
        {panelFit(rigid, shell, place).map(({ code, weight, ...quantities }) => (
          <li key={code} data-weight={weight}>
            {say(`shell:panel.${code}`, quantities)}
          </li>
        ))}
      </ul>
    </>
  );
}
