import { rule } from "../../catalog";
import type { Layer } from "../../habitat";
import { printsOver } from "../../units";
import type { Assessed, Check, Found } from "../types";

export const isVessel = (layer: Layer) => layer.kind === "drainage" || layer.kind === "falseBottom";

/** Standing water over the safe line: as designed, or as last read off the glass. */
export const checkWaterLine: Check = ({ habitat, ground, bands }) => {
  const { water } = ground;
  if (!water) return [];
  const designedCm = habitat.strata.waterLineCm;
  const readCm = bands.find((check) => check.what === "waterLineCm")?.value ?? 0;
  const lineCm = Math.max(designedCm, readCm);
  if (!printsOver("length", lineCm, water.safeLineCm)) return [];
  const designed = printsOver("length", designedCm, water.safeLineCm);
  // How far water climbs is a figure from memory; that it reaches the soil itself is not.
  const reaches = lineCm > water.topCm - rule("safeGapCm");
  return [
    {
      code: "waterOverSafeLine",
      about: designed ? "design" : "reading",
      weight: reaches ? "harm" : "look",
      step: designed ? "strata" : "keeping",
      quantities: {
        variant: designed ? "design" : "reading",
        lineCm,
        safeCm: water.safeLineCm,
        barrierCm: water.topCm,
        riseCm: Math.max(0, water.topCm - rule("safeGapCm") - water.safeLineCm),
        drawWaterL: Math.max(0, water.atL(lineCm) - water.atL(water.safeLineCm)),
      },
    },
  ];
};

/** Drainage missing in a wet build, present in an arid one; barrier missing between drainage and soil. */
export const checkDrainage: Check = (assessed) => {
  const { layers } = assessed.habitat.strata;
  return layers.some(isVessel) ? checkLaid(assessed) : checkUndrained(assessed);
};

function checkUndrained({ animal }: Assessed): Found[] {
  const [lowRh, highRh] = animal.humidityRh.day.preferred;
  if (animal.drainage !== "wanted") return [];
  const quantities = { lowRh, highRh };
  return [{ code: "drainageMissing", about: "drainage", weight: "harm", step: "strata", quantities }];
}

function checkLaid({ habitat, animal, ground }: Assessed): Found[] {
  const { layers } = habitat.strata;
  if (animal.drainage === "avoided") {
    const quantities = { animalId: animal.id, depthCm: ground.water?.topCm ?? 0 };
    return [{ code: "drainageInArid", about: "drainage", weight: "look", step: "strata", quantities }];
  }
  const held = layers.some((layer) => layer.kind === "barrier") || !layers.some((layer) => layer.kind === "soil");
  const quantities = { topCm: ground.water?.topCm ?? 0 };
  return held ? [] : [{ code: "barrierMissing", about: "barrier", weight: "look", step: "strata", quantities }];
}
