"use client";

import MoreVertOutlined from "@mui/icons-material/MoreVertOutlined";
import IconButton from "@mui/material/IconButton";
import dynamic from "next/dynamic";
import Link from "next/link";
import { useEffect, useMemo, useState } from "react";
import { isOpen } from "@/core/findings";
import type { Design } from "@/core/habitat";
import { dueList } from "@/core/keeping";
import { useDesigns, type Standing } from "@/store";
import { useNow } from "@/ui/parts";
import { Miniature } from "@/ui/section";
import { boxSize, dutyTitle, LibraryProvider, useSay, type Say } from "@/words";
import type { Notice } from "./notice";
import css from "./Shelf.module.css";

const SpotChoices = dynamic(async () => (await import("./SpotChoices")).SpotChoices, { ssr: false });

type State = { text: string; tone: "good" | "look" | "harm" | "plain" };

/** The one thing to say about a habitat: what harms, what is late, what is out of band, or that all is well. */
function stateOf({ derived, log }: Standing, today: string, moveOn: string | undefined, say: Say): State {
  const [first] = derived.findings.filter((finding) => finding.weight !== "opinion" && isOpen(finding, today));
  if (first?.weight === "harm") return { text: say(`titles:${first.code}`), tone: "harm" };
  const late = dueList(derived, log, today).find((duty) => duty.inDays < 0);
  if (late)
    return {
      text: `${dutyTitle(late, say)}: ${say("shelf:late", { count: -late.inDays })}`,
      tone: "harm",
    };
  if (first) return { text: say(`titles:${first.code}`), tone: "look" };
  if (log.state.sinceOn === null)
    return { text: moveOn ? say("shelf:planned", { moveOn }) : say("shelf:building"), tone: "plain" };
  return { text: say("shelf:inBand"), tone: "good" };
}

/** The day the animal may come, for what is still being built. The plan is read when there is something to plan. */
function useMoveOn({ derived, log }: Standing, today: string): string | undefined {
  const [moveOn, setMoveOn] = useState<string>();
  const isBuilding = today !== "" && log.state.sinceOn === null;
  useEffect(() => {
    if (!isBuilding) return undefined;
    let gone = false;
    void import("@/core/build").then(({ schedule }) => {
      if (!gone) setMoveOn(schedule(derived, log.state, today).at(-1)?.startOn);
    });
    return () => {
      gone = true;
    };
  }, [derived, log.state, today, isBuilding]);
  return moveOn;
}

type Props = { standing: Standing; pxPerCm: number; onNotice: (notice: Notice | undefined) => void };

/** One habitat on the shelf: its section, its name, and how it is. What it carries goes by its own names for it. */
export const HabitatSpot = (props: Props) => (
  <LibraryProvider library={props.standing.derived.library}>
    <Spot {...props} />
  </LibraryProvider>
);

function Spot({ standing, pxPerCm, onNotice }: Props) {
  const say = useSay();
  const today = useNow();
  const { design, derived } = standing;
  const moveOn = useMoveOn(standing, today);
  const state = useMemo(
    () => (today === "" ? undefined : stateOf(standing, today, moveOn, say)),
    [standing, today, moveOn, say],
  );
  return (
    <article className={css.spot}>
      <Link href={`/h/${design.id}/strata`} className={css.stand} aria-label={say("shelf:open", { name: design.name })}>
        <Miniature habitat={design} ground={derived.ground} pxPerCm={pxPerCm} label={design.name} />
      </Link>
      <div className={css.label}>
        <div className={css.nameRow}>
          <h2>
            <Link href={`/h/${design.id}/strata`}>{design.name}</Link>
          </h2>
          <SpotMenu habitat={design} onNotice={onNotice} />
        </div>
        <p>
          {design.brief.count} × {say.nameOf("animals", design.brief.animalId)}
        </p>
        <p>{say("common:sizeOf", boxSize(design.shell))}</p>
        {(design.shelf.variantOf ?? design.shelf.next) ? <Kin design={design} /> : null}
        {state ? (
          <p className={css.state} data-tone={state.tone}>
            {state.text}
          </p>
        ) : null}
      </div>
    </article>
  );
}

/** What a habitat is to others on the shelf: a variant, a box to grow out of. */
function Kin({ design }: { design: Design }) {
  const say = useSay();
  const { variantOf, next } = design.shelf;
  const designs = useDesigns();
  const nameOf = (id: string | undefined | null) => designs.find((other) => other.id === id)?.name;
  const [origin, to] = [nameOf(variantOf), nameOf(next?.habitatId)];
  return (
    <>
      {origin ? <p>{say("shelf:variantOf", { name: origin })}</p> : null}
      {next && to ? <p>{say("shelf:nextBox", { name: to, moveOn: next.on })}</p> : null}
    </>
  );
}

type MenuProps = { habitat: Design; onNotice: (notice: Notice | undefined) => void };

/** The button for what else can be done with a habitat; the choices come when they are first asked for. */
function SpotMenu({ habitat, onNotice }: MenuProps) {
  const say = useSay();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const [asked, setAsked] = useState(false);
  return (
    <>
      <IconButton
        size="small"
        aria-label={say("shelf:actions", { name: habitat.name })}
        aria-haspopup="menu"
        onClick={(event) => {
          setAnchor(event.currentTarget);
          setAsked(true);
        }}
      >
        <MoreVertOutlined fontSize="small" />
      </IconButton>
      {asked ? (
        <SpotChoices habitat={habitat} anchor={anchor} onClose={() => setAnchor(null)} onNotice={onNotice} />
      ) : null}
    </>
  );
}
