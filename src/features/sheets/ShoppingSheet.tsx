"use client";

import ExpandMoreOutlined from "@mui/icons-material/ExpandMoreOutlined";
import Button from "@mui/material/Button";
import Link from "next/link";
import { useMemo, useState } from "react";
import { printCsv } from "@/core/files";
import {
  BUYABLE,
  EMPTY_BINS,
  inBins,
  inStock,
  looseSources,
  needs,
  reservedBy,
  stairOf,
  type Amount,
  type Bins,
  type Buyable,
  type Need,
  type Source,
  type Waiting,
} from "@/core/supply";
import { useBins, useOpen, useToday, useWaiting } from "@/store";
import { saveText } from "@/ui/files";
import { GearIcon, plain, Swatch } from "@/ui/section";
import { amountPrinted, capital, gearSizesSaid, useFigures, useSay, useLibrary } from "@/words";
import { PackChoice } from "./PackChoice";
import { StairRow } from "./StairRow";
import css from "./Sheets.module.css";

/** An amount of the same kind, another size. */
function sized(amount: Amount, value: number): Amount {
  switch (amount.kind) {
    case "loose":
      return { kind: "loose", looseL: value };
    case "length":
      return { kind: "length", lengthCm: value };
    case "pieces":
      return { kind: "pieces", count: Math.ceil(value - 1e-9) };
    case "sheet":
      return amount;
  }
}

function sizeOf(amount: Amount): number {
  switch (amount.kind) {
    case "loose":
      return amount.looseL;
    case "length":
      return amount.lengthCm;
    case "pieces":
      return amount.count;
    case "sheet":
      return 1;
  }
}

const shelfOf = ({ shelf }: Need) => BUYABLE.find((known) => known === shelf);

/** What is needed, all of it that is in the bins, and what the bins do not cover. */
type Line = { need: Need; stock: number; short: number };

const linesOf = (list: readonly Need[], bins: Bins): Line[] =>
  list.map((need) => ({
    need,
    stock: inBins(need, bins),
    short: Math.max(0, sizeOf(need.amount) - inStock(need, bins)),
  }));

type RowProps = {
  line: Line;
  shelf: Buyable;
  told: Record<"needed" | "stock" | "buy", string>;
  bins: Bins;
  sources: readonly Source[];
  waiting: readonly Waiting[];
};

/** One thing to buy; pressed, it says why so much. */
function Row({ line, shelf, told, bins, sources, waiting }: RowProps) {
  const say = useSay();
  const figures = useFigures();
  const library = useLibrary();
  const { gear } = useOpen().habitat;
  const [open, setOpen] = useState(false);
  const { need } = line;
  const item = library.get(shelf, need.id);
  const name = capital(say.nameOf(shelf, need.id));
  const sizes = shelf === "gear" ? gearSizesSaid(gear, need.id, figures) : "";
  const stair = stairOf(need, sources, bins);
  const reserved = line.stock > 0 ? reservedBy(need, waiting) : [];
  const thing = (
    <span className={css.thing}>
      {"look" in item ? <Swatch material={plain(item.look)} width={18} height={18} /> : null}
      {shelf === "gear" ? <GearIcon kind={library.get("gear", need.id)} /> : null}
      {name}
      {sizes === "" ? null : <small>{sizes}</small>}
    </span>
  );
  return (
    <>
      <tr data-enough={line.short < 1e-6}>
        <th scope="row">
          {stair ? (
            <button
              type="button"
              className={css.why}
              aria-expanded={open}
              title={say("sheets:stair.why")}
              onClick={() => setOpen(!open)}
            >
              {thing}
              <ExpandMoreOutlined className={css.turns} sx={{ fontSize: 17 }} />
            </button>
          ) : (
            thing
          )}
        </th>
        <td className="measure">{told.needed}</td>
        <td className="measure">
          {told.stock}
          {reserved.length > 0 ? (
            <small>{say("sheets:stair.wantedBy", { list: reserved.map(({ name: who }) => who).join(", ") })}</small>
          ) : null}
        </td>
        <td className="measure">
          <b>{told.buy}</b>
        </td>
      </tr>
      {open && stair ? <StairRow stair={stair} reserved={reserved} /> : null}
    </>
  );
}

/** What is needed, what of it is in the bins, what is left to buy; then the packs. */
export function ShoppingSheet() {
  const say = useSay();
  const { habitat, derived } = useOpen();
  const waiting = useWaiting(useToday(), habitat.id);
  const bins = useBins() ?? EMPTY_BINS;
  const sources = useMemo(() => looseSources(derived), [derived]);
  const list = useMemo(() => needs(derived), [derived]);
  const lines = linesOf(list, bins);
  const told = ({ need, stock, short }: Line) => ({
    needed: amountPrinted(need.amount, say, shelfOf(need)),
    stock: stock > 0 ? amountPrinted(sized(need.amount, stock), say, shelfOf(need)) : "–",
    buy: short < 1e-6 ? say("sheets:enough") : amountPrinted(sized(need.amount, short), say, shelfOf(need)),
  });
  const saveCsv = () => {
    const rows = lines.map((line) => {
      const { needed, stock, buy } = told(line);
      return [
        say(`build:shelves.${line.need.shelf as "ingredients"}`),
        capital(say.nameOf(line.need.shelf, line.need.id)),
        needed,
        stock,
        buy,
      ];
    });
    saveText(
      "shopping-list.csv",
      `\ufeff${printCsv([[say("build:shopping"), say("sheets:thing"), say("sheets:need"), say("sheets:stock"), say("sheets:buy")], ...rows])}`,
      "text/csv",
    );
  };
  return (
    <>
      <table className={css.table}>
        <caption className="quiet">{say("sheets:caption")}</caption>
        <thead>
          <tr>
            <th scope="col">{say("sheets:thing")}</th>
            <th scope="col">{say("sheets:need")}</th>
            <th scope="col">{say("sheets:stock")}</th>
            <th scope="col">{say("sheets:buy")}</th>
          </tr>
        </thead>
        {BUYABLE.map((shelf) => {
          const own = lines.filter((line) => line.need.shelf === shelf);
          if (own.length === 0) return null;
          return (
            <tbody key={shelf}>
              <tr className={css.group}>
                <th colSpan={4} scope="colgroup">
                  {say(`build:shelves.${shelf}`)}
                </th>
              </tr>
              {own.map((line, at) => (
                <Row key={`${line.need.id}-${at}`} {...{ line, shelf, bins, sources, waiting }} told={told(line)} />
              ))}
            </tbody>
          );
        })}
      </table>
      <p className={css.note}>{say("build:shoppingHelp")}</p>
      <div className={css.tools}>
        <Button size="small" variant="outlined" onClick={saveCsv}>
          {say("sheets:csv")}
        </Button>
        <Link className={css.link} href="/bins">
          {say("sheets:toBins")}
        </Link>
      </div>
      <PackChoice key={JSON.stringify([list, bins])} list={list} bins={bins} />
    </>
  );
}
