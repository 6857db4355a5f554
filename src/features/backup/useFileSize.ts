import { useFigures, useSay } from "@/words";

const UNITS = ["kB", "MB", "GB"] as const;
const STEP = 1000;

/** Prints the size of a file or a storage. @example size(12_340_000) // "12.3 MB" */
export function useFileSize(): (bytes: number) => string {
  const say = useSay();
  const figures = useFigures();
  return (bytes) => {
    const at = Math.min(UNITS.length, Math.max(1, Math.floor(Math.log(Math.max(1, bytes)) / Math.log(STEP))));
    const amount = bytes / STEP ** at;
    return say(`backup:size.${UNITS[at - 1] ?? "kB"}`, { amount: figures.number(amount, amount < 10 ? 1 : 0) });
  };
}
