const MINUTES_A_DAY = 24 * 60;
const two = (n: number): string => String(n).padStart(2, "0");

/** Minutes after midnight as a clock shows them. @example clockOf(495) // "08:15" */
export function clockOf(minutes: number): string {
  const whole = Math.round(minutes);
  if (whole === MINUTES_A_DAY) return "24:00";
  return `${two(Math.floor(whole / 60) % 24)}:${two(whole % 60)}`;
}

/** Minutes after midnight of a clock's time; undefined for what is none. @example minutesOf("8:15") // 495 */
export function minutesOf(clock: string): number | undefined {
  const read = /^(\d{1,2})[:.](\d{2})$/.exec(clock.trim());
  const minutes = read ? Number(read[1]) * 60 + Number(read[2]) : undefined;
  return minutes !== undefined && minutes <= MINUTES_A_DAY && Number(read?.[2]) < 60 ? minutes : undefined;
}

/** Several times in a row; undefined when one of them is none. @example timesOf("8:30, 19:00") // [510, 1140] */
export function timesOf(text: string): number[] | undefined {
  const all = text.split(/[,;\s]+/).filter((part) => part !== "");
  const read = all.flatMap((part) => minutesOf(part) ?? []);
  return all.length > 0 && read.length === all.length ? [...new Set(read)].toSorted((a, b) => a - b) : undefined;
}
