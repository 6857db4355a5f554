import { memory } from "../../provenance";

/** Where the figures of crew come from. */
export const recalled = {
  ...memory,
  note: "usual culture range and life table, recalled; carrying capacity and soil moisture are judgement",
};
