"use client";

import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useState } from "react";
import type { Animal } from "@/core/catalog";
import { LIMITS, LIVING } from "@/core/habitat";
import { leastBox, longestCm, stageEdits, waterBody } from "@/core/living";
import { useOpen } from "@/store";
import { AnimalField } from "@/ui/search";
import { MeasureField } from "@/ui/measure";
import { Bands, Fact, Facts, LedgerHead, LedgerPart, Minding, Workbench } from "@/ui/parts";
import { Schools } from "@/ui/schools";
import { BenchSection, type Frame, type View } from "@/ui/section";
import { capital, sayBox, useFigures, useSay, type Say } from "@/words";
import css from "./BriefStep.module.css";
import { MatesPart } from "./MatesPart";
import { useAnimals } from "./useAnimals";
import { CountField } from "./CountField";

/** Who lives here, in what box, in what room; and whether the box is enough. */
export function BriefStep() {
  const { animals, carry, own } = useAnimals();
  const say = useSay();
  const { habitat, derived, edit } = useOpen();
  const [view, setView] = useState<View>("front");
  const { animal, boxReasons, library } = derived;
  const { brief } = habitat;
  return (
    <Workbench
      label={say("steps:ledger")}
      middle={
        <>
          <BenchSection
            habitat={habitat}
            ground={derived.ground}
            view={view}
            onView={setView}
            overlay={(frame) => (
              <LeastBox frame={frame} animal={animal} count={brief.count} surfaceCm={derived.ground.surface.frontCm} />
            )}
          />
          <ul className={css.verdicts} aria-label={say("brief:verdictTitle")}>
            {boxReasons.map((reason) => (
              <li key={reason.code} data-weight={reason.weight}>
                <b aria-hidden>{reason.weight === "good" ? "✓" : reason.weight === "harm" ? "✕" : "!"}</b>{" "}
                {sayBox(reason, say)}
              </li>
            ))}
          </ul>
        </>
      }
      ledger={
        <>
          <LedgerHead title={say("brief:title")} sub={say("brief:sub")} />
          <div className={css.form}>
            <AnimalField
              className={css.wide}
              label={say("brief:animal")}
              animals={animals}
              value={animal.id}
              onChange={(animalId) => edit([...carry(animalId), { name: "setAnimal", args: { animalId } }])}
              onOwn={own((animalId) => [{ name: "setAnimal", args: { animalId } }])}
            />
            <CountField
              label={say("brief:count")}
              value={brief.count}
              onCommit={(count) => edit([{ name: "setCount", args: { count } }])}
            />
            <MeasureField
              label={say("brief:roomTemperature")}
              kind="temperature"
              value={brief.room.temperatureC}
              limits={LIMITS.roomC}
              onCommit={(temperatureC, gesture) => edit([{ name: "setRoom", args: { temperatureC } }], gesture)}
            />
            <MeasureField
              label={say("brief:roomHumidity")}
              kind="humidity"
              value={brief.room.humidityRh}
              limits={LIMITS.humidityRh}
              onCommit={(humidityRh, gesture) => edit([{ name: "setRoom", args: { humidityRh } }], gesture)}
            />
          </div>
          <TextField
            select
            fullWidth
            sx={{ mt: 1.5 }}
            label={say("brief:living")}
            value={brief.living}
            onChange={(event) => {
              const living = LIVING.find((one) => one === event.target.value);
              if (living) edit([{ name: "setLiving", args: { living } }]);
            }}
          >
            {LIVING.map((living) => (
              <MenuItem key={living} value={living}>
                {say(`brief:livings.${living}`)}
              </MenuItem>
            ))}
          </TextField>
          {animal.young.box ? (
            <TextField
              select
              fullWidth
              sx={{ mt: 1.5 }}
              label={say("brief:stage")}
              value={brief.stage ?? "grown"}
              onChange={({ target }) => edit(stageEdits(habitat, library, target.value === "young"))}
            >
              <MenuItem value="grown">{capital(say("brief:stages.grown"))}</MenuItem>
              <MenuItem value="young">{capital(say("brief:stages.young"))}</MenuItem>
            </TextField>
          ) : null}
          {brief.stage === "young" ? <GoodUntil /> : null}
          <MatesPart />
          {animal.schools.length > 0 ? (
            <LedgerPart title={say("schools:title")}>
              <p className={css.quietNote}>{say("schools:sub")}</p>
              <Schools
                animal={animal}
                chosen={brief.schools}
                onFollow={(about, view) => edit([{ name: "followSchool", args: { about, view } }])}
              />
            </LedgerPart>
          ) : null}
          <LedgerPart title={say("brief:wants")}>
            <Wants />
            <Minding animal={animal} />
          </LedgerPart>
        </>
      }
    />
  );
}

/** How long a box of the young serves, and what follows it. */
function GoodUntil() {
  const say = useSay();
  const { habitat, library } = useOpen().derived;
  const grown = library.get("animals", habitat.brief.animalId);
  const [low, high] = grown.young.untilMonths ?? [];
  if (low === undefined || high === undefined) return null;
  const { widthCm, depthCm, clearCm } = leastBox(grown, habitat.brief.count);
  return (
    <p className={css.underField}>
      {say("brief:goodUntil", { low, high, widthGrownCm: widthCm, depthGrownCm: depthCm, clearGrownCm: clearCm })}
    </p>
  );
}

function Wants() {
  const say = useSay();
  const figures = useFigures();
  const { animal, habitat } = useOpen().derived;
  const { soil, uv } = animal;
  const body = waterBody(animal, habitat.shell);
  return (
    <Facts>
      <Fact label={say("brief:adult")}>{say("brief:adultValue", { itsGrownCm: longestCm(animal) })}</Fact>
      <Fact plain label={say("brief:habit")}>
        {say(`brief:lives.${animal.lives}`)}, {say(`brief:activities.${animal.active}`)}
      </Fact>
      <Bands animal={animal} />
      {soil.type === "none" ? null : (
        <>
          <Fact label={say("brief:soil")}>{say("brief:lengthValue", { lengthCm: soil.leastDepthCm })}</Fact>
          <Fact plain label={say("brief:ground")}>
            {say(`library:values.soilType.${soil.type}`)}; {say(`library:values.moisture.${soil.surface}`)},{" "}
            {say("brief:deep", { moisture: say(`library:values.moisture.${soil.deep}`) })}
          </Fact>
        </>
      )}
      <Fact plain label={say("brief:water")}>
        {say(`library:values.water.${animal.water.kind}`)}
      </Fact>
      {body ? <Fact label={say("brief:waterBody")}>{bodyTold(body, say)}</Fact> : null}
      <Fact plain label={say("brief:drainage")}>
        {say(`brief:drainages.${animal.drainage}`)}
      </Fact>
      <Fact plain label={say("brief:uv")}>
        {uv.need === "none" || !uv.indexAtBack
          ? say(`library:values.uvNeed.${uv.need}`)
          : say("brief:uvValue", {
              need: say(`library:values.uvNeed.${uv.need}`),
              low: figures.number(uv.indexAtBack[0], 1),
              high: figures.number(uv.indexAtBack[1], 1),
            })}
      </Fact>
    </Facts>
  );
}

/** How much water: share of the floor, depth, and litres in this box. */
function bodyTold({ shareOfFloor, depthCm, litres }: NonNullable<ReturnType<typeof waterBody>>, say: Say): string {
  return say("brief:waterBodyValue", {
    lowShare: Math.round(shareOfFloor[0] * 100),
    highShare: Math.round(shareOfFloor[1] * 100),
    lowCm: depthCm[0],
    highCm: depthCm[1],
    lowWaterL: litres[0],
    highWaterL: litres[1],
  });
}

/** The least box as a dashed outline, and the adult animal's length as a bar, both to scale. */
function LeastBox({
  frame,
  animal,
  count,
  surfaceCm,
}: {
  frame: Frame;
  animal: Animal;
  count: number;
  surfaceCm: number;
}) {
  const say = useSay();
  const lengthCm = longestCm(animal);
  const least = leastBox(animal, count);
  const across = frame.view === "front" ? least.widthCm : least.depthCm;
  const needCm = surfaceCm + least.clearCm;
  const fits = across <= frame.acrossCm + 0.5 && needCm <= frame.heightCm + 0.5;
  const color = fits ? "var(--moss)" : "var(--rust)";
  const shown = {
    width: Math.min(across, frame.acrossCm) * frame.pxPerCm,
    height: Math.min(needCm, frame.heightCm) * frame.pxPerCm,
  };
  const barY = frame.y(surfaceCm) - 10;
  const barCm = Math.min(lengthCm, frame.acrossCm * 0.9);
  const startCm = Math.max(0.8, (frame.acrossCm - barCm) / 2);
  return (
    <g aria-hidden>
      <rect
        x={frame.x(0)}
        y={frame.y(0) - shown.height}
        {...shown}
        fill={color}
        fillOpacity={0.05}
        stroke={color}
        strokeWidth={2}
        strokeDasharray="7 5"
      />
      <text
        x={frame.x(0) + 10}
        y={frame.y(0) - shown.height + 19}
        fontSize={12.5}
        fontWeight={600}
        fill={color}
        stroke="var(--air-top)"
        strokeWidth={4}
        paintOrder="stroke"
      >
        {capital(say("brief:overlayLeast", { count }))}
      </text>
      <g transform={`translate(${frame.x(startCm)} ${barY})`}>
        <rect x={-6} y={-24} width={barCm * frame.pxPerCm + 12} height={32} rx={7} fill="var(--sheet)" opacity={0.92} />
        <path
          d={`M0 -4V4M0 0H${barCm * frame.pxPerCm}M${barCm * frame.pxPerCm} -4V4`}
          stroke="var(--ink)"
          strokeWidth={2}
          fill="none"
        />
        <text x={(barCm * frame.pxPerCm) / 2} y={-8} fontSize={12} textAnchor="middle" fill="var(--ink)">
          {say("brief:overlayAnimal", { itsGrownCm: lengthCm })}
        </text>
      </g>
    </g>
  );
}
