"use client";

import Button from "@mui/material/Button";
import Link from "next/link";
import { usePathname } from "next/navigation";
import { useDeferredValue, useMemo, useState, type ReactNode } from "react";
import type { Derived } from "@/core/derive";
import { grouped } from "@/core/grouped";
import { mendsOf, type Finding, type Mend } from "@/core/findings";
import { useSession } from "@/store";
import { capital, sayFinding, sayMend, useSay } from "@/words";
import css from "./FindingsBar.module.css";

/**
 * Findings along the bottom, one card for each kind: what, why, and what mends it. What harms comes first, then what
 * belongs to the step at hand. They follow a drag when there is time.
 */
export function FindingsBar({ id, ready }: { id: string; ready: boolean }) {
  const say = useSay();
  const derived = useDeferredValue(useSession((session) => (ready ? session.derived : undefined)));
  const step = usePathname().split("/").at(-1) ?? "";
  const rank = (finding: Finding) => (finding.severity === "harm" ? 0 : 2) + (finding.step === step ? 0 : 1);
  const ordered = derived?.findings.toSorted((a, b) => rank(a) - rank(b)) ?? [];
  const kinds = [...grouped(ordered, ({ code }) => code).values()];
  return (
    <footer className={css.bar} aria-label={say("findings:title")} tabIndex={kinds.length > 2 ? 0 : undefined}>
      {derived && ordered.length === 0 ? (
        <p className={css.sound}>
          <span aria-hidden>✓</span> {say("findings:none")}
        </p>
      ) : null}
      <ul>
        {derived
          ? kinds.map((alike) => (
              <FindingCard key={alike[0]?.code} id={id} step={step} alike={alike} derived={derived} />
            ))
          : null}
      </ul>
    </footer>
  );
}

type CardProps = { id: string; alike: readonly Finding[]; derived: Derived; step: string };

/** The findings of one kind, one at a time. */
function FindingCard({ id, alike, derived, step }: CardProps) {
  const [at, setAt] = useState(0);
  const shown = Math.min(at, alike.length - 1);
  const finding = alike[shown];
  if (!finding) return null;
  return (
    <Told key={finding.about} id={id} finding={finding} derived={derived} here={finding.step === step}>
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

type ToldProps = { id: string; finding: Finding; derived: Derived; here: boolean; children: ReactNode };

/** One finding. What mends it is worked out for the card that shows it, not with every pass. */
function Told({ id, finding, derived, here, children }: ToldProps) {
  const say = useSay();
  const { title, why } = sayFinding(finding, say);
  const mends = useMemo(() => mendsOf(finding, derived), [finding, derived]);
  const work = mends.map((mend) => sayMend(mend, say).work).find((text) => text !== undefined);
  return (
    <li className={css.card} data-harm={finding.severity === "harm"}>
      <p>
        <span className="quiet">{say(`findings:${finding.severity}`)}: </span>
        <b>{title}</b> {why} {work}
        {finding.follows ? (
          <small> {say("schools:followed", { question: say(`schools:questions.${finding.follows}`) })}</small>
        ) : null}
      </p>
      {children}
      {mends.length > 0 ? (
        <div className={css.mends}>
          {mends.map((mend, at) => (
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

function MendButton({ mend, first }: { mend: Mend; first: boolean }) {
  const say = useSay();
  const { edit, act } = useSession.getState();
  const press = () => {
    if (mend.events.length > 0) act(mend.events, mend.commands);
    else edit(mend.commands);
  };
  return (
    <Button size="small" variant={first ? "contained" : "outlined"} onClick={press}>
      {capital(sayMend(mend, say).button)}
    </Button>
  );
}
