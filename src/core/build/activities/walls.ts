import { rule } from "../../catalog";
import type { Design, Treatment, Wall } from "../../habitat";
import { waterInBoxL } from "../../living";
import type { Scene } from "../../scene";
import { sealOf, wallWork } from "../../shell";
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

/** Bare boards sealed inside, every cut edge too, before anything is built on them. */
function sealDrafts({ habitat, library }: Scene): Draft[] {
  const seal = sealOf(habitat.shell, library);
  if (!seal) return [];
  const { areaCm2, coats, paintL, dryDays } = seal;
  const draft: Draft = {
    job: "sealBoards",
    after: [],
    handsMin: handsFor("sealBoards", (areaCm2 / CM2_PER_M2) * coats),
    wait: setWait(dryDays),
    quantities: { coatCount: coats, paintL },
    cautions: ["fumes", "dust"],
  };
  return [draft];
}

/** Boards sealed, holes sealed, and a night under water. */
export function boxDrafts(scene: Scene): Draft[] {
  const ports = scene.habitat.shell.openings.filter(({ kind }) => kind === "port").length;
  const seals: Draft = {
    job: "sealPorts",
    after: ["sealBoards"],
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
  return [...sealDrafts(scene), ...(ports > 0 ? [seals] : []), ...(isTested(scene) ? [test] : [])];
}

/** How a wall is built: what foams grips bare glass and roughened boards; what is painted is painted outside. */
function wayOf({ habitat, library }: Scene, { treatmentId }: Treatment): string {
  const { foamLPerCan, inside, beadEveryCm } = library.get("wallTreatments", treatmentId);
  if (!inside) return "outside";
  if (foamLPerCan > 0) return library.get("boxBuilds", habitat.shell.buildId).holdsWater ? "foam" : "foamOnBoard";
  if (treatmentId === "sculptedClay") return "clay";
  return beadEveryCm > 0 ? "glued" : "loose";
}

/** Build and finish of one wall. What foams wants the box turned on its back for it, so one follows the other. */
function oneWall(scene: Scene, treatment: Treatment, turnedAfter: string | undefined): Draft[] {
  const { habitat, library } = scene;
  const { wall, treatmentId, finishId } = treatment;
  const kind = library.get("wallTreatments", treatmentId);
  const finish = finishId === null ? undefined : library.get("wallFinishes", finishId);
  const work = wallWork(habitat.shell, treatment, library);
  const m2 = work.areaCm2 / CM2_PER_M2;
  const told = {
    about: { kind: "wall" as const, wall },
    cautions: [...new Set([...kind.cautions, ...(finish?.cautions ?? [])])],
  };
  const foams = kind.foamLPerCan > 0;
  const wood = setInDraft(scene, wall, foams);
  const build: Draft = {
    ...told,
    job: "buildWalls",
    ref: wall,
    way: wayOf(scene, treatment),
    after: ["leakTest", "sealPorts", "sealBoards", ...(foams ? foamedAfter(habitat.build, wall, turnedAfter) : [])],
    handsMin: handsFor(foams ? "foam" : "panel", m2),
    wait: setWait(kind.setDays),
    quantities: {
      count: 1,
      foamCount: work.foamCans,
      siliconeCount: work.cartridges,
      clayL: work.clayL,
      paintL: finish === undefined ? work.paintL : 0,
      paintCoatCount: kind.coats,
    },
  };
  const isFinished = finish !== undefined && (work.finishDays > 0 || finish.coats > 0);
  const { finishDays: days, fibreL, paintL } = work;
  return [build, ...wood, ...(isFinished ? coatDrafts(wall, finish.coats, { ...told, m2, days, fibreL, paintL }) : [])];
}

/** Foam waits for the wall before it, as the box is turned, and for wood it shall rise round. */
const foamedAfter = ({ woodFirst }: Design["build"], wall: Wall, turnedAfter: string | undefined): string[] => [
  ...(turnedAfter ? [turnedAfter] : []),
  ...(woodFirst ? [`setInWall:${wall}`] : []),
];

/** What is set into a wall as a thing; clay is moulded onto it once it is done. */
const setInto = ({ habitat, library }: Pick<Scene, "habitat" | "library">, wall: Wall) =>
  habitat.pieces.filter(
    ({ rest, kindId }) =>
      rest.on === "inWall" && rest.wall === wall && library.get("pieceKinds", kindId).mouldedOf === undefined,
  );

/** Pieces set into a wall: held while the foam rises round them, or glued and screwed where it is built already. */
function setInDraft(scene: Scene, wall: Wall, foams: boolean): Draft[] {
  const { build } = scene.habitat;
  const count = setInto(scene, wall).length;
  if (count === 0) return [];
  const isFirst = foams && build.woodFirst;
  const draft: Draft = {
    job: "setInWall",
    ref: wall,
    about: { kind: "wall", wall },
    after: isFirst ? ["leakTest", "sealPorts", "sealBoards"] : [`buildWalls:${wall}`],
    handsMin: handsFor("setInWall", count),
    wait: isFirst ? setWait(0) : setWait(1),
    quantities: {
      proppedCount: isFirst ? count : 0,
      beddedCount: foams && !isFirst ? count : 0,
      gluedCount: foams ? 0 : count,
    },
    cautions: isFirst ? ["weight"] : ["blades", "weight"],
  };
  return [draft];
}

type Finish = Pick<Draft, "about" | "cautions"> & { m2: number; days: number; fibreL: number; paintL: number };

/** A finish coat by coat, each with its drying; what is left of the days is its cure, after the last. */
function coatDrafts(wall: Wall, coats: number, { m2, days, fibreL, paintL, ...told }: Finish): Draft[] {
  const count = Math.max(1, coats);
  const ref = (nth: number) => (count === 1 ? wall : `${wall}_${nth}`);
  const dryDays = count === 1 ? days : Math.min(1, days / count);
  return Array.from({ length: count }, (_, at): Draft => {
    const isLast = at === count - 1;
    return {
      job: "finishWalls",
      ref: ref(at + 1),
      ...told,
      after: at === 0 ? [`buildWalls:${wall}`, `setInWall:${wall}`] : [`finishWalls:${ref(at)}`],
      handsMin: handsFor("coat", m2),
      wait: setWait(isLast ? days - dryDays * (count - 1) : dryDays),
      quantities: {
        nth: at + 1,
        coatCount: coats > 1 ? count : 0,
        fibreL: at === 0 ? fibreL : 0,
        paintL: paintL / count,
      },
    };
  });
}

/** Whether anything is set into a wall of foam, so that one may come before or after the other. */
export const hasWoodInFoam = ({ habitat, library }: Pick<Scene, "habitat" | "library">): boolean =>
  habitat.shell.treatments.some(
    ({ wall, treatmentId }) =>
      library.get("wallTreatments", treatmentId).foamLPerCan > 0 && setInto({ habitat, library }, wall).length > 0,
  );

/** Every wall by itself, planters drilled so that they drain, and the airing all of it wants. */
export function wallDrafts(scene: Scene): Draft[] {
  const { habitat, library, ground } = scene;
  const { treatments } = habitat.shell;
  const foamed = treatments.filter(({ treatmentId }) => library.get("wallTreatments", treatmentId).foamLPerCan > 0);
  const walls = treatments.flatMap((treatment) => {
    const before = foamed[foamed.indexOf(treatment) - 1];
    return oneWall(scene, treatment, before && `buildWalls:${before.wall}`);
  });
  const sealAirs = sealOf(habitat.shell, library)?.airDays ?? 0;
  const airDays = Math.max(sealAirs, ...treatments.map((one) => wallWork(habitat.shell, one, library).airDays));
  const planters = ground.solids.filter(
    ({ piece, kind }) => piece?.rest.on === "inWall" && kind.form === "pot" && kind.mouldedOf === undefined,
  ).length;
  const drill: Draft = {
    job: "drillPlanters",
    after: ["buildWalls", "setInWall", "finishWalls"],
    handsMin: handsFor("drillPlanters", planters),
    quantities: { count: planters },
    cautions: ["blades"],
  };
  const air: Draft = {
    job: "airOut",
    after: ["sealBoards", "buildWalls", "setInWall", "finishWalls", "drillPlanters"],
    handsMin: handsFor("airOut"),
    wait: airingWait(airDays, habitat.build.waiting),
    quantities: {},
    cautions: ["fumes"],
  };
  return [...walls, ...(planters > 0 ? [drill] : []), ...(airDays > 0 ? [air] : [])];
}

/** Rated by one who lifts alone. */
export const needsTwo = (kg: number): boolean => kg > rule("twoPersonLiftKg");
