"use client";

import Button from "@mui/material/Button";
import { useCallback, useMemo, useState } from "react";
import { SEXES } from "@/core/habitat";
import { animalLogs, type AnimalLog } from "@/core/keeping";
import { KG_PER_OUNCE } from "@/core/units";
import { useOpen } from "@/store";
import type { Line } from "@/ui/chart";
import { dayPrinted, useFigures, useSay, useUnits } from "@/words";
import { Curves, noonOf } from "./Curves";
import { PlantsGrown } from "./PlantsGrown";
import css from "./Story.module.css";
import keeping from "./Keeping.module.css";

const G_PER_KG = 1000;
const COLORS = ["--clay", "--water", "--moss", "--ochre", "--ink", "--rust"] as const;

/** Each animal: its masses as a curve, its sheds and meals; animals told apart are added here. */
export function Animals() {
  const say = useSay();
  const { habitat, log } = useOpen();
  const logs = useMemo(() => animalLogs(habitat.individuals, log.state), [habitat.individuals, log.state]);
  return (
    <div className={css.story}>
      <MassChart logs={logs} />
      <table className={css.table}>
        <caption className={css.none}>{say("journal:individuals.help")}</caption>
        <tbody>
          {logs.map((one) => (
            <AnimalRow key={one.individual?.id ?? "all"} one={one} />
          ))}
        </tbody>
      </table>
      <AddAnimal />
      <PlantsGrown />
    </div>
  );
}

function MassChart({ logs }: { logs: readonly AnimalLog[] }) {
  const say = useSay();
  const system = useUnits();
  const figures = useFigures();
  const perG = system === "us" ? 1 / (KG_PER_OUNCE * 1000) : 1;
  const lines = useMemo(
    (): Line[] =>
      logs
        .filter(({ masses }) => masses.length > 0)
        .map(({ individual, masses }, at) => ({
          name: individual?.name ?? say("journal:individuals.all"),
          color: COLORS[at % COLORS.length] ?? "--clay",
          dashed: at % 2 === 1,
          points: masses.map(({ on, massG }): [number, number] => [noonOf(on), massG * perG]),
        })),
    [logs, say, perG],
  );
  const print = useCallback((value: number) => figures.printed(value / perG / G_PER_KG, "smallMass"), [figures, perG]);
  if (lines.length === 0) return <p className={css.none}>{say("journal:individuals.noMass")}</p>;
  return <Curves title={say("journal:individuals.growth")} lines={lines} print={print} height={200} />;
}

function AnimalRow({ one: { individual, masses, sheds, meals, refused } }: { one: AnimalLog }) {
  const say = useSay();
  const figures = useFigures();
  const { edit } = useOpen();
  const [first, last] = [masses[0], masses.at(-1)];
  const mass = (g: number) => figures.printed(g / G_PER_KG, "smallMass");
  const name = individual?.name ?? say("journal:individuals.all");
  const gain = first && last && first !== last ? last.massG - first.massG : undefined;
  return (
    <tr>
      <th scope="row">
        {name}
        {individual ? (
          <small>
            {[
              say(`journal:individuals.sexes.${individual.sex}`),
              individual.hatchedOn ? dayPrinted(individual.hatchedOn) : "",
              individual.origin,
            ]
              .filter((part) => part !== "")
              .join(" · ")}
          </small>
        ) : null}
      </th>
      <td>
        {last ? say("journal:individuals.last", { mass: mass(last.massG), weighedOn: last.on }) : "–"}
        {gain === undefined || !first ? null : (
          <small>
            {say("journal:individuals.gain", {
              change: `${gain < 0 ? "−" : "+"}${mass(Math.abs(gain))}`,
              sinceOn: first.on,
            })}
          </small>
        )}
      </td>
      <td>
        {say("journal:individuals.meals", { count: meals })}
        {refused > 0 ? <small>{say("journal:individuals.refused", { count: refused })}</small> : null}
      </td>
      <td>{say("journal:individuals.sheds", { count: sheds })}</td>
      <td>
        {individual ? (
          <Button
            size="small"
            variant="text"
            onClick={() => edit([{ name: "removeIndividual", args: { id: individual.id } }])}
          >
            {say("journal:individuals.remove", { name: individual.name })}
          </Button>
        ) : null}
      </td>
    </tr>
  );
}

const EMPTY = { name: "", sex: "unknown" as (typeof SEXES)[number], hatchedOn: "", origin: "" };

function AddAnimal() {
  const say = useSay();
  const { habitat, edit } = useOpen();
  const [draft, setDraft] = useState(EMPTY);
  const [said, setSaid] = useState("");
  const set = (to: Partial<typeof EMPTY>) => setDraft((before) => ({ ...before, ...to }));
  const add = () => {
    const { name, sex, hatchedOn, origin } = draft;
    if (name.trim() === "") return setSaid(say("journal:individuals.named"));
    const args = {
      id: crypto.randomUUID(),
      name: name.trim(),
      animalId: habitat.brief.animalId,
      sex,
      hatchedOn: hatchedOn === "" ? null : hatchedOn,
      origin,
    };
    if (edit([{ name: "addIndividual", args }])) return setSaid(say("journal:individuals.named"));
    setDraft(EMPTY);
    return setSaid("");
  };
  return (
    <details className={keeping.own}>
      <summary>{say("journal:individuals.add")}</summary>
      <div className={`${css.form} ${keeping.comes}`}>
        <label>
          <span>{say("journal:individuals.name")}</span>
          <input value={draft.name} maxLength={80} onChange={({ target }) => set({ name: target.value })} />
        </label>
        <label>
          <span>{say("journal:individuals.sex")}</span>
          <select value={draft.sex} onChange={({ target }) => set({ sex: target.value as (typeof SEXES)[number] })}>
            {SEXES.map((sex) => (
              <option key={sex} value={sex}>
                {say(`journal:individuals.sexes.${sex}`)}
              </option>
            ))}
          </select>
        </label>
        <label>
          <span>{say("journal:individuals.hatchedOn")}</span>
          <input type="date" value={draft.hatchedOn} onChange={({ target }) => set({ hatchedOn: target.value })} />
        </label>
        <label>
          <span>{say("journal:individuals.origin")}</span>
          <input value={draft.origin} maxLength={300} onChange={({ target }) => set({ origin: target.value })} />
        </label>
        <Button size="small" variant="outlined" onClick={add}>
          {say("journal:individuals.add")}
        </Button>
      </div>
      <p role="status" className={keeping.said} data-wrong={said !== ""}>
        {said}
      </p>
    </details>
  );
}
