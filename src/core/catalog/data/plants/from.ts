import { memory } from "../../provenance";

/** Where the figures of plants come from. */
export const recalled = {
  ...memory,
  note: "usual range and size in a box, recalled; check against a horticultural work",
};
