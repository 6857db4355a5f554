import { gearIdNow, ownEntriesNow } from "../../own";
import { plainOf, type Migration } from "./migration";

/**
 * Version 7 tells the catalogue anew: own entries get the fields they lacked, a kind of gear has another id, and the
 * brief knows which school of keepers is followed.
 */
export const v6ToV7: Migration = (document) => {
  const design = plainOf(document.design);
  const gear = Array.isArray(design.gear)
    ? design.gear.map((piece) => ({ ...plainOf(piece), kindId: gearIdNow(plainOf(piece).kindId) }))
    : design.gear;
  return {
    ...document,
    design: { ...design, brief: { ...plainOf(design.brief), schools: {} }, own: ownEntriesNow(design.own), gear },
  };
};
