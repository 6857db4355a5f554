"use client";

import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { LIMITS } from "@/core/habitat";
import { useOpen } from "@/store";
import { MeasureField } from "@/ui/measure";
import { capital, useSay, useLibrary } from "@/words";
import css from "./ShellStep.module.css";

const MM_PER_CM = 10;

const SHAPES = ["rectangle", "cornerTriangle", "quarterRound", "hexagon"] as const;

/** What the box is built of, how thick, and the shape of its floor. */
export function BuildFields({ onFloor, onDraw }: { onFloor: () => void; onDraw: () => void }) {
  const say = useSay();
  const library = useLibrary();
  const { habitat, edit } = useOpen();
  const { shell } = habitat;
  return (
    <div className={css.form}>
      <TextField
        select
        label={say("shell:build")}
        value={shell.buildId}
        onChange={(event) => edit([{ name: "setBuild", args: { buildId: event.target.value } }])}
      >
        {library.all("boxBuilds").map(({ id }) => (
          <MenuItem key={id} value={id}>
            {capital(say.nameOf("boxBuilds", id))}
          </MenuItem>
        ))}
      </TextField>
      <TextField
        select
        label={say("shell:floorShape")}
        value={shell.floor.shape}
        onChange={(event) => {
          const shape = SHAPES.find((known) => known === event.target.value);
          if (!shape) return;
          edit([{ name: "setFloor", args: { floor: { shape } } }]);
          onFloor();
        }}
      >
        {SHAPES.map((shape) => (
          <MenuItem key={shape} value={shape}>
            {capital(say(`shell:floors.${shape}`))}
          </MenuItem>
        ))}
        {shell.floor.shape === "polygon" ? (
          <MenuItem value="polygon" disabled>
            {capital(say("shell:floors.polygon"))}
          </MenuItem>
        ) : null}
      </TextField>
      <div className={`${css.line} ${css.wide}`}>
        <Button size="small" variant="outlined" onClick={onDraw}>
          {say("shell:drawFloor")}
        </Button>
        <MeasureField
          label={say("shell:wallOf")}
          kind="thin"
          value={shell.wallMm / MM_PER_CM}
          limits={{ min: LIMITS.wallMm.min / MM_PER_CM, max: LIMITS.wallMm.max / MM_PER_CM }}
          onCommit={(wallCm, gesture) => edit([{ name: "setShell", args: { wallMm: wallCm * MM_PER_CM } }], gesture)}
        />
      </div>
    </div>
  );
}
