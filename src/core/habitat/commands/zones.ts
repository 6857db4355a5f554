import * as z from "zod";
import { areaCm2, isSimple, regionAreaCm2 } from "../../shape";
import { floorOutline } from "../floor";
import { EditRefused } from "../problem";
import { IdSchema, ZoneSchema, type Design, type Layer, type Zone } from "../schema";
import { edit, mustBeFree, mustFind } from "./define";
import { withoutIdleMixes } from "./strata";

/** A hundredth of a figure may be lost to rounding at its edge. */
const NEARLY = 0.99;

/**
 * A zone is drawn on the floor. It may leave it later, when the floor is cut: that is a finding, not a refused edit.
 *
 * @throws EditRefused
 */
function onFloor(habitat: Design, zone: Zone): Zone {
  if (!isSimple(zone.points)) throw new EditRefused({ path: "points", code: "crossesItself" });
  const inside = regionAreaCm2({ inside: [zone.points, floorOutline(habitat.shell)], outside: [] });
  if (inside < areaCm2(zone.points) * NEARLY) throw new EditRefused({ path: "points", code: "passesBox" });
  return zone;
}

/** Where what no zone takes lies once there is no zone. */
const FLOOR = { on: "floor" } as const;

const withZones = (habitat: Design, zones: Zone[]): Design => ({ ...habitat, strata: { ...habitat.strata, zones } });

/** Edits of the zones: parts of the floor with layers of their own. */
export const zoneEdits = {
  addZone: edit(ZoneSchema, (habitat, zone) => {
    mustBeFree(habitat.strata.zones, zone.id);
    return withZones(habitat, [...habitat.strata.zones, onFloor(habitat, zone)]);
  }),

  setZone: edit(ZoneSchema.partial().required({ id: true }), (habitat, to) => {
    const before = mustFind(habitat.strata.zones, (zone) => zone.id === to.id, "id", to.id);
    const after = onFloor(habitat, ZoneSchema.parse({ ...before, ...to }));
    return withZones(
      habitat,
      habitat.strata.zones.map((zone) => (zone.id === to.id ? after : zone)),
    );
  }),

  /**
   * Gives a zone up: its own layers go with it; with the last zone, what lay over the rest lies over the whole floor.
   */
  removeZone: edit(z.strictObject({ id: IdSchema }), (habitat, { id }) => {
    mustFind(habitat.strata.zones, (zone) => zone.id === id, "id", id);
    const zones = habitat.strata.zones.filter((zone) => zone.id !== id);
    const layers = habitat.strata.layers
      .filter(({ over }) => over.on !== "zone" || over.zoneId !== id)
      .map((layer): Layer => (zones.length === 0 && layer.over.on === "rest" ? { ...layer, over: FLOOR } : layer));
    return withoutIdleMixes({ ...habitat, strata: { ...habitat.strata, zones, layers } });
  }),
};
