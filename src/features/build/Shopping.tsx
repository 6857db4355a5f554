"use client";

import Link from "next/link";
import type { GearPiece } from "@/core/habitat";
import { BUYABLE, needs, type Buyable } from "@/core/supply";
import { useOpen } from "@/store";
import { GearIcon, plain, Swatch } from "@/ui/section";
import { amountPrinted, capital, gearSizesSaid, useFigures, useSay, useLibrary } from "@/words";
import css from "./Build.module.css";

/** What to have at hand, grouped as one finds it in the shop. */
export function Shopping() {
  const say = useSay();
  const { habitat, derived } = useOpen();
  const list = needs(derived);
  return (
    <>
      <p className={css.help}>
        {say("build:shoppingHelp")} <Link href={`/h/${habitat.id}/sheets`}>{say("build:toSheets")}</Link>
      </p>
      {BUYABLE.map((shelf) => {
        const wanted = list.filter((need) => need.shelf === shelf);
        if (wanted.length === 0) return null;
        return (
          <section key={shelf} className={css.shelf}>
            <h2>{say(`build:shelves.${shelf}`)}</h2>
            <ul>
              {wanted.map((need) => (
                <li key={`${need.id}-${need.amount.kind}`}>
                  <Look shelf={shelf} id={need.id} />
                  <span>
                    {capital(say.nameOf(shelf, need.id))}
                    {shelf === "gear" ? <Sizes gear={habitat.gear} kindId={need.id} /> : null}
                  </span>
                  <span className="measure">{amountPrinted(need.amount, say, shelf)}</span>
                </li>
              ))}
            </ul>
          </section>
        );
      })}
    </>
  );
}

/** In which sizes gear is wanted. */
function Sizes({ gear, kindId }: { gear: readonly GearPiece[]; kindId: string }) {
  const figures = useFigures();
  const sizes = gearSizesSaid(gear, kindId, figures);
  return sizes === "" ? null : <small> · {sizes}</small>;
}

/** What a thing looks like, where it is drawn anywhere. */
function Look({ shelf, id }: { shelf: Buyable; id: string }) {
  const library = useLibrary();
  if (shelf === "gear") return <GearIcon kind={library.get("gear", id)} />;
  const entry = library.get(shelf, id);
  if (!("look" in entry)) return <i className={css.dot} />;
  return <Swatch material={plain(entry.look)} width={22} height={22} />;
}
