"use client";

import { LIMITS, UNDERS } from "@/core/habitat";
import { useOpen } from "@/store";
import { MeasureField } from "@/ui/measure";
import { Cautions, Fact, Facts, LedgerPart, Pills } from "@/ui/parts";
import { capital, useFigures, useSay } from "@/words";
import css from "./ShellStep.module.css";

/** A stand is asked for with a quarter to spare, in round tens. */
const askFor = (floodedKg: number): number => Math.ceil((floodedKg * 1.25) / 10) * 10;

/** What it all weighs, where the load stands, and what carries it. */
export function LoadPart() {
  const say = useSay();
  const figures = useFigures();
  const { habitat, derived, edit } = useOpen();
  const { load } = derived;
  const { standsOn, buildId } = habitat.shell;
  const kg = (value: number) => figures.printed(value, "mass");
  const { feetKg, pane } = load;
  return (
    <>
      <Facts>
        {(
          [
            ["box", load.boxKg],
            ["walls", load.wallsKg],
            ["pieces", load.piecesKg],
            ["dry", load.dryKg],
            ["wet", load.wetKg],
            ["flooded", load.floodedKg],
          ] as const
        ).map(([word, value]) => (
          <Fact key={word} label={say(`shell:load.${word}`)}>
            {kg(value)}
          </Fact>
        ))}
        <Fact label={say("shell:load.middle")} plain>
          {say("shell:load.middleAt", { xCm: load.middle.xCm, yCm: load.middle.yCm })}
        </Fact>
      </Facts>
      <LedgerPart title={say("shell:load.feet")}>
        <div className={css.feet}>
          {(["backLeftKg", "backRightKg", "frontLeftKg", "frontRightKg"] as const).map((foot) => (
            <div key={foot}>
              <small>{say(`strata:corners.${foot.replace("Kg", "Cm") as "backLeftCm"}`)}</small>
              <b className="measure">{kg(feetKg[foot])}</b>
            </div>
          ))}
        </div>
        <p className={css.why}>{say("shell:load.feetHelp")}</p>
      </LedgerPart>
      <LedgerPart title={say("shell:load.stand")}>
        <MeasureField
          label={say("shell:load.rating")}
          kind="mass"
          value={standsOn.ratingKg ?? undefined}
          limits={LIMITS.ratingKg}
          help={
            standsOn.ratingKg === null
              ? say("shell:load.noRating", { askKg: askFor(load.floodedKg) })
              : say("shell:load.spare", { spareKg: standsOn.ratingKg - load.floodedKg })
          }
          onCommit={(ratingKg, gesture) => edit([{ name: "setStandsOn", args: { ratingKg } }], gesture)}
          onClear={() => edit([{ name: "setStandsOn", args: { ratingKg: null } }])}
        />
        <Pills
          label={say("shell:load.under")}
          value={standsOn.under}
          onChange={(under) => edit([{ name: "setStandsOn", args: { under } }])}
          options={UNDERS.map((value) => ({ value, text: say(`shell:load.unders.${value}`) }))}
        />
        <p className={css.why}>
          {pane
            ? say("shell:load.pane", {
                stressMPa: figures.number(pane.stressMPa, 1),
                allowedMPa: figures.number(pane.allowedMPa, 1),
              })
            : say(standsOn.under === "rim" && buildId !== "glass" ? "shell:load.noPane" : "shell:load.wholeFloor")}
        </p>
      </LedgerPart>
      <LedgerPart title={say("shell:load.lifts")}>
        {load.lifts.length === 0 ? (
          <p className={css.why}>{say("shell:load.noLifts")}</p>
        ) : (
          <ul className={css.reasons}>
            {load.lifts.map((lift, at) => (
              <li key={at} data-weight="look">
                {say("shell:load.lift", {
                  name: capital(lift.what === "box" ? say("shell:load.boxItself") : say.nameOf("pieceKinds", lift.id)),
                  liftKg: lift.kg,
                })}
              </li>
            ))}
          </ul>
        )}
        <Cautions codes={["weight"]} />
      </LedgerPart>
    </>
  );
}
