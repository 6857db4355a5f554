"use client";

import type { Difference, GearTold, Line } from "@/core/compare";
import { isSwitched } from "@/core/gear";
import type { Library } from "@/core/library";
import {
  capital,
  LibraryProvider,
  monthsSaid,
  runSaid,
  useFigures,
  useLibrary,
  useSay,
  wattsSaid,
  type Figures,
  type Say,
} from "@/words";
import css from "./Compare.module.css";

type Words = { say: Say; figures: Figures; library: Library; today: string };

/** A piece of gear: how strong it is, where it is when that was chosen, and when it runs. */
function sayGear({ kindId, count, powerW, place, run, months }: GearTold & { count: number }, words: Words): string {
  const { say, figures, library, today } = words;
  return [
    capital(say("compare:lines.gear", { kindId, count })),
    powerW === null ? undefined : wattsSaid(powerW, figures),
    place === null ? undefined : say(`climate:gear.places.${place}`),
    isSwitched(library.get("gear", kindId)) ? runSaid(run, today, say, figures) : undefined,
    monthsSaid({ months }, say),
  ]
    .filter((part) => part !== undefined)
    .join(", ");
}

/** One line in words. A lid is told by its own word, a wall by its own. */
function sayLine(line: Line, words: Words): string {
  if (line.code === "gear") return sayGear(line, words);
  const { say } = words;
  const { code, ...told } = line;
  const more = {
    ...("lid" in line ? { lid: say(`shell:lids.${line.lid}`) } : {}),
    ...("wall" in line ? { wall: say(`shell:walls.${line.wall}` as "shell:walls.back") } : {}),
  };
  return capital(say(`compare:lines.${code}`, { ...told, ...more }));
}

type Props = { list: readonly Difference[]; libraries: readonly [Library, Library]; today: string };

/** What differs, part by part, in two columns. */
export function Differences({ list, libraries, today }: Props) {
  const say = useSay();
  return (
    <section>
      <h2>{say("compare:differs")}</h2>
      {list.length === 0 ? <p>{say("compare:alike")}</p> : null}
      {list.map(({ part, a, b }) => (
        <div key={part} className={css.row}>
          <h3>{say(`compare:parts.${part}`)}</h3>
          {[a, b].map((lines, at) => (
            <LibraryProvider key={at} library={libraries[at] ?? libraries[0]}>
              <Lines lines={lines} today={today} />
            </LibraryProvider>
          ))}
        </div>
      ))}
    </section>
  );
}

function Lines({ lines, today }: { lines: readonly Line[]; today: string }) {
  const words = { say: useSay(), figures: useFigures(), library: useLibrary(), today };
  const { say } = words;
  if (lines.length === 0) return <p className={css.none}>{say("compare:nothing")}</p>;
  return (
    <ul>
      {lines.map((line) => (
        <li key={JSON.stringify(line)}>{sayLine(line, words)}</li>
      ))}
    </ul>
  );
}
