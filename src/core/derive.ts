import { createSelector, weakMapMemoize } from "reselect";
import { roomGap, type RoomGap } from "./climate";
import { findings, type Assessed, type Finding } from "./findings";
import type { Design, Stand } from "./habitat";
import { furnishing } from "./hardscape";
import { bandChecks } from "./keeping";
import type { Library } from "./library";
import { lookedAtOn, outlookOf } from "./outlook";
import { boxFit, crewFit, matesFit, MONTHS_AHEAD, plantFit, troubles, waterInBoxL } from "./living";
import { loads } from "./load";
import { phaseOf, type LogNow } from "./log";
import { sceneOf, type Scene, type Setting } from "./scene";

/** Everything worked out from a habitat. Never stored. */
export type Derived = Assessed & { gap: RoomGap; findings: readonly Finding[] };

/**
 * The stages, each worked out anew only when a slice it reads changed: moving a plant leaves the ground, the load and
 * the other plants' fits alone; writing a reading leaves everything but the bands and the findings.
 */
const settingOf = createSelector(
  [
    ({ habitat }: Scene) => habitat.shell,
    ({ habitat }: Scene) => habitat.gear,
    ({ library }: Scene) => library,
    ({ animal }: Scene) => animal,
    ({ ground }: Scene) => ground,
    ({ climate }: Scene) => climate,
  ],
  (shell, gear, library, animal, ground, climate): Setting => ({
    habitat: { shell, gear },
    library,
    animal,
    ground,
    climate,
  }),
);

const fitOfStand = weakMapMemoize((stand: Stand, setting: Setting) =>
  plantFit(setting.library.get("plants", stand.plantId), setting, stand),
);
const plantFitsOf = weakMapMemoize(
  (plants: Design["plants"], setting: Setting) =>
    new Map(plants.map((stand) => [stand.id, fitOfStand(stand, setting)])),
);
const crewFitsOf = weakMapMemoize(
  (crew: Design["crew"], setting: Setting) =>
    new Map(crew.map(({ crewId }) => [crewId, crewFit(setting.library.get("crew", crewId), setting)])),
);
const mateFitsOf = weakMapMemoize(
  (mates: Design["brief"]["mates"], setting: Setting) =>
    new Map(mates.map(({ animalId }) => [animalId, matesFit(setting.library.get("animals", animalId), setting)])),
);
const troublesOf = weakMapMemoize((plants: Design["plants"], { habitat, ...rest }: Setting) =>
  troubles({ ...rest, habitat: { ...habitat, plants } }, MONTHS_AHEAD),
);
/** By the plants' kinds alone, so that moving one changes nothing. */
const furnishingOf = weakMapMemoize((setting: Setting, plantIds: string, stage: Design["brief"]["stage"]) =>
  furnishing(setting, plantIds === "" ? [] : plantIds.split(" "), stage),
);
const boxReasonsOf = createSelector(
  [
    ({ animal }: Scene) => animal,
    ({ ground }: Scene) => ground,
    ({ habitat }: Scene) => habitat.brief,
    ({ habitat }: Scene) => habitat.shell,
  ],
  (animal, ground, brief, shell) => boxFit({ animal, ground, habitat: { brief, shell } }),
);
const bandsOf = weakMapMemoize((setting: Setting, timeZone: Design["timeZone"], log: LogNow) =>
  bandChecks({ ...setting, habitat: { timeZone } }, log),
);
const gapOf = weakMapMemoize((animal: Scene["animal"], brief: Design["brief"]) => roomGap(animal, brief));

function assess(scene: Scene, log: LogNow): Assessed {
  const { habitat, library, ground } = scene;
  const setting = settingOf(scene);
  return {
    ...scene,
    log,
    phase: phaseOf(log.state),
    load: loads(habitat.shell, ground, library, waterInBoxL(scene.animal, habitat.shell)[1]),
    furnishing: furnishingOf(setting, habitat.plants.map(({ plantId }) => plantId).join(" "), habitat.brief.stage),
    boxReasons: boxReasonsOf(scene),
    plantFits: plantFitsOf(habitat.plants, setting),
    crewFits: crewFitsOf(habitat.crew, setting),
    mateFits: mateFitsOf(habitat.brief.mates, setting),
    troubles: troublesOf(habitat.plants, setting),
    bands: bandsOf(setting, habitat.timeZone, log),
    outlook: outlookOf(scene, log.state, lookedAtOn(scene, log.state)),
  };
}

/**
 * Works a habitat out: ground, fits, room, readings against bands, findings. The same design, log and library give the
 * same result again.
 *
 * @param library where what the design uses is looked up; what it carries itself goes before that
 * @throws RangeError when the design points at an entry that is not there
 * @example derive(design, NOTHING_LOGGED, STOCK).ground.wetKg
 */
export const derive: (design: Design, log: LogNow, library: Library) => Derived = weakMapMemoize(
  (design: Design, log: LogNow, library: Library): Derived => {
    const assessed = assess(sceneOf(design, library, lookedAtOn({ habitat: design }, log.state)), log);
    return { ...assessed, gap: gapOf(assessed.animal, design.brief), findings: findings(assessed) };
  },
);
