import { rule } from "../../catalog";
import type { Treatment } from "../../habitat";
import { waterInBoxL } from "../../living";
import type { Scene } from "../../scene";
import { wallWork } from "../../shell";
import type { Draft } from "./activity";
import { handsFor } from "./hands";
import { airingWait, leakWait, setWait } from "./waits";

const CM2_PER_M2 = 10_000;

/** Whether anything in the box is to hold water: then it is tried for leaks, and never a box of bare wood. */
function isTested({ habitat, animal, library }: Scene): boolean {
  const holds = library.get("boxBuilds", habitat.shell.buildId).holdsWater;
  const vessel = habitat.strata.layers.some(({ kind }) => kind === "drainage" || kind === "falseBottom");
  return holds && (vessel || waterInBoxL(animal, habitat.shell)[1] > 0);
}

/** Holes sealed, and a night under water. */
export function boxDrafts(scene: Scene): Draft[] {
  const ports = scene.habitat.shell.openings.filter(({ kind }) => kind === "port").length;
  const seals: Draft = {
    job: "sealPorts",
    after: [],
    handsMin: handsFor("sealPorts", ports),
    wait: setWait(1),
    quantities: { count: ports },
    cautions: ["fumes"],
  };
  const test: Draft = {
    job: "leakTest",
    after: ["sealPorts"],
    handsMin: handsFor("leakTest"),
    wait: leakWait(),
    quantities: {},
    cautions: ["weight", "electricityWater"],
  };
  return [...(ports > 0 ? [seals] : []), ...(isTested(scene) ? [test] : [])];
}

/** Build and finish of one wall. What foams wants the box turned on its back for it, so one follows the other. */
function oneWall({ habitat, library }: Scene, treatment: Treatment, turnedAfter: string | undefined): Draft[] {
  const { wall, treatmentId, finishId } = treatment;
  const kind = library.get("wallTreatments", treatmentId);
  const finish = finishId === null ? undefined : library.get("wallFinishes", finishId);
  const work = wallWork(habitat.shell, treatment, library);
  const m2 = work.areaCm2 / CM2_PER_M2;
  const about = { kind: "wall" as const, wall };
  const setIn = habitat.pieces.filter(({ rest }) => rest.on === "inWall" && rest.wall === wall);
  const cautions = [...new Set([...kind.cautions, ...(finish?.cautions ?? [])])];
  const foams = kind.foamLPerCan > 0;
  const build: Draft = {
    job: "buildWalls",
    ref: wall,
    about,
    after: ["leakTest", "sealPorts", ...(foams && turnedAfter ? [turnedAfter] : [])],
    handsMin: handsFor(foams ? "foam" : "panel", m2),
    wait: setWait(kind.setDays),
    quantities: {
      count: 1,
      foamCount: work.foamCans,
      siliconeCount: work.cartridges,
      setInCount: setIn.length,
    },
    cautions,
  };
  if (!finish) return [build];
  const coats = Math.max(1, finish.coats);
  const done: Draft = {
    job: "finishWalls",
    ref: wall,
    about,
    after: [`buildWalls:${wall}`],
    handsMin: handsFor("coat", m2 * coats),
    wait: setWait(work.finishDays),
    quantities: { coatCount: finish.coats, fibreL: work.fibreL, paintL: work.paintL },
    cautions,
  };
  return work.finishDays > 0 || finish.coats > 0 ? [build, done] : [build];
}

/** Every wall by itself, planters drilled so that they drain, and the airing all of it wants. */
export function wallDrafts(scene: Scene): Draft[] {
  const { habitat, library, ground } = scene;
  const { treatments } = habitat.shell;
  const foamed = treatments.filter(({ treatmentId }) => library.get("wallTreatments", treatmentId).foamLPerCan > 0);
  const walls = treatments.flatMap((treatment) => {
    const before = foamed[foamed.indexOf(treatment) - 1];
    return oneWall(scene, treatment, before && `buildWalls:${before.wall}`);
  });
  const airDays = Math.max(0, ...treatments.map((one) => wallWork(habitat.shell, one, library).airDays));
  const planters = ground.solids.filter(({ piece, kind }) => piece?.rest.on === "inWall" && kind.form === "pot").length;
  const drill: Draft = {
    job: "drillPlanters",
    after: ["buildWalls", "finishWalls"],
    handsMin: handsFor("drillPlanters", planters),
    quantities: { count: planters },
    cautions: ["blades"],
  };
  const air: Draft = {
    job: "airOut",
    after: ["buildWalls", "finishWalls", "drillPlanters"],
    handsMin: handsFor("airOut"),
    wait: airingWait(airDays, habitat.build.waiting),
    quantities: {},
    cautions: ["fumes"],
  };
  return [...walls, ...(planters > 0 ? [drill] : []), ...(airDays > 0 ? [air] : [])];
}

/** Rated by one who lifts alone. */
export const needsTwo = (kg: number): boolean => kg > rule("twoPersonLiftKg");
