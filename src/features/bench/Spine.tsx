"use client";

import Link from "next/link";
import { usePathname } from "next/navigation";
import { useEffect, useId, useMemo, useRef } from "react";
import { isOpen, STEPS, WEIGHTS, type Finding, type Step } from "@/core/findings";
import { useSession, useToday } from "@/store";
import { plain, TexturePattern, type Material } from "@/ui/section";
import { useSay } from "@/words";
import css from "./Spine.module.css";

const of = (texture: Material[number]["look"]["texture"], color: string): Material => plain({ texture, color });

/** Each step has the look of what it handles. */
const LOOKS: Record<Step, Material> = {
  brief: of("grain", "#e2dcc6"),
  shell: of("chip", "#c3b9a6"),
  strata: of("pebble", "#b5673f"),
  mix: of("crumb", "#5c4632"),
  planting: of("moss", "#7d9c5a"),
  crew: of("leaf", "#a9793f"),
  climate: of("grain", "#a9c6c4"),
  build: of("flake", "#b98d68"),
  keeping: of("fibre", "#4d5a50"),
};

const NO_FINDINGS: readonly Finding[] = [];

/** The core sample: one stratum for each step, with what is open in it. */
export function Spine({ id, ready }: { id: string; ready: boolean }) {
  const say = useSay();
  const findings = useSession((session) => (ready ? session.derived?.findings : undefined)) ?? NO_FINDINGS;
  const today = useToday();
  const current = usePathname().split("/").at(-1);
  const list = useRef<HTMLElement>(null);

  useEffect(() => {
    list.current?.querySelector('[aria-current="step"]')?.scrollIntoView({ block: "nearest", inline: "center" });
  }, [current]);

  return (
    <nav ref={list} className={css.spine} aria-label={say("steps:spine")}>
      {STEPS.map((step, at) => {
        const open = findings.filter((finding) => finding.step === step && isOpen(finding, today));
        return (
          <Link
            key={step}
            href={`/h/${id}/${step}`}
            aria-current={step === current ? "step" : undefined}
            className={css.step}
            title={`${at + 1}`}
          >
            <Core material={LOOKS[step]} />
            <span>{say(`steps:${step}`)}</span>
            <Count open={open} />
          </Link>
        );
      })}
    </nav>
  );
}

function Count({ open }: { open: readonly Finding[] }) {
  const say = useSay();
  if (open.length === 0) return null;
  const worst = WEIGHTS.find((weight) => open.some((finding) => finding.weight === weight)) ?? "opinion";
  const count = { harm: "countHarm", look: "countLook", opinion: "countOpinion" } as const;
  return (
    <i className={css.count} data-weight={worst} aria-label={say(`findings:${count[worst]}`, { count: open.length })}>
      {open.length}
    </i>
  );
}

function Core({ material }: { material: Material }) {
  const id = useId();
  return useMemo(
    () => (
      <svg className={css.core} aria-hidden>
        <defs>
          <TexturePattern id={id} material={material} pxPerCm={9} />
        </defs>
        <rect width="100%" height="100%" fill={`url(#${id})`} />
      </svg>
    ),
    [id, material],
  );
}
