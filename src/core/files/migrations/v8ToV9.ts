import { plainOf, type Migration, type Plain } from "./migration";

const each = (list: unknown, change: (item: Plain) => Plain): unknown =>
  Array.isArray(list) ? list.map((item) => change(plainOf(item))) : list;

/** About as thick as slates come with what keeps them apart. */
const SLAB_AND_GAP_CM = 5.6;
const slabsOf = ({ kindId, heightCm }: Plain): Plain | null =>
  kindId === "slabStack" && typeof heightCm === "number"
    ? { count: Math.min(12, Math.max(1, Math.round(heightCm / SLAB_AND_GAP_CM))), gapCm: heightCm > 4 ? 1.2 : 0 }
    : null;

/**
 * Version 9 knows how pieces lean and lie, what a pile is made of, where what is built on a wall begins, and what starts
 * the life in the soil.
 */
export const v8ToV9: Migration = (document) => {
  const design = plainOf(document.design);
  const shell = plainOf(design.shell);
  return {
    ...document,
    design: {
      ...design,
      shell: { ...shell, treatments: each(shell.treatments, (built) => ({ ...built, fromCm: 0 })) },
      starters: [],
      pieces: each(design.pieces, (piece) => ({ ...piece, tilt: null, slabs: slabsOf(piece) })),
    },
  };
};
