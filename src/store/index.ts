/** What is kept in this browser: designs by revision, logs, the open session with its undo and autosave, settings. */
export { listDesigns, putDesign } from "./designs";
export type { OnDevice } from "./designs";
export { putHabitats, removeHabitat, takeIn, wholeHabitat } from "./habitats";
export { habitatFile } from "./habitatFile";
export { append } from "./log";
export { strikes, writtenNow } from "./acts";
export { useLastAct } from "./useLastAct";
export { forgetAside, useAside } from "./aside";
export { useDesigns, useShelf } from "./useShelf";
export type { OnShelf, Standing } from "./useShelf";
export { useRanges } from "./useRange";
export { putOwn, useDeviceLibrary, useOwn } from "./own";
export { chooseMixBench, useMixBench } from "./mixBench";
export { getBins, putBins, useBins } from "./bins";
export { useOpen, useSession } from "./session";
export type { Saving } from "./session";
export { solve } from "./solve";
export { chooseUnits, useUnitSetting } from "./settings";
