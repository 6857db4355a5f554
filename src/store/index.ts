/** What is kept in this browser: habitats, the open session with its undo and autosave, settings. */
export { getHabitat, listHabitats, putHabitat, putHabitats, removeHabitat, takeIn } from "./habitats";
export type { Kept } from "./habitats";
export { useHabitats } from "./useHabitats";
export { getOwn, putOwn, useOwn } from "./own";
export { chooseMixBench, useMixBench } from "./mixBench";
export { getBins, putBins, useBins } from "./bins";
export { useOpen, useSession } from "./session";
export type { Saving } from "./session";
export { chooseUnits, useUnitSetting } from "./settings";
