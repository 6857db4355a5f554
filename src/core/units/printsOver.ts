import { CM_PER_INCH, celsiusToFahrenheit } from "./factors";

/** What can be over a limit: a length on a tape, a temperature, a humidity. */
type Judged = "length" | "temperature" | "humidity";
type Printed = (value: number) => number;

const tenths: Printed = (value) => Math.round(value * 10);
const sixteenths: Printed = (cm) => Math.round((cm / CM_PER_INCH) * 16);

/** A figure as each system prints it, in the steps it is printed in. */
const AS_PRINTED: Record<Judged, readonly Printed[]> = {
  length: [tenths, sixteenths],
  temperature: [tenths, (celsius) => Math.round(celsiusToFahrenheit(celsius))],
  humidity: [Math.round],
};

/**
 * Whether a figure is over a limit as both systems print it: what prints alike is not over, and which units somebody
 * reads in changes no verdict.
 *
 * @param value in base units: cm, °C, % RH
 * @example printsOver("length", 5.6, 5.5) // false: both are 2 3/16 in
 */
export const printsOver = (kind: Judged, value: number, limit: number): boolean =>
  AS_PRINTED[kind].every((printed) => printed(value) > printed(limit));
