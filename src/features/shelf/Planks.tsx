"use client";

import type { Kept } from "@/store";
import { useSize } from "@/ui/section";
import { sayFileProblem, useSay } from "@/words";
import { saveRawFile } from "@/ui/files";
import Button from "@mui/material/Button";
import { HabitatSpot } from "./HabitatSpot";
import { packShelves } from "./packShelves";
import type { Notice } from "./notice";
import css from "./Shelf.module.css";

const SIDE = 56;
const GAP = 52;
const LEAST_LABEL = 196;
const LARGEST_SCALE = 3.3;

type Item = { key: string; width: number; kept: Kept };

/** All habitats on shelves, drawn to one scale. */
export function Planks({ kept, onNotice }: { kept: readonly Kept[]; onNotice: (notice: Notice) => void }) {
  const say = useSay();
  const [ref, size] = useSize();
  const room = (size?.width ?? 0) - SIDE * 2;
  const widest = Math.max(60, ...kept.map((one) => (one.ok ? one.habitat.shell.widthCm : 0)));
  const tallest = Math.max(40, ...kept.map((one) => (one.ok ? one.habitat.shell.heightCm : 0)));
  const pxPerCm = Math.min(LARGEST_SCALE, room / widest, 340 / tallest);
  const items: Item[] = kept.map((one) => ({
    key: one.ok ? one.habitat.id : one.id,
    width: Math.max(LEAST_LABEL, one.ok ? one.habitat.shell.widthCm * pxPerCm + 8 : 0),
    kept: one,
  }));
  return (
    <div ref={ref} className={css.case}>
      {size ? (
        <>
          {packShelves(items, room, GAP).map((row) => (
            <ul key={row.map((item) => item.key).join()} className={css.shelf}>
              {row.map((item) => (
                <li key={item.key} style={{ width: item.width }}>
                  {item.kept.ok ? (
                    <HabitatSpot habitat={item.kept.habitat} pxPerCm={pxPerCm} onNotice={onNotice} />
                  ) : (
                    <Broken kept={item.kept} />
                  )}
                </li>
              ))}
            </ul>
          ))}
          <p className={css.scale}>{say("shelf:scale")}</p>
        </>
      ) : null}
    </div>
  );
}

function Broken({ kept }: { kept: Extract<Kept, { ok: false }> }) {
  const say = useSay();
  return (
    <div className={css.spot}>
      <div className={css.stand}>
        <p className={css.broken}>{sayFileProblem(kept.problem, say)}</p>
      </div>
      <div className={css.label}>
        <h2>{say("shelf:broken")}</h2>
        <Button size="small" variant="outlined" onClick={() => saveRawFile(kept.id, kept.raw)}>
          {say("shelf:exportRaw")}
        </Button>
      </div>
    </div>
  );
}
