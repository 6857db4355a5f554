"use client";

import ScreenRotationOutlined from "@mui/icons-material/ScreenRotationOutlined";
import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import FormControlLabel from "@mui/material/FormControlLabel";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { LIMITS, type Shell } from "@/core/habitat";
import { useOpen } from "@/store";
import { MeasureField } from "@/ui/measure";
import { Pills } from "@/ui/parts";
import { boxSize, capital, useSay, useLibrary } from "@/words";
import css from "./ShellStep.module.css";

type Side = keyof Pick<Shell, "widthCm" | "depthCm" | "heightCm">;
const SIDES: readonly [Side, "width" | "depth" | "height"][] = [
  ["widthCm", "width"],
  ["depthCm", "depth"],
  ["heightCm", "height"],
];

/** The three sizes and the sill: typed as measured inside or outside, or taken from the common ones. */
export function SizeFields() {
  const say = useSay();
  const library = useLibrary();
  const { habitat, edit } = useOpen();
  const { shell } = habitat;
  const [measured, setMeasured] = useState<"inside" | "outside">("inside");
  const wallCm = shell.wallMm / 10;
  const walls: Record<Side, number> = {
    widthCm: 2 * wallCm,
    depthCm: 2 * wallCm,
    heightCm: wallCm * (shell.top.lid === "glass" ? 2 : 1),
  };
  const outside = measured === "outside";
  const shown = (side: Side) => shell[side] + (outside ? walls[side] : 0);
  const set = (side: Side, cm: number, gesture: string) =>
    outside
      ? edit(
          [
            {
              name: "setOuterSize",
              args: { widthCm: shown("widthCm"), depthCm: shown("depthCm"), heightCm: shown("heightCm"), [side]: cm },
            },
          ],
          gesture,
        )
      : edit([{ name: "setShell", args: { [side]: cm } }], gesture);
  if (shell.bought)
    return (
      <div className={css.form}>
        <p className={`${css.fixed} ${css.wide}`}>
          <b className="measure">{say("shell:inside", boxSize(shell))}</b>
          {shell.sillCm > 0 ? <span>{say("shell:fixedSill", { sillCm: shell.sillCm })}</span> : null}
        </p>
        <Bought />
      </div>
    );
  const common = library
    .all("boxSizes")
    .find((box) => SIDES.every(([side]) => Math.abs(box[side] - shell[side]) < 0.05));
  return (
    <div className={css.form}>
      <TextField
        select
        className={css.wide ?? ""}
        label={say("shell:sizes")}
        value={common?.id ?? ""}
        onChange={(event) => {
          const { widthCm, depthCm, heightCm } = library.get("boxSizes", event.target.value);
          edit([{ name: "setShell", args: { widthCm, depthCm, heightCm } }]);
        }}
        slotProps={{
          select: {
            displayEmpty: true,
            renderValue: () => (common ? capital(say.nameOf("boxSizes", common.id)) : capital(say("shell:ownSize"))),
          },
          inputLabel: { shrink: true },
        }}
      >
        {library.all("boxSizes").map(({ id }) => (
          <MenuItem key={id} value={id}>
            {capital(say.nameOf("boxSizes", id))}
          </MenuItem>
        ))}
      </TextField>
      <div className={css.line}>
        <Pills
          label={say("shell:measured")}
          value={measured}
          onChange={setMeasured}
          options={[
            { value: "inside", text: say("shell:measuredInside") },
            { value: "outside", text: say("shell:measuredOutside") },
          ]}
        />
        <Button
          size="small"
          variant="outlined"
          startIcon={<ScreenRotationOutlined />}
          onClick={() => edit([{ name: "turnOnEnd", args: {} }])}
        >
          {say("shell:onEnd")}
        </Button>
      </div>
      {SIDES.map(([side, word]) => (
        <MeasureField
          key={`${side}-${measured}`}
          label={say(`shell:${word}`)}
          kind="length"
          value={shown(side)}
          limits={outside ? { min: LIMITS.boxCm.min + walls[side], max: LIMITS.boxCm.max } : LIMITS.boxCm}
          onCommit={(cm, gesture) => set(side, cm, gesture)}
        />
      ))}
      <MeasureField
        label={say("shell:sill")}
        kind="length"
        value={shell.sillCm}
        limits={LIMITS.sillCm}
        help={say("shell:sillHelp")}
        onCommit={(sillCm, gesture) => edit([{ name: "setShell", args: { sillCm } }], gesture)}
      />
      <Bought />
      {outside ? (
        <p className={`${css.why} ${css.wide}`}>
          {say("shell:outsideHelp")} {say("shell:inside", boxSize(shell))}
        </p>
      ) : null}
    </div>
  );
}

/** Says that the box is bought as it is: then its size is no field any more, and no mend changes it. */
function Bought() {
  const say = useSay();
  const { habitat, edit } = useOpen();
  return (
    <FormControlLabel
      className={css.wide ?? ""}
      control={
        <Checkbox
          size="small"
          checked={habitat.shell.bought}
          onChange={(event) => edit([{ name: "setBought", args: { bought: event.target.checked } }])}
        />
      }
      label={say("shell:bought")}
    />
  );
}
