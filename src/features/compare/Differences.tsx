"use client";

import type { Difference, Line } from "@/core/compare";
import type { Library } from "@/core/library";
import { capital, LibraryProvider, useSay, type Say } from "@/words";
import css from "./Compare.module.css";

/** One line in words. A lid is told by its own word, a wall by its own. */
function sayLine(line: Line, say: Say): string {
  const { code, ...told } = line;
  const more = {
    ...("lid" in line ? { lid: say(`shell:lids.${line.lid}`) } : {}),
    ...("wall" in line ? { wall: say(`shell:walls.${line.wall}` as "shell:walls.back") } : {}),
  };
  return capital(say(`compare:lines.${code}`, { ...told, ...more }));
}

type Props = { list: readonly Difference[]; libraries: readonly [Library, Library] };

/** What differs, part by part, in two columns. */
export function Differences({ list, libraries }: Props) {
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
              <Lines lines={lines} />
            </LibraryProvider>
          ))}
        </div>
      ))}
    </section>
  );
}

function Lines({ lines }: { lines: readonly Line[] }) {
  const say = useSay();
  if (lines.length === 0) return <p className={css.none}>{say("compare:nothing")}</p>;
  return (
    <ul>
      {lines.map((line) => (
        <li key={JSON.stringify(line)}>{sayLine(line, say)}</li>
      ))}
    </ul>
  );
}
