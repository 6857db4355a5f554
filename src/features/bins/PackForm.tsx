"use client";

import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import { kgALitre, PACK_FORMS, unitOf, withPack, type Amount, type Bins, type Buyable, type Pack } from "@/core/supply";
import { readNumber } from "@/core/units";
import { useSay, useLibrary } from "@/words";
import { AmountFields, emptyAmount } from "./AmountFields";
import css from "./Bins.module.css";

/** The form a thing usually comes in. */
const USUAL: Record<Amount["kind"], Pack["form"]> = { loose: "bag", sheet: "roll", length: "piece", pieces: "piece" };
const FIRST: Record<Amount["kind"], Amount> = {
  loose: { kind: "loose", looseL: 10 },
  sheet: emptyAmount("sheet"),
  length: { kind: "length", lengthCm: 100 },
  pieces: { kind: "pieces", count: 1 },
};

type Props = { shelf: Buyable; itemId: string; bins: Bins; onKeep: (bins: Bins) => void; onDone: () => void };

/** A pack as the shop has it: its form, what it holds, its price. A brick holds what it swells to. */
export function PackForm({ shelf, itemId, bins, onKeep, onDone }: Props) {
  const say = useSay();
  const library = useLibrary();
  const unit = unitOf(shelf, itemId, library);
  const kgPerL = kgALitre(shelf, itemId, library);
  const [form, setForm] = useState<Pack["form"]>(USUAL[unit]);
  const [holds, setHolds] = useState<Amount>(FIRST[unit]);
  const [price, setPrice] = useState("");
  const read = price.trim() === "" ? null : readNumber(price);
  const wrong = read === undefined || (read !== null && (read < 0 || read > 1_000_000));
  const name = say.nameOf(shelf, itemId);
  const add = () => {
    if (wrong) return;
    const id = crypto.randomUUID().slice(0, 8);
    onKeep(withPack(bins, { id, shelf, itemId, form, holds, price: read }, library));
    onDone();
  };
  return (
    <form
      className={css.form}
      aria-label={say("bins:newPack", { name })}
      onSubmit={(event) => {
        event.preventDefault();
        add();
      }}
    >
      <label className={css.field}>
        <span>{say("bins:form")}</span>
        <select
          value={form}
          onChange={(event) => setForm(PACK_FORMS.find((known) => known === event.target.value) ?? form)}
        >
          {PACK_FORMS.map((value) => (
            <option key={value} value={value}>
              {say(`bins:forms.${value}`)}
            </option>
          ))}
        </select>
      </label>
      <div className={css.field}>
        <span>{say(form === "brick" ? "bins:swellsTo" : "bins:holds")}</span>
        <AmountFields label={say("bins:holdsOf", { name })} amount={holds} kgPerL={kgPerL} onChange={setHolds} />
      </div>
      {kgPerL !== undefined && unit === "loose" ? <small>{say("bins:byWeight", { exampleKg: 20 })}</small> : null}
      <TextField
        className={css.price ?? ""}
        label={say("bins:price", { currency: bins.currency })}
        value={price}
        error={wrong}
        helperText={wrong ? say("bins:priceWrong") : undefined}
        onChange={(event) => setPrice(event.target.value)}
        slotProps={{
          htmlInput: { inputMode: "decimal", className: "measure", autoComplete: "off" },
          inputLabel: { shrink: true },
        }}
      />
      <Button type="submit" size="small" disabled={wrong}>
        {say("bins:keepPack")}
      </Button>
    </form>
  );
}
