import { plainOf, type Migration } from "./migration";

/**
 * Version 8 knows what was answered to findings, boxes that are bought as they are, plants kept down with scissors, and
 * how much of a box is to live; and what a habitat is to others: a variant, an earlier stage, put away.
 */
export const v7ToV8: Migration = (document) => {
  const design = plainOf(document.design);
  const plants = Array.isArray(design.plants)
    ? design.plants.map((stand) => ({ ...plainOf(stand), keptCm: null, inId: null }))
    : design.plants;
  return {
    ...document,
    design: {
      ...design,
      brief: { ...plainOf(design.brief), living: "bioactive" },
      shell: { ...plainOf(design.shell), bought: false },
      plants,
      answers: [],
      shelf: { archivedOn: null, variantOf: null, next: null },
    },
  };
};
