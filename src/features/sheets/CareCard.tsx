"use client";

import { isOpen, type Finding } from "@/core/findings";
import { duties } from "@/core/keeping";
import { useOpen, useToday } from "@/store";
import { Bands, Fact, Facts, Minding } from "@/ui/parts";
import { comesSaid, dutyTitle, sayFinding, useFigures, useSay } from "@/words";
import { CareCode } from "./CareCode";
import { SheetRows } from "./SheetRows";
import css from "./Sheets.module.css";
import { useGearSettings } from "./usePlanParts";

type Accepted = { finding: Finding; reason: string; on: string };

/** What was accepted and still stands. */
const acceptedOf = (findings: readonly Finding[]): Accepted[] =>
  findings.flatMap((finding): Accepted[] => {
    const { answered } = finding;
    if (!answered?.holds || answered.answer.answer.kind !== "accepted") return [];
    return [{ finding, reason: answered.answer.answer.reason, on: answered.answer.on }];
  });

/** One page to hang on the box: who lives in it, at what, what is done, and what is meant to be as it is. */
export function CareCard() {
  const say = useSay();
  const { habitat, derived } = useOpen();
  const { animal } = derived;
  const figures = useFigures();
  const today = useToday();
  const gear = useGearSettings();
  const accepted = acceptedOf(derived.findings);
  const open = derived.findings.filter((finding) => isOpen(finding, today || derived.outlook.on)).length;
  return (
    <div className={css.care}>
      <CareCode />
      <p className={css.animal}>{say("sheets:careAnimal", { count: habitat.brief.count, animalId: animal.id })}</p>
      <h3>{say("sheets:careBands")}</h3>
      <Facts>
        <Bands animal={animal} />
      </Facts>
      <h3>{say("sheets:careDuties")}</h3>
      <Facts>
        {duties(derived, today || derived.outlook.on).map((duty) => (
          <Fact key={duty.id} label={dutyTitle(duty, say)}>
            {comesSaid(duty.comes, say, figures)}
          </Fact>
        ))}
      </Facts>
      {gear.rows.length > 0 ? <SheetRows part={gear} /> : null}
      <h3>{say("sheets:careAccepted")}</h3>
      {accepted.length === 0 ? <p>{say("sheets:careAcceptedNone")}</p> : null}
      {open > 0 ? <p>{say("sheets:careOpen", { count: open })}</p> : null}
      <ul>
        {accepted.map(({ finding, reason, on }) => (
          <li key={`${finding.code} ${finding.about}`}>
            <b>{sayFinding(finding, say).title}</b> {say("sheets:careReason", { reason, acceptedOn: on })}
          </li>
        ))}
      </ul>
      <h3>{say("sheets:careEmergency")}</h3>
      <ul>
        <li>{say("sheets:emergency.power", { lowestC: animal.temperatureC.lowestSafeNight })}</li>
        <li>{say("sheets:emergency.heat", { highestC: animal.temperatureC.highestForDays })}</li>
        <li>{say("sheets:emergency.water")}</li>
        <li>{say("sheets:emergency.vet")}</li>
      </ul>
      <Minding animal={animal} />
    </div>
  );
}
