"use client";

import Link from "next/link";
import type { CatalogKind } from "@/core/catalog";
import { catalog, entry } from "@/core/catalog";
import { needs } from "@/core/supply";
import { useOpen } from "@/store";
import { plain, Swatch } from "@/ui/section";
import { amountPrinted, capital, nameOf, useSay } from "@/words";
import css from "./Build.module.css";

const SHELVES = [
  "supplies",
  "falseBottoms",
  "drainageMedia",
  "barriers",
  "ingredients",
  "dressings",
  "pieceKinds",
  "plants",
  "crew",
] as const satisfies readonly CatalogKind[];

type Drawn = "drainageMedia" | "barriers" | "ingredients" | "dressings" | "falseBottoms" | "pieceKinds";
const isDrawn = (shelf: CatalogKind): shelf is Drawn => "look" in (catalog[shelf][0] ?? {});

/** What to have at hand, grouped as one finds it in the shop. */
export function Shopping() {
  const say = useSay();
  const { habitat, derived } = useOpen();
  const list = needs(habitat, derived.ground);
  return (
    <>
      <p className={css.help}>
        {say("build:shoppingHelp")} <Link href={`/h/${habitat.id}/sheets`}>{say("build:toSheets")}</Link>
      </p>
      {SHELVES.map((shelf) => {
        const wanted = list.filter((need) => need.shelf === shelf);
        if (wanted.length === 0) return null;
        return (
          <section key={shelf} className={css.shelf}>
            <h2>{say(`build:shelves.${shelf}`)}</h2>
            <ul>
              {wanted.map((need) => (
                <li key={`${need.id}-${need.amount.kind}`}>
                  {isDrawn(shelf) ? (
                    <Swatch material={plain(entry(shelf, need.id).look)} width={22} height={22} />
                  ) : (
                    <i className={css.dot} />
                  )}
                  <span>{capital(nameOf(shelf, need.id))}</span>
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
