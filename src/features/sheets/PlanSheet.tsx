"use client";

import { fitted, isSwitched } from "@/core/gear";
import { planFor, type Scheduled } from "@/core/build";
import { useOpen } from "@/store";
import { Cautions, useNow } from "@/ui/parts";
import { useStepNames } from "@/ui/plan";
import { Miniature, useLayerNames } from "@/ui/section";
import { capital, dayPrinted, mixName, runSaid, useFigures, useLibrary, useSay, wattsSaid } from "@/words";
import css from "./Sheets.module.css";

/** Beside the table of its layers there is so much room for the section. */
const SECTION_PX = 260;
const MOST_PX_PER_CM = 5;

/** The whole build on paper: section and fill lines, batches, steps by their days, plants, crew, gear, cautions. */
export function PlanSheet() {
  const say = useSay();
  const { habitat, derived, log } = useOpen();
  const today = useNow();
  const steps = today === "" ? [] : planFor(derived, log.state, today).steps;
  return (
    <div className={css.plan}>
      <div className={css.planTop}>
        <Miniature
          habitat={habitat}
          ground={derived.ground}
          pxPerCm={Math.min(MOST_PX_PER_CM, SECTION_PX / habitat.shell.widthCm)}
          label={habitat.name}
        />
        <Lines />
      </div>
      <h3>{say("sheets:plan.batches")}</h3>
      <Batches />
      <h3>{say("sheets:plan.steps")}</h3>
      <Steps steps={steps} />
      {habitat.plants.length > 0 ? <Plants /> : null}
      {habitat.gear.length > 0 ? <GearSettings /> : null}
      <h3>{say("sheets:plan.cautions")}</h3>
      <Cautions codes={steps.flatMap(({ cautions }) => cautions)} />
    </div>
  );
}

/** Every layer with its litres and the lines it is filled to, from the top down. */
function Lines() {
  const say = useSay();
  const figures = useFigures();
  const { habitat, derived } = useOpen();
  const nameOf = useLayerNames(habitat);
  return (
    <table className={css.table}>
      <thead>
        <tr>
          <th scope="col">{say("sheets:plan.layer")}</th>
          <th scope="col">{say("sheets:plan.poured")}</th>
          <th scope="col">{say("sheets:plan.lineFront")}</th>
          <th scope="col">{say("sheets:plan.lineBack")}</th>
        </tr>
      </thead>
      <tbody>
        {derived.ground.levels.toReversed().map((level) => (
          <tr key={level.layerId}>
            <th scope="row">{nameOf(level.layerId)}</th>
            <td className="measure">{level.looseL > 0 ? figures.printed(level.looseL, "volume") : "–"}</td>
            <td className="measure">{figures.printed(level.top.frontCm, "length")}</td>
            <td className="measure">{figures.printed(level.top.backCm, "length")}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** What each mix is made of, in shares. */
function Batches() {
  const say = useSay();
  const figures = useFigures();
  const library = useLibrary();
  const { mixes } = useOpen().habitat;
  return mixes.map((mix) => {
    const all = mix.parts.reduce((sum, { parts }) => sum + parts, 0);
    const told = mix.parts.map(({ ingredientId, parts }) =>
      say("sheets:plan.share", {
        share: figures.number((100 * parts) / Math.max(all, Number.MIN_VALUE), 0),
        ingredientId,
      }),
    );
    return (
      <p key={mix.id}>
        <b>{capital(mixName(mix, say, library))}:</b> {told.join(", ")}
      </p>
    );
  });
}

function Steps({ steps }: { steps: readonly Scheduled[] }) {
  const say = useSay();
  const { mixes } = useOpen().habitat;
  const names = useStepNames(mixes);
  return (
    <table className={css.table}>
      <tbody>
        {steps.map((step) => (
          <tr key={step.id}>
            <th scope="row">
              {step.state === "done" ? "☑" : "☐"} {step.governs ? <b>{names.title(step)}</b> : names.title(step)}
              <small>{names.why(step)}</small>
            </th>
            <td className="measure">{dayPrinted(step.startOn)}</td>
            <td className="measure">
              {step.wait[1] > 0 ? say("build:waits", { count: Math.ceil(step.wait[1]) }) : ""}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** Where each plant stands, from the left and from the front. */
function Plants() {
  const say = useSay();
  const { plants } = useOpen().habitat;
  return (
    <>
      <h3>{say("sheets:plan.plants")}</h3>
      <ul>
        {plants.map(({ id, plantId, xCm, yCm }) => (
          <li key={id}>{capital(say("sheets:plan.plantAt", { plantId, xCm, yCm }))}</li>
        ))}
      </ul>
    </>
  );
}

/** What each piece of gear is set to. */
export function GearSettings() {
  const say = useSay();
  const figures = useFigures();
  const library = useLibrary();
  const today = useNow();
  const { gear } = useOpen().habitat;
  if (gear.length === 0) return null;
  const feedOf = (id: string | null) => gear.find((piece) => piece.id === id)?.kindId;
  return (
    <>
      <h3>{say("sheets:plan.gear")}</h3>
      <ul>
        {fitted(gear, library).map(({ piece, kind }) => {
          const feed = feedOf(piece.feedId);
          const told = [
            piece.powerW === null ? undefined : wattsSaid(piece.powerW, figures),
            isSwitched(kind) ? runSaid(piece.run, today, say, figures) : undefined,
            feed === undefined ? undefined : say("sheets:plan.onFeed", { kindId: feed }),
          ];
          return (
            <li key={piece.id}>
              <b>{capital(say.nameOf("gear", kind.id))}</b> {told.filter((part) => part !== undefined).join(", ")}
            </li>
          );
        })}
      </ul>
    </>
  );
}
