import { entry } from "./catalog";
import { findings, type Assessed, type Finding } from "./findings";
import type { Habitat } from "./habitat";
import { bandChecks } from "./keeping";
import { boxFit, crewFit, furnishing, plantFit } from "./living";
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
    animal: entry("animals", habitat.brief.animalId),
    ground: land,
    load: loads(habitat, land),
    furnishing: furnishing(habitat, land),
    boxReasons: boxFit(habitat),
    plantFits: new Map(habitat.plants.map((stand) => [stand.id, plantFit(entry("plants", stand.plantId), habitat, land, stand)])),
    crewFits: new Map(habitat.crew.map(({ crewId }) => [crewId, crewFit(entry("crew", crewId), habitat)])),
    bands: bandChecks(habitat),
  };
  return { ...assessed, gap: roomGap(habitat), findings: findings(assessed) };
}
