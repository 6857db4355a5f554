"use client";

import Link from "next/link";
import { BUYABLE, needs, type Buyable } from "@/core/supply";
import { useOpen } from "@/store";
import { plain, Swatch } from "@/ui/section";
import { amountPrinted, capital, useSay, useLibrary } from "@/words";
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
                  <span>{capital(say.nameOf(shelf, need.id))}</span>
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

/** What a thing looks like, where it is drawn anywhere. */
function Look({ shelf, id }: { shelf: Buyable; id: string }) {
  const entry = useLibrary().get(shelf, id);
  if (!("look" in entry)) return <i className={css.dot} />;
  return <Swatch material={plain(entry.look)} width={22} height={22} />;
}
