import { plainOf, type Migration } from "./migration";

/** Version 4 carries ingredients of a builder's own, titles of mixes, and what old soil was topped up with. */
export const v3ToV4: Migration = (document) => ({
  ...document,
  own: { ingredients: [] },
  mixes: Array.isArray(document.mixes)
    ? document.mixes.map((mix) => ({ ...plainOf(mix), title: null }))
    : document.mixes,
  keeping: { ...plainOf(document.keeping), topUps: [] },
});
