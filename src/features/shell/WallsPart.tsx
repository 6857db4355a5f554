"use client";

import { LIMITS, WALLS, mostThicknessCm, type Treatment, type Wall } from "@/core/habitat";
import { panelSize, wallLengthCm, wallWork } from "@/core/shell";
import { setInL } from "@/core/strata";
import { useOpen } from "@/store";
import { Stepper } from "@/ui/measure";
import { Cautions, LedgerPart } from "@/ui/parts";
import { Swatch, wallMaterial } from "@/ui/section";
import { capital, useSay, useLibrary } from "@/words";
import { PanelCheck } from "./PanelCheck";
import css from "./ShellStep.module.css";

const FIRST: readonly Wall[] = ["back", "left", "right", "front"];

/** What is built on each wall: what it takes, what room it costs, how long it stands. */
export function WallsPart() {
  const say = useSay();
  const library = useLibrary();
  const { shell } = useOpen().habitat;
  const walls = FIRST.filter((wall) => WALLS.includes(wall) && wallLengthCm(shell, wall) > 0);
  const cautions = shell.treatments.flatMap(({ treatmentId, finishId }) => [
    ...library.get("wallTreatments", treatmentId).cautions,
    ...(finishId === null ? [] : library.get("wallFinishes", finishId).cautions),
  ]);
  return (
    <>
      {walls.map((wall) => (
        <WallRow key={wall} wall={wall} />
      ))}
      <Cautions codes={cautions} />
      {shell.treatments.length > 0 ? <p className={css.why}>{say("shell:gaps")}</p> : null}
      <LedgerPart title={say("shell:panelTitle")}>
        <PanelCheck />
      </LedgerPart>
    </>
  );
}

function WallRow({ wall }: { wall: Wall }) {
  const say = useSay();
  const library = useLibrary();
  const { habitat, edit } = useOpen();
  const { shell } = habitat;
  const treatment = shell.treatments.find((other) => other.wall === wall);
  const kind = treatment ? library.get("wallTreatments", treatment.treatmentId) : undefined;
  const name = say("shell:wallName", { wall: say(`shell:walls.${wall}`) });
  const most = mostThicknessCm(shell, wall);
  const choose = (treatmentId: string) => {
    if (treatmentId === "") return edit([{ name: "setTreatment", args: { wall, treatmentId: null } }]);
    const { usualCm, takesFinish } = library.get("wallTreatments", treatmentId);
    edit([
      {
        name: "setTreatment",
        args: {
          wall,
          treatmentId,
          thicknessCm: Math.min(usualCm, most),
          ...(takesFinish ? { finishId: "siliconeFibre" } : {}),
        },
      },
    ]);
  };
  return (
    <section className={css.block} aria-label={capital(name)}>
      <div className={css.line}>
        {treatment ? (
          <Swatch material={wallMaterial(treatment, library)} width={24} height={24} />
        ) : (
          <i className={css.bare} />
        )}
        <b>{capital(name)}</b>
        <select
          className={css.select}
          aria-label={say("shell:builtOn", { name })}
          value={treatment?.treatmentId ?? ""}
          onChange={(event) => choose(event.target.value)}
        >
          <option value="">{say("shell:bareGlass")}</option>
          {library.all("wallTreatments").map(({ id }) => (
            <option key={id} value={id}>
              {capital(say.nameOf("wallTreatments", id))}
            </option>
          ))}
        </select>
      </div>
      {treatment && kind ? (
        <>
          {kind.inside || kind.takesFinish ? (
            <div className={css.four}>
              {kind.inside ? (
                <Stepper
                  label={say("shell:thicknessOf", { name })}
                  caption={say("shell:thickness")}
                  kind="length"
                  value={treatment.thicknessCm}
                  limits={{ min: LIMITS.treatmentCm.min, max: Math.min(LIMITS.treatmentCm.max, most) }}
                  onCommit={(thicknessCm, gesture) =>
                    edit(
                      [{ name: "setTreatment", args: { wall, treatmentId: treatment.treatmentId, thicknessCm } }],
                      gesture,
                    )
                  }
                />
              ) : null}
              {kind.inside ? (
                <Stepper
                  label={say("shell:lowerEdgeOf", { name })}
                  caption={say("shell:lowerEdge")}
                  kind="length"
                  value={treatment.fromCm}
                  limits={{ min: 0, max: shell.heightCm / 2 }}
                  onCommit={(fromCm, gesture) =>
                    edit(
                      [{ name: "setTreatment", args: { wall, treatmentId: treatment.treatmentId, fromCm } }],
                      gesture,
                    )
                  }
                />
              ) : null}
              {kind.takesFinish ? (
                <label className={css.field}>
                  <span>{say("shell:finish")}</span>
                  <select
                    className={css.select}
                    aria-label={say("shell:finishOf", { name })}
                    value={treatment.finishId ?? ""}
                    onChange={(event) =>
                      edit([
                        {
                          name: "setTreatment",
                          args: {
                            wall,
                            treatmentId: treatment.treatmentId,
                            finishId: event.target.value === "" ? null : event.target.value,
                          },
                        },
                      ])
                    }
                  >
                    <option value="">{say("shell:noFinish")}</option>
                    {library.all("wallFinishes").map(({ id }) => (
                      <option key={id} value={id}>
                        {capital(say.nameOf("wallFinishes", id))}
                      </option>
                    ))}
                  </select>
                </label>
              ) : null}
            </div>
          ) : null}
          {treatment.fromCm > 0 ? <p className={css.why}>{say("shell:lowerEdgeHelp")}</p> : null}
          <Work treatment={treatment} />
        </>
      ) : null}
    </section>
  );
}

/** What the wall takes, in the units it is bought in. */
function Work({ treatment }: { treatment: Treatment }) {
  const say = useSay();
  const library = useLibrary();
  const { habitat, derived } = useOpen();
  const { shell } = habitat;
  const work = wallWork(shell, treatment, library, setInL(derived, treatment));
  const size = panelSize(shell, treatment);
  const takes = [
    work.foamCans > 0 && say("shell:takes.foam", { count: work.foamCans }),
    work.cartridges > 0 && say("shell:takes.silicone", { count: work.cartridges }),
    work.paintL > 0 && say("shell:takes.paint", { paintL: work.paintL }),
    work.fibreL > 0 && say("shell:takes.fibre", { fibreL: work.fibreL }),
    work.clayL > 0 && say("shell:takes.clay", { clayL: work.clayL }),
    work.sheetCm2 > 0 && say("shell:takes.sheet", { lengthCm: size.widthCm, heightCm: size.heightCm }),
  ].filter((text) => text !== false);
  const days = work.setDays + work.finishDays + work.airDays;
  return (
    <p className={css.why}>
      {takes.join(" · ")}
      {takes.length > 0 ? <br /> : null}
      {work.roomL > 0 ? `${say("shell:room", { roomWaterL: work.roomL, massKg: work.massKg })} · ` : ""}
      {say("shell:days", { count: days, set: work.setDays, finish: work.finishDays, air: work.airDays })}
    </p>
  );
}
