"use client";

import type { Range } from "@/core/catalog";
import type { RoomGap } from "@/core/climate";
import { mistingFor } from "@/core/keeping";
import { meetsOf, type Meets } from "@/core/outlook";
import { useOpen } from "@/store";
import { Fact, Facts, Tile, Tiles } from "@/ui/parts";
import { degreesApart, type Say, useFigures, useSay, useUnits } from "@/words";
import css from "./Climate.module.css";

/** A gram a cubic metre in grains a cubic foot: 15.4324 grains a gram, 35.3147 cubic feet a cubic metre (NIST SP 811). */
const GRAINS_PER_FT3 = 15.4324 / 35.3147;

/** How nights come out, judged as everywhere else. */
function nightSentence(night: Meets | undefined, told: (degreesC: number) => string, say: Say): string {
  if (night?.stand === "high") return say("climate:nightWarm", { delta: told(night.got[0] - night.wanted[1]) });
  if (night?.stand === "low") return say("climate:nightCold", { delta: told(night.wanted[0] - night.got[1]) });
  return say("climate:nightOk");
}

/** What the room itself gives or takes: one that is too warm is not warm enough. */
function roomSentence({ warmAboveRoomC, tooHotC }: RoomGap, roomC: number, say: Say): string {
  if (warmAboveRoomC > 0) return say("climate:overRoom", { roomC });
  return tooHotC > 0 ? say("climate:warmthOver", { roomC }) : say("climate:warmthNone");
}

function airSentence(say: Say, warmedRh: number, [lowRh, highRh]: Range): string {
  if (warmedRh < lowRh) return say("climate:drier", { warmedRh, lowRh, highRh });
  return warmedRh > highRh ? say("climate:moister", { warmedRh, lowRh, highRh }) : say("climate:inBand");
}

/** What the room gives against what the animal wants, before anything runs. */
export function RoomPart() {
  const say = useSay();
  const system = useUnits();
  const figures = useFigures();
  const { habitat, derived } = useOpen();
  const { animal, gap, outlook } = derived;
  const night = meetsOf(outlook, animal).find(({ id }) => id === "night");
  const mist = mistingFor(animal);
  const { room } = habitat.brief;
  return (
    <>
      <Tiles>
        <Tile
          label={say("climate:warmth")}
          figure={gap.warmAboveRoomC > 0 ? `+${degreesApart(gap.warmAboveRoomC, system, figures)}` : say("common:none")}
          note={roomSentence(gap, room.temperatureC, say)}
        />
        <Tile
          label={say("climate:vapour")}
          figure={figures.number(gap.vapourGPerM3 * (system === "us" ? GRAINS_PER_FT3 : 1), 1)}
          unit={say(system === "us" ? "climate:vapourUnitUs" : "climate:vapourUnit")}
        />
      </Tiles>
      <p className={css.why}>{airSentence(say, gap.warmedAirRh, animal.humidityRh.day.preferred)}</p>
      <p className={css.why}>{nightSentence(night, (degreesC) => degreesApart(degreesC, system, figures), say)}</p>
      <Facts>
        <Fact label={say("climate:warmedAir")}>{say("climate:rh", { warmedRh: gap.warmedAirRh })}</Fact>
        <Fact label={say("climate:wantedAir")}>{say("climate:rh", { warmedRh: gap.wantedRh })}</Fact>
        {mist ? (
          <Fact label={say("climate:mist")}>
            {mist.timesADay > 0
              ? say("climate:mistDaily", { timesADay: mist.timesADay })
              : say("climate:mistSeldom", { count: mist.everyDays })}
          </Fact>
        ) : null}
      </Facts>
      <p className={css.small}>{say("climate:equation")}</p>
    </>
  );
}
