"use client";

import CloseOutlined from "@mui/icons-material/CloseOutlined";
import DeleteOutlineOutlined from "@mui/icons-material/DeleteOutlineOutlined";
import Button from "@mui/material/Button";
import IconButton from "@mui/material/IconButton";
import { useState } from "react";
import {
  kgALitre,
  reservedBy,
  unitOf,
  withStock,
  type Amount,
  type Bins,
  type Buyable,
  type Waiting,
} from "@/core/supply";
import { plain, Swatch } from "@/ui/section";
import { amountPrinted, capital, moneyPrinted, packPrinted, useSay, useLibrary } from "@/words";
import { AmountFields, emptyAmount } from "./AmountFields";
import css from "./Bins.module.css";
import { PackForm } from "./PackForm";

type Props = {
  shelf: Buyable;
  itemId: string;
  bins: Bins;
  /** Habitats that are still to be built. */
  waiting: readonly Waiting[];
  onKeep: (bins: Bins) => void;
  onTakeOut: () => void;
};

/** One thing: its stock, its packs, and the way to another pack. */
export function BinRow({ shelf, itemId, bins, waiting, onKeep, onTakeOut }: Props) {
  const say = useSay();
  const library = useLibrary();
  const [adding, setAdding] = useState(false);
  const name = capital(say.nameOf(shelf, itemId));
  const entry = library.find(shelf, itemId);
  const lines = bins.stock.filter((line) => line.shelf === shelf && line.itemId === itemId);
  const packs = bins.packs.filter((pack) => pack.shelf === shelf && pack.itemId === itemId);
  const unit = unitOf(shelf, itemId, library);
  const setStock = (id: string, amount: Amount) => onKeep(withStock(bins, { id, shelf, itemId, amount }, library));
  const wanted = reservedBy({ shelf, id: itemId, amount: emptyAmount(unit) }, waiting);
  const told = (amount: number): string => {
    if (unit === "loose") return amountPrinted({ kind: unit, looseL: amount }, say, shelf);
    if (unit === "length") return amountPrinted({ kind: unit, lengthCm: amount }, say, shelf);
    return amountPrinted({ kind: "pieces", count: amount }, say, shelf);
  };
  const first = lines[0] ?? { id: `${shelf}-${itemId}`, amount: emptyAmount(unit) };
  return (
    <li className={css.row}>
      {entry && "look" in entry ? (
        <Swatch material={plain(entry.look)} width={26} height={34} />
      ) : (
        <i className={css.dot} />
      )}
      <b className={css.name}>{name}</b>
      <div className={css.stock}>
        {unit === "sheet" && lines.length === 0 ? (
          <Button
            size="small"
            variant="outlined"
            onClick={() => setStock(first.id, { kind: "sheet", widthCm: 60, depthCm: 60 })}
          >
            {say("bins:addSheet")}
          </Button>
        ) : (
          <AmountFields
            label={say("bins:inStockOf", { name })}
            amount={first.amount}
            kgPerL={kgALitre(shelf, itemId, library)}
            onChange={(amount) => setStock(first.id, amount)}
          />
        )}
        {unit === "sheet" && lines.length > 0 ? (
          <IconButton
            size="small"
            aria-label={say("bins:removeStock", { name })}
            onClick={() => onKeep({ ...bins, stock: bins.stock.filter((line) => line.id !== first.id) })}
          >
            <CloseOutlined sx={{ fontSize: 16 }} />
          </IconButton>
        ) : null}
      </div>
      <ul className={css.packs} aria-label={say("bins:packsOf", { name })}>
        {packs.map((pack) => {
          const told = packPrinted(pack, say);
          return (
            <li key={pack.id}>
              <span>{told}</span>
              <b className="measure">
                {pack.price === null ? say("bins:noPrice") : moneyPrinted(pack.price, bins.currency)}
              </b>
              <IconButton
                size="small"
                aria-label={say("bins:removePack", { pack: told, name })}
                onClick={() => onKeep({ ...bins, packs: bins.packs.filter((other) => other.id !== pack.id) })}
              >
                <CloseOutlined sx={{ fontSize: 15 }} />
              </IconButton>
            </li>
          );
        })}
        <li className={css.addPack}>
          <Button size="small" variant="text" onClick={() => setAdding(!adding)} aria-expanded={adding}>
            {say("bins:addPack")}
          </Button>
        </li>
        <li className={css.takeOut}>
          <IconButton
            size="small"
            aria-label={say("bins:takeOut", { name })}
            title={say("bins:takeOut", { name })}
            onClick={onTakeOut}
          >
            <DeleteOutlineOutlined sx={{ fontSize: 17 }} />
          </IconButton>
        </li>
      </ul>
      {wanted.length > 0 ? (
        <p className={css.wanted}>
          {say("bins:wanted", {
            list: wanted.map(({ name: who, amount }) => `${who} ${told(amount)}`).join(", "),
          })}
        </p>
      ) : null}
      {adding ? (
        <PackForm shelf={shelf} itemId={itemId} bins={bins} onKeep={onKeep} onDone={() => setAdding(false)} />
      ) : null}
    </li>
  );
}
