"use client";

import "@/words/atWork";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import Link from "next/link";
import { useSearchParams } from "next/navigation";
import { useState } from "react";
import { CHUNKED_KINDS } from "@/core/catalog";
import { differences } from "@/core/compare";
import { chooseUnits, useBins, useRead, useShelf, type Standing } from "@/store";
import { AppHeader, useNow } from "@/ui/parts";
import { Miniature } from "@/ui/section";
import { boxSize, LibraryProvider, useSay } from "@/words";
import { Climates } from "./Climates";
import css from "./Compare.module.css";
import { Differences } from "./Differences";
import { Follows } from "./Follows";
import { Rework } from "./Rework";
import { Trial } from "./Trial";

const PX_PER_CM = 2.4;

/** Two habitats side by side: what differs, and what follows from each. */
export function Compare() {
  const say = useSay();
  const ready = useRead(CHUNKED_KINDS);
  return (
    <div className={css.page}>
      <AppHeader place="shelf" onUnits={chooseUnits} />
      <main id="work" tabIndex={-1} className={css.main} aria-busy={!ready}>
        <h1>{say("compare:title")}</h1>
        {ready ? <Chosen /> : null}
      </main>
    </div>
  );
}

/** The two the address asks for, `/compare?a=…&b=…`, or that are chosen here. */
function Chosen() {
  const say = useSay();
  const today = useNow();
  const asked = useSearchParams();
  const bins = useBins();
  const shelf = useShelf(today);
  const [ids, setIds] = useState(() => [asked.get("a") ?? "", asked.get("b") ?? ""] as const);
  const standing = shelf?.flatMap((one) => ("standing" in one ? [one.standing] : []));
  if (!bins || !standing) return null;
  const chosen = chosenOf(standing, ids);
  if (chosen.length < 2) return <p>{say("compare:needsTwo")}</p>;
  return (
    <>
      <div className={css.heads}>
        {chosen.map((one, at) => (
          <Head
            key={at}
            label={say(at === 0 ? "compare:left" : "compare:right")}
            one={one}
            all={standing}
            onChoose={(id) => setIds(at === 0 ? [id, ids[1]] : [chosen[0]?.design.id ?? "", id])}
          />
        ))}
      </div>
      <Both chosen={chosen} bins={bins} today={today} asksTrial={asked.get("trial") === "new"} />
    </>
  );
}

/** The two that are asked for; without a second one, a variant of the first, else its neighbour. */
function chosenOf(standing: readonly Standing[], [a, b]: readonly [string, string]): Standing[] {
  const byId = (id: string) => standing.find(({ design }) => design.id === id);
  const first = byId(a) ?? standing[0];
  if (!first) return [];
  const others = standing.filter((one) => one !== first);
  const kin = others.find(({ design }) => {
    const { variantOf } = design.shelf;
    return variantOf === first.design.id || first.design.shelf.variantOf === design.id;
  });
  const second = (b === first.design.id ? undefined : byId(b)) ?? kin ?? others[0];
  return second ? [first, second] : [first];
}

type HeadProps = { label: string; one: Standing; all: readonly Standing[]; onChoose: (id: string) => void };

/** One of the two: its section to the other's scale, and the choice of another. */
function Head({ label, one, all, onChoose }: HeadProps) {
  const say = useSay();
  const { design, derived } = one;
  return (
    <section className={css.head} aria-label={label}>
      <TextField
        select
        fullWidth
        size="small"
        label={label}
        value={design.id}
        onChange={(event) => onChoose(event.target.value)}
      >
        {all.map(({ design: { id, name } }) => (
          <MenuItem key={id} value={id}>
            {name}
          </MenuItem>
        ))}
      </TextField>
      <LibraryProvider library={derived.library}>
        <Link href={`/h/${design.id}/strata`} className={css.picture}>
          <Miniature habitat={design} ground={derived.ground} pxPerCm={PX_PER_CM} label={design.name} />
        </Link>
      </LibraryProvider>
      <p>{say("common:sizeOf", boxSize(design.shell))}</p>
    </section>
  );
}

type BothProps = {
  chosen: readonly Standing[];
  bins: NonNullable<ReturnType<typeof useBins>>;
  today: string;
  asksTrial: boolean;
};

function Both({ chosen, bins, today, asksTrial }: BothProps) {
  const [a, b] = chosen;
  if (!a || !b) return null;
  return (
    <>
      <Trial pair={[a, b]} today={today} asked={asksTrial} />
      <Differences
        list={differences(a.design, b.design)}
        libraries={[a.derived.library, b.derived.library]}
        today={today}
      />
      <Climates pair={[a, b]} today={today} />
      <Follows pair={[a, b]} bins={bins} today={today} />
      {a.log.state.sinceOn !== null && today !== "" ? <Rework pair={[a, b]} today={today} /> : null}
    </>
  );
}
