"use client";

import dynamic from "next/dynamic";
import { usePathname } from "next/navigation";
import { useDeferredValue, useEffect, useRef, useState } from "react";
import { isOpen, WEIGHTS, type Finding } from "@/core/findings";
import { grouped } from "@/core/grouped";
import { useSession, useToday } from "@/store";
import { useSay } from "@/words";
import { FindingCard } from "./FindingCard";
import css from "./FindingsBar.module.css";
import { useSettled } from "./useMends";

const AdvicePanel = dynamic(async () => (await import("./AdvicePanel")).AdvicePanel, { ssr: false });

const MOST_CARDS = 3;

/**
 * The findings that weigh most along the bottom, one card for each kind: what, why, and what mends it. All of them stand
 * in the panel. They follow a drag when there is time.
 */
export function FindingsBar({ id, ready }: { id: string; ready: boolean }) {
  const say = useSay();
  const today = useToday();
  const derived = useDeferredValue(useSession((session) => (ready ? session.derived : undefined)));
  const settled = useSettled(derived);
  const step = usePathname().split("/").at(-1) ?? "";
  const [asked, setAsked] = useState(false);
  const [shown, setShown] = useState(false);
  const open = derived?.findings.filter((finding) => isOpen(finding, today)) ?? [];
  const rank = (finding: Finding) => WEIGHTS.indexOf(finding.weight) * 2 + (finding.step === step ? 0 : 1);
  const kinds = [
    ...grouped(
      open.toSorted((a, b) => rank(a) - rank(b)),
      ({ code }) => code,
    ).values(),
  ];
  const all = derived?.findings.length ?? 0;
  const bar = useFocusKept(derived);
  const [first] = open;
  return (
    <footer {...bar} className={css.bar} aria-label={say("findings:title")}>
      <span className={css.spoken} aria-live="polite">
        {first ? `${say("steps:open", { count: open.length })}. ${say(`titles:${first.code}`)}` : ""}
      </span>
      {derived && open.length === 0 ? (
        <p className={css.sound}>
          <span aria-hidden>✓</span> {say("findings:none")}
        </p>
      ) : null}
      <ul>
        {derived && settled
          ? kinds
              .slice(0, MOST_CARDS)
              .map((alike) => (
                <FindingCard
                  key={alike[0]?.code}
                  id={id}
                  step={step}
                  alike={alike}
                  settled={settled}
                  ways={kinds.length < MOST_CARDS ? 2 : 1}
                />
              ))
          : null}
      </ul>
      {all > 0 ? (
        <button
          type="button"
          className={css.all}
          aria-haspopup="dialog"
          onClick={() => {
            setAsked(true);
            setShown(true);
          }}
        >
          {say("advice:open", { count: all })}
        </button>
      ) : null}
      {asked && derived && settled ? (
        <AdvicePanel open={shown} onClose={() => setShown(false)} derived={derived} settled={settled} today={today} />
      ) : null}
    </footer>
  );
}

/** A card that was pressed goes with what it mended: the focus stays in the bar, not at the start of the page. */
function useFocusKept(changes: unknown) {
  const ref = useRef<HTMLElement>(null);
  const isWithin = useRef(false);
  useEffect(() => {
    if (isWithin.current && document.activeElement === document.body) ref.current?.focus({ preventScroll: true });
  }, [changes]);
  return {
    ref,
    tabIndex: -1,
    onFocus: () => {
      isWithin.current = true;
    },
    onBlur: ({ relatedTarget }: { relatedTarget: EventTarget | null }) => {
      if (relatedTarget) isWithin.current = false;
    },
  };
}
