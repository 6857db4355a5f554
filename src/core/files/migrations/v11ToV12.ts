import { plainOf, type Migration } from "./migration";

/** Version 12 knows whether wood comes before the foam of its wall. Until then it was set in while the foam was soft. */
export const v11ToV12: Migration = (document) => {
  const design = plainOf(document.design);
  return { ...document, design: { ...design, build: { ...plainOf(design.build), woodFirst: true } } };
};
