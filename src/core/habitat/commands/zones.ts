import { z } from "zod";
import { entry } from "../../catalog";
import { areaCm2, isSimple, regionAreaCm2 } from "../../shape";
import { floorOutline } from "../floor";
import { IdSchema, OVER_ALL, OVER_REST, ZoneSchema, type Habitat, type Zone } from "../schema";
import { edit, mustFind } from "./define";
import { withoutIdleMixes } from "./strata";

/** A hundredth of a figure may be lost to rounding at its edge. */
const NEARLY = 0.99;

function checkZone(habitat: Habitat, zone: Zone): Zone {
  if (!isSimple(zone.points)) throw new RangeError("points: the outline of the zone crosses itself or has no area");
  const area = areaCm2(zone.points);
  if (regionAreaCm2({ inside: [zone.points, floorOutline(habitat.shell)], outside: [] }) < area * NEARLY) {
    throw new RangeError("points: the zone passes the floor");
  }
  for (const other of habitat.strata.zones) {
    if (other.id === zone.id) continue;
    const shared = regionAreaCm2({ inside: [zone.points, other.points], outside: [] });
    if (shared > (1 - NEARLY) * Math.min(area, areaCm2(other.points)))
      throw new RangeError(`points: the zone lies over "${other.name}"`);
  }
  if (zone.retaining && !entry("pieceKinds", zone.retaining.kindId).roles.includes("retaining")) {
    throw new RangeError(`retaining.kindId: "${zone.retaining.kindId}" holds no ground back`);
  }
  return zone;
}

const withZones = (habitat: Habitat, zones: Zone[]): Habitat => ({ ...habitat, strata: { ...habitat.strata, zones } });

/** Edits of the zones: parts of the floor with layers of their own. */
export const zoneEdits = {
  addZone: edit(ZoneSchema, (habitat, zone) => {
    const taken =
      zone.id === OVER_ALL || zone.id === OVER_REST || habitat.strata.zones.some((other) => other.id === zone.id);
    if (taken) throw new RangeError(`id: "${zone.id}" is taken`);
    return withZones(habitat, [...habitat.strata.zones, checkZone(habitat, zone)]);
  }),

  setZone: edit(ZoneSchema.partial().required({ id: true }), (habitat, to) => {
    const before = mustFind(habitat.strata.zones, (zone) => zone.id === to.id, "id", to.id);
    const after = checkZone(habitat, ZoneSchema.parse({ ...before, ...to }));
    return withZones(
      habitat,
      habitat.strata.zones.map((zone) => (zone.id === to.id ? after : zone)),
    );
  }),

  /** Gives a zone up: its own layers go with it; with the last zone, what lay over the rest lies over the whole floor. */
  removeZone: edit(z.strictObject({ id: IdSchema }), (habitat, { id }) => {
    mustFind(habitat.strata.zones, (zone) => zone.id === id, "id", id);
    const zones = habitat.strata.zones.filter((zone) => zone.id !== id);
    const layers = habitat.strata.layers
      .filter((layer) => layer.over !== id)
      .map((layer) => (zones.length === 0 && layer.over === OVER_REST ? { ...layer, over: OVER_ALL } : layer));
    return withoutIdleMixes({ ...habitat, strata: { ...habitat.strata, zones, layers } });
  }),
};
