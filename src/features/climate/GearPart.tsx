"use client";

import { useMemo } from "react";
import { GEAR_PURPOSES, type Gear } from "@/core/catalog";
import { carriesFor, type GearPiece } from "@/core/habitat";
import { gearCautions } from "@/core/outlook";
import { startOwn, stockNames, useOpen } from "@/store";
import { EntryField } from "@/ui/search";
import { Cautions, LedgerPart } from "@/ui/parts";
import { capital, useLibrary, useSay } from "@/words";
import css from "./Gear.module.css";
import { GearRow } from "./GearRow";

/** Tools that are at hand rather than set up at a box. */
const AT_HAND: readonly string[] = [
  "quarantineTub",
  "feedingTongs",
  "gramScale",
  "waterTestKit",
  "siphonHose",
  "doorLock",
  "cableCover",
];

/** The gear of the box: what runs, and what is plugged in beside it. */
export function GearPart() {
  const say = useSay();
  const library = useLibrary();
  const { habitat, derived, edit } = useOpen();
  const kinds = useMemo(
    () =>
      library
        .all("gear")
        .filter(({ id }) => !AT_HAND.includes(id))
        .toSorted((a, b) => GEAR_PURPOSES.indexOf(a.purpose) - GEAR_PURPOSES.indexOf(b.purpose)),
    [library],
  );
  const order = ({ kindId }: GearPiece) => GEAR_PURPOSES.indexOf(library.get("gear", kindId).purpose);
  const sorted = habitat.gear.toSorted((a, b) => order(a) - order(b));
  const add = (kind: Gear, known = library) =>
    edit([
      ...carriesFor(known, "gear", [kind.id]),
      { name: "addGear", args: { id: crypto.randomUUID().slice(0, 8), kindId: kind.id } },
    ]);
  const addOwn = async ({ id }: Gear, name: string) => {
    const started = await startOwn("gear", id, name, library, stockNames("gear", say.nameOf));
    if (started) add(started.library.get("gear", started.id), started.library);
  };
  return (
    <LedgerPart title={say("climate:gear.title")}>
      {habitat.gear.length === 0 ? <p className={css.none}>{say("climate:gear.none")}</p> : null}
      <ul className={css.list}>
        {sorted.map((piece) => (
          <GearRow key={piece.id} piece={piece} />
        ))}
      </ul>
      <EntryField
        size="small"
        items={kinds}
        kindOf={() => "gear"}
        groupOf={({ purpose }) => capital(say(`library:values.purpose.${purpose}`))}
        label={say("climate:gear.add")}
        placeholder={say("climate:gear.which")}
        onChange={(kind) => add(kind)}
        onOwn={(from, name) => void addOwn(from, name)}
      />
      <Cautions codes={gearCautions(derived)} />
    </LedgerPart>
  );
}
