import { findings, type Assessed, type Finding } from "./findings";
import { animalNamed, animalOf, crewOf, plantOf, type Habitat } from "./habitat";
import { bandChecks } from "./keeping";
import { boxFit, crewFit, furnishing, matesFit, MONTHS_AHEAD, plantFit, troubles } from "./living";
import { loads } from "./load";
import { roomGap, type RoomGap } from "./climate";
import { ground } from "./strata";

/** Everything worked out from a habitat. Never stored. */
export type Derived = Assessed & { gap: RoomGap; findings: Finding[] };

/**
 * Works a habitat out: ground, fits, room, readings against bands, findings.
 *
 * @throws RangeError when the document points at a catalogue entry that is not there
 * @example derive(habitat).ground.wetKg
 */
export function derive(habitat: Habitat): Derived {
  const land = ground(habitat);
  const assessed: Assessed = {
    habitat,
    animal: animalOf(habitat),
    ground: land,
    load: loads(habitat, land),
    furnishing: furnishing(habitat, land),
    boxReasons: boxFit(habitat),
    plantFits: new Map(
      habitat.plants.map((stand) => [stand.id, plantFit(plantOf(habitat, stand.plantId), habitat, land, stand)]),
    ),
    crewFits: new Map(habitat.crew.map(({ crewId }) => [crewId, crewFit(crewOf(habitat, crewId), habitat)])),
    mateFits: new Map(
      habitat.brief.mates.map((mate) => [
        mate.animalId,
        matesFit(animalOf(habitat), animalNamed(habitat, mate.animalId)),
      ]),
    ),
    troubles: troubles(habitat, land, MONTHS_AHEAD),
    bands: bandChecks(habitat),
  };
  return { ...assessed, gap: roomGap(habitat), findings: findings(assessed) };
}
