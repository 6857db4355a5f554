"use client";

import Button from "@mui/material/Button";
import Link from "next/link";
import { usePathname } from "next/navigation";
import { useDeferredValue, useMemo } from "react";
import type { Derived } from "@/core/derive";
import { mendsOf, type Finding, type Mend } from "@/core/findings";
import { useSession } from "@/store";
import { capital, sayFinding, sayMend, useSay } from "@/words";
import css from "./FindingsBar.module.css";

/**
 * Findings along the bottom: what, why, and what mends it. Those of the step at hand come first. They follow a drag
 * when there is time.
 */
export function FindingsBar({ id, ready }: { id: string; ready: boolean }) {
  const say = useSay();
  const derived = useDeferredValue(useSession((session) => (ready ? session.derived : undefined)));
  const step = usePathname().split("/").at(-1) ?? "";
  const rank = (finding: Finding) => (finding.severity === "harm" ? 0 : 2) + (finding.step === step ? 0 : 1);
  const ordered = derived?.findings.toSorted((a, b) => rank(a) - rank(b)) ?? [];
  return (
    <footer className={css.bar} aria-label={say("findings:title")} tabIndex={ordered.length > 2 ? 0 : undefined}>
      {derived && ordered.length === 0 ? (
        <p className={css.sound}>
          <span aria-hidden>✓</span> {say("findings:none")}
        </p>
      ) : null}
      <ul>
        {derived
          ? ordered.map((finding) => (
              <FindingCard
                key={`${finding.code}-${finding.about}`}
                id={id}
                here={finding.step === step}
                finding={finding}
                derived={derived}
              />
            ))
          : null}
      </ul>
    </footer>
  );
}

type CardProps = { id: string; finding: Finding; derived: Derived; here: boolean };

/** One finding. What mends it is worked out for the card that shows it, not with every pass. */
function FindingCard({ id, finding, derived, here }: CardProps) {
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
