"use client";

import { cutSheets, type CutSheet, type LegPlan } from "@/core/strata";
import { useOpen } from "@/store";
import { Cautions } from "@/ui/parts";
import { capital, useFigures, useSay, useLibrary } from "@/words";
import css from "./Sheets.module.css";

/** The barrier to cut, and the plate and the legs of a false bottom, drawn to scale with their figures. */
export function CutSheets() {
  const say = useSay();
  const { derived } = useOpen();
  const sheets = cutSheets(derived.ground, derived.library);
  const { legs } = derived.ground;
  if (sheets.length === 0 && legs.length === 0) return <p>{say("sheets:noCuts")}</p>;
  return (
    <>
      {sheets.length > 0 ? <p className={css.note}>{say("sheets:cutHelp")}</p> : null}
      <Cautions codes={["blades"]} />
      {sheets.map((sheet) => (
        <Cut key={sheet.layerId} sheet={sheet} />
      ))}
      {legs.map((plan) => (
        <Legs key={plan.layerId} plan={plan} />
      ))}
    </>
  );
}

const PICTURE_CM = 15;

function Cut({ sheet }: { sheet: CutSheet }) {
  const say = useSay();
  const figures = useFigures();
  const { widthCm, depthCm, floor, notches } = sheet;
  const title = capital(say("sheets:cut", { materialId: sheet.materialId, widthCm, depthCm }));
  const long = Math.max(widthCm, depthCm);
  const unit = long / 100;
  const seams = sheet.seamsCm.map((cm) =>
    widthCm <= depthCm ? { x1: cm, x2: cm, y1: 0, y2: depthCm } : { x1: 0, x2: widthCm, y1: cm, y2: cm },
  );
  return (
    <section className={css.cut}>
      <h3>{title}</h3>
      <svg
        viewBox={`${-unit * 7} ${-unit * 6} ${widthCm + unit * 14} ${depthCm + unit * 14}`}
        style={{ width: `${(PICTURE_CM * widthCm) / long}cm`, maxWidth: "100%" }}
        role="img"
        aria-label={title}
      >
        <rect width={widthCm} height={depthCm} fill="#fff" stroke="#000" strokeWidth={unit * 0.5} />
        <polygon
          points={floor.map(([x, y]) => `${x},${depthCm - y}`).join(" ")}
          fill="none"
          stroke="#000"
          strokeWidth={unit * 0.35}
          strokeDasharray={`${unit * 2} ${unit * 1.4}`}
        />
        {seams.map((seam, at) => (
          <line
            key={at}
            {...seam}
            stroke="#a63d2f"
            strokeWidth={unit * 0.4}
            strokeDasharray={`${unit * 0.8} ${unit * 0.8}`}
          />
        ))}
        {notches.map((notch) => {
          const box = {
            x: notch.xCm,
            y: depthCm - notch.yCm - notch.depthCm,
            width: notch.widthCm,
            height: notch.depthCm,
          };
          return notch.round ? (
            <ellipse
              key={notch.solidId}
              cx={box.x + box.width / 2}
              cy={box.y + box.height / 2}
              rx={box.width / 2}
              ry={box.height / 2}
              fill="#ddd"
              stroke="#000"
              strokeWidth={unit * 0.4}
            />
          ) : (
            <rect key={notch.solidId} {...box} fill="#ddd" stroke="#000" strokeWidth={unit * 0.4} />
          );
        })}
        <g fontSize={unit * 3.4} fontFamily="var(--mono)" fill="#000" textAnchor="middle">
          <text x={widthCm / 2} y={depthCm + unit * 5}>
            {figures.printed(widthCm, "length")}
          </text>
          <text transform={`translate(${-unit * 2} ${depthCm / 2}) rotate(-90)`}>
            {figures.printed(depthCm, "length")}
          </text>
        </g>
      </svg>
      <ul>
        <li>{say("sheets:turnUp", { turnUpCm: sheet.turnUpCm })}</li>
        <li>
          {say("sheets:strips", {
            count: sheet.strips,
            stripWidthCm: sheet.stripWidthCm,
            rollWidthCm: sheet.rollWidthCm,
            overlapCm: sheet.overlapCm,
            rollCm: sheet.rollCm,
          })}
        </li>
        {notches.map((notch) => (
          <li key={notch.solidId}>
            {say("sheets:notch", {
              kindId: notch.kindId,
              widthCm: notch.widthCm,
              depthCm: notch.depthCm,
              xCm: notch.xCm,
              yCm: notch.yCm,
            })}
          </li>
        ))}
        <li>{say("sheets:edge", { widthCm: sheet.edgeStrip.widthCm, lengthCm: sheet.edgeStrip.lengthCm })}</li>
      </ul>
    </section>
  );
}

function Legs({ plan }: { plan: LegPlan }) {
  const say = useSay();
  const library = useLibrary();
  const { derived } = useOpen();
  const { plate } = plan;
  const legCm = library.get("falseBottoms", plan.materialId).legMm / 10;
  const xs = derived.ground.terrain.floor.map(([x]) => x);
  const ys = derived.ground.terrain.floor.map(([, y]) => y);
  const [left, front] = [Math.min(...xs), Math.min(...ys)];
  const long = Math.max(plate.widthCm, plate.depthCm);
  const unit = long / 100;
  const title = capital(say("sheets:legs", { materialId: plan.materialId }));
  const columns = derived.ground.solids.filter((solid) => solid.kind.roles.includes("column"));
  return (
    <section className={css.cut}>
      <h3>{title}</h3>
      <svg
        viewBox={`${-unit * 2} ${-unit * 2} ${plate.widthCm + unit * 4} ${plate.depthCm + unit * 4}`}
        style={{ width: `${(PICTURE_CM * plate.widthCm) / long}cm`, maxWidth: "100%" }}
        role="img"
        aria-label={title}
      >
        <rect width={plate.widthCm} height={plate.depthCm} fill="#fff" stroke="#000" strokeWidth={unit * 0.5} />
        {plan.legs.map(([x, y], at) => (
          <circle
            key={at}
            cx={x - left}
            cy={plate.depthCm - (y - front)}
            r={legCm / 2}
            fill="#ccc"
            stroke="#000"
            strokeWidth={unit * 0.35}
          />
        ))}
        {columns.map((solid) => (
          <polygon
            key={solid.id}
            points={solid.outline.map(([x, y]) => `${x - left},${plate.depthCm - (y - front)}`).join(" ")}
            fill="#ddd"
            stroke="#000"
            strokeWidth={unit * 0.4}
          />
        ))}
      </svg>
      <ul>
        <li>{say("sheets:plate", { widthCm: plate.widthCm, depthCm: plate.depthCm })}</li>
        <li>{say("sheets:legsCut", { count: plan.legs.length, legCm: plan.legCm, pipeCm: plan.pipeCm })}</li>
        <li>{say("sheets:legsWhy", { spacingCm: plan.spacingCm, kgPerLegKg: plan.kgPerLeg, sagCm: plan.sagCm })}</li>
      </ul>
    </section>
  );
}
