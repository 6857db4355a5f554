import { plainOf, type Migration } from "./migration";

/**
 * Version 12 knows whether wood comes before the foam of its wall (until then it was set in while the foam was soft),
 * duties that were changed, and animals told apart.
 */
export const v11ToV12: Migration = (document) => {
  const design = plainOf(document.design);
  const care = { changes: [], own: [], openedOn: {} };
  const build = { ...plainOf(design.build), woodFirst: true };
  return { ...document, design: { ...design, build, care, individuals: [] } };
};
