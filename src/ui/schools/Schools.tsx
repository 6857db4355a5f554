"use client";

import type { Animal } from "@/core/catalog";
import { retold, useFigures, useNotes, useSay } from "@/words";
import { figuresOfView, type School } from "./answer";
import css from "./Schools.module.css";

type Question = School["about"];
type View = 0 | 1;
const VIEWS: readonly View[] = [0, 1];

type Props = {
  /** An own animal has its reasons from the one it was copied from. */
  animal: Pick<Animal, "id" | "schools"> & { basedOn?: string | undefined };
  chosen?: Partial<Record<Question, View>>;
  /** Left out where nothing is chosen: then both answers are read only. */
  onFollow?: (about: Question, view: View | null) => void;
};

/** Questions good keepers answer differently: each answer with its reason and what it changes. */
export function Schools({ animal, chosen = {}, onFollow }: Props) {
  const say = useSay();
  const reasons = useNotes("animals")[animal.basedOn ?? animal.id]?.schools;
  return (
    <div className={css.schools}>
      {animal.schools.map((school) => (
        <fieldset key={school.about}>
          <legend>{say(`schools:questions.${school.about}`)}</legend>
          {onFollow ? (
            <label className={css.asIs}>
              <input
                type="radio"
                name={`school-${school.about}`}
                checked={chosen[school.about] === undefined}
                onChange={() => onFollow(school.about, null)}
              />
              <span>{say("schools:asItStands")}</span>
            </label>
          ) : null}
          {VIEWS.map((view) => (
            <Answer
              key={view}
              school={school}
              view={view}
              reason={reasons?.[school.about]?.[view]}
              checked={chosen[school.about] === view}
              onFollow={onFollow && (() => onFollow(school.about, view))}
            />
          ))}
        </fieldset>
      ))}
    </div>
  );
}

type AnswerProps = {
  school: School;
  view: View;
  reason: string | undefined;
  checked: boolean;
  onFollow: (() => void) | undefined;
};

function Answer({ school, view, reason, checked, onFollow }: AnswerProps) {
  const say = useSay();
  const figures = useFigures();
  const changes = figuresOfView(school.views[view], say, figures);
  const told = (
    <span>
      {reason ? retold(reason, figures) : say("schools:answers", { nth: view + 1 })}
      {changes.length > 0 ? <small>{changes.join(" · ")}</small> : null}
    </span>
  );
  if (!onFollow) return <p>{told}</p>;
  return (
    <label>
      <input type="radio" name={`school-${school.about}`} checked={checked} onChange={onFollow} />
      {told}
    </label>
  );
}
