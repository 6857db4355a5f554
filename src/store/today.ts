import { formatISO } from "date-fns";

/** The calendar day where this device is, ISO 8601. */
export const todayHere = (): string => formatISO(new Date(), { representation: "date" });
