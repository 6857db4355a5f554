"use client";

import dynamic from "next/dynamic";
import type { OnShelf } from "@/store";
import { useSize } from "@/ui/section";
import { useSay } from "@/words";
import { HabitatSpot } from "./HabitatSpot";
import { packShelves } from "./packShelves";
import type { Notice } from "./notice";
import css from "./Shelf.module.css";

/** Read where a habitat cannot be read. */
const Broken = dynamic(async () => (await import("./Broken")).Broken, { ssr: false });

const SIDE = 56;
const GAP = 52;
const LEAST_LABEL = 196;
const LARGEST_SCALE = 3.3;

type Item = { key: string; width: number; one: OnShelf };
type Props = { all: readonly OnShelf[]; onNotice: (notice: Notice | undefined) => void };

const shellOf = (one: OnShelf) => ("standing" in one ? one.standing.design.shell : undefined);

/** All habitats on shelves, drawn to one scale. */
export function Planks({ all, onNotice }: Props) {
  const say = useSay();
  const [ref, size] = useSize();
  const room = (size?.width ?? 0) - SIDE * 2;
  const widest = Math.max(60, ...all.map((one) => shellOf(one)?.widthCm ?? 0));
  const tallest = Math.max(40, ...all.map((one) => shellOf(one)?.heightCm ?? 0));
  const pxPerCm = Math.min(LARGEST_SCALE, room / widest, 340 / tallest);
  const items: Item[] = all.map((one) => {
    const shell = shellOf(one);
    return { key: one.id, width: Math.max(LEAST_LABEL, shell ? shell.widthCm * pxPerCm + 8 : 0), one };
  });
  return (
    <div ref={ref} className={css.case}>
      {size ? (
        <>
          {packShelves(items, room, GAP).map((row) => (
            <ul key={row.map((item) => item.key).join()} className={css.shelf}>
              {row.map(({ key, width, one }) => (
                <li key={key} style={{ width }}>
                  {"standing" in one ? (
                    <HabitatSpot standing={one.standing} pxPerCm={pxPerCm} onNotice={onNotice} />
                  ) : (
                    <Broken broken={one.broken} />
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
