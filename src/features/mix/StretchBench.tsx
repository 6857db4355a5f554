"use client";

import Button from "@mui/material/Button";
import CircularProgress from "@mui/material/CircularProgress";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import type { Ingredient } from "@/core/catalog";
import type { MatchRule } from "@/core/match";
import { MeasureField } from "@/ui/measure";
import { capital, useSay } from "@/words";
import css from "./Match.module.css";
import { MatchResults } from "./MatchResults";
import type { Ring } from "./meterWords";
import { candidatesFor, useMatch } from "./useMatch";
import type { MixAtHand } from "./useMixAtHand";

/** So few things to add that a bag is still that bag. */
const MOST_KINDS = 5;

/** A ready mix that is in the bins, else the first there is. */
const firstBag = (bags: readonly Ingredient[], stockL: Readonly<Record<string, number>>): string =>
  bags.find((item) => item.matter === "ready" && stockL[item.id])?.id ?? bags[0]?.id ?? "";

/** A bag of ready mix made to go further: all of it is used, and what must be added is worked out. */
export function StretchBench({ hand, onRing }: { hand: MixAtHand; onRing: (ring: Ring) => void }) {
  const say = useSay();
  const { looking, look, stop } = useMatch(hand);
  const { fit } = candidatesFor(hand);
  const bags = fit
    .filter((item) => item.matter === "ready" || hand.stockL[item.id] !== undefined)
    .toSorted((a, b) => Number(b.matter === "ready") - Number(a.matter === "ready"));
  const [bagId, setBagId] = useState(() => firstBag(bags, hand.stockL));
  const [litres, setLitres] = useState<number | undefined>(undefined);
  const [ownOnly, setOwnOnly] = useState(false);
  const bagL = litres ?? hand.stockL[bagId] ?? 10;
  const { looseL } = hand.laying;
  const rules: MatchRule[] = [
    { kind: "use", ingredientId: bagId, litres: bagL },
    { kind: "kinds", most: MOST_KINDS },
    ...(ownOnly ? [{ kind: "ownOnly" } as const] : []),
  ];
  const enough = looseL > 0 && bagL >= looseL;
  return (
    <div className={css.ask} style={{ paddingTop: 12 }}>
      <p className={css.note}>{looseL > 0 ? say("mix:stretch.help", { looseL }) : say("mix:make.nothing")}</p>
      <div className={css.fields}>
        <BagFields
          bags={bags}
          bagId={bagId}
          bagL={bagL}
          ownOnly={ownOnly}
          onBag={(id) => {
            setBagId(id);
            setLitres(undefined);
          }}
          onLitres={setLitres}
          onOwnOnly={setOwnOnly}
        />
      </div>
      <div className={css.row}>
        {looking.at === "working" ? (
          <Button variant="outlined" startIcon={<CircularProgress size={14} />} onClick={stop}>
            {say("mix:match.stop")}
          </Button>
        ) : (
          <Button
            disabled={looseL <= 0 || enough || bagId === ""}
            onClick={() => {
              onRing(undefined);
              void look(hand.aims, rules, undefined);
            }}
          >
            {say("mix:stretch.go")}
          </Button>
        )}
        {enough ? (
          <p role="status" className={css.note}>
            {say("mix:stretch.tooMuch", { looseL })}
          </p>
        ) : null}
      </div>
      {looking.at === "idle" ? null : (
        <MatchResults
          hand={hand}
          looking={looking}
          rules={rules}
          onRing={onRing}
          onRelax={(next) => {
            setOwnOnly(next.some((rule) => rule.kind === "ownOnly"));
            void look(hand.aims, next, undefined);
          }}
        />
      )}
    </div>
  );
}

/** Which bag, how much is in it, and where what is added may come from. */
function BagFields({
  bags,
  bagId,
  bagL,
  ownOnly,
  onBag,
  onLitres,
  onOwnOnly,
}: {
  bags: readonly Ingredient[];
  bagId: string;
  bagL: number;
  ownOnly: boolean;
  onBag: (id: string) => void;
  onLitres: (litres: number) => void;
  onOwnOnly: (ownOnly: boolean) => void;
}) {
  const say = useSay();
  return (
    <>
      <TextField select label={say("mix:stretch.bag")} value={bagId} onChange={(event) => onBag(event.target.value)}>
        {bags.map((item) => (
          <MenuItem key={item.id} value={item.id}>
            {capital(say.nameOf("ingredients", item.id))}
          </MenuItem>
        ))}
      </TextField>
      <MeasureField
        key={bagId}
        label={say("mix:stretch.litres")}
        kind="volume"
        value={bagL}
        limits={{ min: 0.1, max: 1000 }}
        onCommit={onLitres}
      />
      <TextField
        select
        label={say("mix:stretch.addFrom")}
        value={ownOnly ? "bins" : "all"}
        onChange={(event) => onOwnOnly(event.target.value === "bins")}
      >
        <MenuItem value="all">{say("mix:stretch.fromAll")}</MenuItem>
        <MenuItem value="bins">{say("mix:stretch.fromBins")}</MenuItem>
      </TextField>
    </>
  );
}
