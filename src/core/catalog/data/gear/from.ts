import { memory } from "../../provenance";

/** Where the figures of gear come from. */
export const usual = {
  ...memory,
  note: "usual for this kind of thing, recalled; the label of what you buy goes before",
};
