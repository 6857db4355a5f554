"use client";

import { fillProblems, type Design } from "@/core/habitat";
import { boxFit } from "@/core/living";
import { sceneOf } from "@/core/scene";
import { Miniature, useSize } from "@/ui/section";
import { sayBox, useLibrary, useSay } from "@/words";
import css from "./Start.module.css";

/** The box as it would stand, and whether its animal could live in it: said before the bench opens. */
export function Preview({ habitat }: { habitat: Design | undefined }) {
  const say = useSay();
  const library = useLibrary();
  const [ref, size] = useSize();
  const scene = habitat && sceneOf(habitat, library);
  const scale =
    habitat && size
      ? Math.min(9, (size.width - 40) / habitat.shell.widthCm, (size.height - 60) / habitat.shell.heightCm)
      : 1;
  const problems = scene ? fillProblems(scene.animal, scene.habitat.shell, library) : [];
  const boxIsLow = problems.some(({ code }) => code === "boxTooLow");
  return (
    <section className={css.preview} aria-label={say("brief:verdictTitle")} aria-live="polite">
      <div className={css.stage} ref={ref}>
        {scene && size ? (
          <Miniature habitat={scene.habitat} ground={scene.ground} pxPerCm={scale} label={say("brief:title")} />
        ) : (
          <p className={css.hint}>{say("start:previewHint")}</p>
        )}
      </div>
      <ul>
        {problems.map(({ code, ...quantities }) => (
          <li key={code} data-weight="harm">
            {say(`start:problems.${code}`, quantities)}
          </li>
        ))}
        {scene
          ? boxFit(scene)
              .filter(({ code }) => !(code === "tooLow" && boxIsLow))
              .map((reason) => (
                <li key={reason.code} data-weight={reason.weight}>
                  {sayBox(reason, say)}
                </li>
              ))
          : null}
      </ul>
    </section>
  );
}
