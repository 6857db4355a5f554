"use client";

import CloseOutlined from "@mui/icons-material/CloseOutlined";
import IconButton from "@mui/material/IconButton";
import { plantWorks } from "@/core/living";
import { useOpen, useToday } from "@/store";
import { LedgerPart } from "@/ui/parts";
import { capital, useSay } from "@/words";
import css from "./Planting.module.css";

/** Plant by plant what is to be done, from the shop to the first trim; and what was lost before. */
export function WorkPart() {
  const say = useSay();
  const { habitat, derived, log, strike } = useOpen();
  const today = useToday();
  const boughtOn = log.state.sinceOn === null || today === "" ? habitat.build.startOn : today;
  const works = plantWorks(habitat, derived.library, boughtOn);
  const kinds = [...new Set(works.map(({ plantId }) => plantId))].map((plantId) => ({
    plantId,
    of: works.filter((work) => work.plantId === plantId),
  }));
  const potted = (standId: string) => habitat.plants.find((stand) => stand.id === standId)?.spot === "pot";
  const { lostPlants } = log.state;
  return (
    <>
      <LedgerPart title={say("planting:work.title")}>
        {works.length === 0 ? (
          <p className={css.none}>{say("planting:work.none")}</p>
        ) : (
          <p className={css.none}>{say("planting:work.rinse")}</p>
        )}
        <ul className={css.list}>
          {kinds.map(({ plantId, of }) => {
            const [work] = of;
            if (!work) return null;
            return (
              <li key={plantId} className={css.work}>
                <b>
                  {of.length > 1 ? `${say("planting:palette.times", { count: of.length })} ` : ""}
                  {capital(say.nameOf("plants", plantId))}
                </b>
                <span>
                  {say("planting:work.until", { untilOn: work.quarantineUntilOn })}{" "}
                  {work.dividesInto > 1 ? say("planting:work.divide", { count: work.dividesInto }) : ""}
                </span>
                <span>
                  {potted(work.standId) ? say("planting:work.methodPot") : say(`planting:work.method.${work.method}`)}{" "}
                  {say("planting:work.trim", { trimOn: work.firstTrimOn })}
                </span>
              </li>
            );
          })}
        </ul>
      </LedgerPart>
      <LedgerPart title={say("planting:work.lost")}>
        {lostPlants.length === 0 ? <p className={css.none}>{say("planting:work.noLost")}</p> : null}
        <ul className={css.list}>
          {lostPlants.map((lost) => {
            const what = capital(say(`planting:work.lostLine.${lost.how}`, { plantId: lost.plantId, lostOn: lost.on }));
            return (
              <li key={lost.id} className={css.lostRow}>
                <span>{what}</span>
                <IconButton
                  size="small"
                  aria-label={say("planting:work.forget", { what })}
                  onClick={() => strike([lost])}
                >
                  <CloseOutlined sx={{ fontSize: 15 }} />
                </IconButton>
              </li>
            );
          })}
        </ul>
      </LedgerPart>
    </>
  );
}
