"use client";

import Button from "@mui/material/Button";
import Link from "next/link";
import { usePathname } from "next/navigation";
import { useState } from "react";
import type { Derived } from "@/core/derive";
import { isOpen, type Finding } from "@/core/findings";
import { choicesOf } from "@/core/mending";
import { useSession } from "@/store";
import { retold, sayChoices, sayBrought, sayFinding, sayMend, useFigures, useNotes, useSay } from "@/words";
import css from "./AdvicePanel.module.css";
import { AnswerForm } from "./AnswerForm";
import { MendButton } from "./MendButton";
import { useMends } from "./useMends";

type Props = { finding: Finding; settled: Derived; today: string; onGo: () => void };

/** One finding in full. */
export function AdviceItem({ finding, settled, today, onGo }: Props) {
  const say = useSay();
  const { title, why } = sayFinding(finding, say);
  const mends = useMends(finding, settled);
  const works = (mends ?? []).flatMap((mend) => sayMend(mend, say).work ?? []);
  const unanswered = isOpen(finding, today);
  return (
    <li className={css.item} data-weight={finding.weight} data-answered={!unanswered}>
      <p className={css.weight}>
        {say(`findings:${finding.weight}`)} <small>{say(`advice:rests.${restsWord(finding)}`)}</small>
      </p>
      <p>
        <b>{title}</b> {why} {works[0]} {sayBrought(finding, say)}
      </p>
      <OtherSchool finding={finding} settled={settled} />
      {unanswered && mends ? <Mends finding={finding} settled={settled} mends={mends} onGo={onGo} /> : null}
      <Answered finding={finding} unanswered={unanswered} today={today} />
    </li>
  );
}

const restsWord = ({ rests, weight, otherSchool }: Finding) =>
  weight === "opinion" && rests === "nature" && !otherSchool ? "view" : rests;

/** What the other school says, where there is one by which there would be nothing to say. */
function OtherSchool({ finding, settled }: Pick<Props, "finding" | "settled">) {
  const say = useSay();
  const figures = useFigures();
  const notes = useNotes("animals");
  const { follows, otherSchool } = finding;
  if (follows)
    return <p className={css.school}>{say("schools:followed", { question: say(`schools:questions.${follows}`) })}</p>;
  if (!otherSchool) return null;
  const { question, view } = otherSchool;
  const animal = settled.library.get("animals", settled.habitat.brief.animalId);
  const based = "basedOn" in animal && typeof animal.basedOn === "string" ? animal.basedOn : animal.id;
  const reason = notes[based]?.schools?.[question]?.[view];
  return (
    <p className={css.school}>
      {say("advice:otherSchool", { question: say(`schools:questions.${question}`) })}{" "}
      {reason ? say("advice:otherSays", { reason: retold(reason, figures) }) : null}
    </p>
  );
}

type MendsProps = Pick<Props, "finding" | "settled" | "onGo"> & { mends: NonNullable<ReturnType<typeof useMends>> };

/** All that mends it, or the choices that are left; and the way to its step. */
function Mends({ finding, settled, mends, onGo }: MendsProps) {
  const say = useSay();
  const here = usePathname();
  const choices = mends.length === 0 ? choicesOf(finding, settled) : [];
  const base = here.split("/").slice(0, -1).join("/");
  const href = `${base}/${finding.step}`;
  return (
    <>
      {choices.length > 0 ? <p>{sayChoices(choices, say)}</p> : null}
      <div className={css.mends}>
        {mends.map((mend, at) => (
          <MendButton key={at} mend={mend} first={at === 0} />
        ))}
        {mends.length === 0 && href !== here ? (
          <Button size="small" variant="outlined" component={Link} href={href} onClick={onGo}>
            {say("findings:goTo", { step: say(`steps:${finding.step}`) })}
          </Button>
        ) : null}
      </div>
    </>
  );
}

/** What was answered to it, and what can be. */
function Answered({ finding, unanswered, today }: { finding: Finding; unanswered: boolean; today: string }) {
  const say = useSay();
  const { edit } = useSession.getState();
  const [asking, setAsking] = useState<"accept" | "remind" | undefined>(undefined);
  const { code, about, answered } = finding;
  if (!unanswered && answered) {
    return (
      <p className={css.answered}>
        {sayAnswer(finding, say)}
        <Button size="small" variant="text" onClick={() => edit([{ name: "unanswer", args: { code, about } }])}>
          {say("advice:takeBack")}
        </Button>
      </p>
    );
  }
  if (asking) return <AnswerForm finding={finding} kind={asking} today={today} onDone={() => setAsking(undefined)} />;
  return (
    <>
      {answered?.answer.answer.kind === "accepted" ? (
        <p className={css.school}>
          {say("advice:back", { acceptedOn: answered.answer.on, reason: answered.answer.answer.reason })}
        </p>
      ) : null}
      <div className={css.asks}>
        <button type="button" onClick={() => setAsking("accept")}>
          {say("advice:accept")}
        </button>
        <button type="button" onClick={() => setAsking("remind")}>
          {say("advice:remind")}
        </button>
      </div>
    </>
  );
}

function sayAnswer({ answered }: Finding, say: ReturnType<typeof useSay>): string {
  if (!answered) return "";
  const { answer, on } = answered.answer;
  return answer.kind === "accepted"
    ? say("advice:acceptedOn", { acceptedOn: on, reason: answer.reason })
    : say("advice:laterOn", { laterOn: answer.untilOn });
}
