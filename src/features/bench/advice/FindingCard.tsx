"use client";

import Button from "@mui/material/Button";
import Link from "next/link";
import { useState, type ReactNode } from "react";
import type { Derived } from "@/core/derive";
import type { Finding } from "@/core/findings";
import { sayBrought, sayFinding, sayMend, useSay } from "@/words";
import css from "./FindingsBar.module.css";
import { MendButton } from "./MendButton";
import { useMends } from "./useMends";

/** `ways`: how many mends it has room for. */
type Props = { id: string; step: string; alike: readonly Finding[]; settled: Derived; ways: number };

/** The findings of one kind, one at a time. */
export function FindingCard({ id, step, alike, settled, ways }: Props) {
  const [at, setAt] = useState(0);
  const shown = Math.min(at, alike.length - 1);
  const finding = alike[shown];
  if (!finding) return null;
  return (
    <Told key={finding.about} id={id} finding={finding} settled={settled} ways={ways} here={finding.step === step}>
      {alike.length > 1 ? (
        <Next nth={shown + 1} count={alike.length} onNext={() => setAt((shown + 1) % alike.length)} />
      ) : null}
    </Told>
  );
}

/** Which of several findings alike is shown; pressing shows the next. */
function Next({ nth, count, onNext }: { nth: number; count: number; onNext: () => void }) {
  const say = useSay();
  return (
    <button type="button" className={css.next} onClick={onNext} aria-label={say("findings:next", { nth, count })}>
      {say("findings:nth", { nth, count })} <span aria-hidden>›</span>
    </button>
  );
}

type ToldProps = { id: string; finding: Finding; settled: Derived; ways: number; here: boolean; children: ReactNode };

/** One finding with its gentlest mends; the others, and what can be answered to it, stand in the panel. */
function Told({ id, finding, settled, ways, here, children }: ToldProps) {
  const say = useSay();
  const { title, why } = sayFinding(finding, say);
  const mends = useMends(finding, settled);
  const work = mends?.map((mend) => sayMend(mend, say).work).find((text) => text !== undefined);
  return (
    <li className={css.card} data-weight={finding.weight}>
      <p>
        <span className="quiet">{say(`findings:${finding.weight}`)}: </span>
        <b>{title}</b> {why} {work} {sayBrought(finding, say)}
        {finding.follows ? (
          <small> {say("schools:followed", { question: say(`schools:questions.${finding.follows}`) })}</small>
        ) : null}
      </p>
      {children}
      {mends === undefined ? null : mends.length > 0 ? (
        <div className={css.mends}>
          {mends.slice(0, ways).map((mend, at) => (
            <MendButton key={at} mend={mend} first={at === 0} />
          ))}
        </div>
      ) : here ? null : (
        <Button size="small" variant="outlined" component={Link} href={`/h/${id}/${finding.step}`}>
          {say("findings:goTo", { step: say(`steps:${finding.step}`) })}
        </Button>
      )}
    </li>
  );
}
