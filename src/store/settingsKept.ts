const PREFIX = "rincon.";
/** What is no choice: work not written yet, and when the last backup was made. */
const NOT_CHOSEN = ["rincon.unsaved", "rincon.backup"];

const isChoice = (key: string): boolean => key.startsWith(PREFIX) && !NOT_CHOSEN.some((other) => key.startsWith(other));

/** The choices kept on this device: units, what is on the bench for mixes, how loggers' files are read. */
export function settingsKept(): Record<string, string> {
  try {
    return Object.fromEntries(Object.entries({ ...localStorage }).filter(([key]) => isChoice(key)));
  } catch {
    return {};
  }
}

/** Puts choices back. What is no choice is passed over. */
export function putSettings(settings: unknown): void {
  if (typeof settings !== "object" || settings === null) return;
  for (const [key, value] of Object.entries(settings))
    if (isChoice(key) && typeof value === "string") putSetting(key, value);
}

function putSetting(key: string, value: string): void {
  try {
    localStorage.setItem(key, value);
  } catch {
    // A choice is soon made again; what was restored stands without it.
  }
}
