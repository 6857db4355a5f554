"use client";

import Button from "@mui/material/Button";
import Link from "next/link";
import { usePathname } from "next/navigation";
import type { Finding } from "@/core/findings";
import { useSession } from "@/store";
import { capital, sayFinding, useSay } from "@/words";
import css from "./FindingsBar.module.css";

/** Findings along the bottom: what, why, and the edit that mends it. Those of the step at hand come first. */
export function FindingsBar({ id, ready }: { id: string; ready: boolean }) {
  const say = useSay();
  const findings = useSession((session) => (ready ? session.derived?.findings : undefined));
  const step = usePathname().split("/").at(-1) ?? "";
  const rank = (finding: Finding) => (finding.severity === "harm" ? 0 : 2) + (finding.step === step ? 0 : 1);
  const ordered = findings?.toSorted((a, b) => rank(a) - rank(b)) ?? [];
  return (
    <footer className={css.bar} aria-label={say("findings:title")} tabIndex={ordered.length > 2 ? 0 : undefined}>
      {findings && ordered.length === 0 ? (
        <p className={css.sound}>
          <span aria-hidden>✓</span> {say("findings:none")}
        </p>
      ) : null}
      <ul>
        {ordered.map((finding) => (
          <FindingCard
            key={`${finding.code}-${finding.about}`}
            id={id}
            here={finding.step === step}
            finding={finding}
          />
        ))}
      </ul>
    </footer>
  );
}

function FindingCard({ id, finding, here }: { id: string; finding: Finding; here: boolean }) {
  const say = useSay();
  const edit = useSession((session) => session.edit);
  const { title, why, mend } = sayFinding(finding, say);
  const commands = finding.mend?.commands;
  return (
    <li className={css.card} data-harm={finding.severity === "harm"}>
      <p>
        <span className="quiet">{say(`findings:${finding.severity}`)}: </span>
        <b>{title}</b> {why}
      </p>
      {commands && mend ? (
        <Button size="small" onClick={() => edit(commands)}>
          {capital(mend)}
        </Button>
      ) : here ? null : (
        <Button size="small" variant="outlined" component={Link} href={`/h/${id}/${finding.step}`}>
          {say("findings:goTo", { step: say(`steps:${finding.step}`) })}
        </Button>
      )}
    </li>
  );
}
