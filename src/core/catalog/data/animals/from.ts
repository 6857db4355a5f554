import { BAINES_2016, memory } from "../../provenance";

/** Where the figures of animals come from. */
export const recalled = { ...memory, note: "usual keeping range, recalled; check against a care work for the species" };
export const zoneRecalled = {
  ...memory,
  note: `zone as recalled from the assignments in ${BAINES_2016}; check its table`,
};
