/**
 * Exact conversion factors, as in NIST Special Publication 811 (2008), appendix B.
 * Base units everywhere in the core: cm, L, kg, °C, seconds.
 */
export const CM_PER_INCH = 2.54;
export const CM_PER_FOOT = 30.48;
export const CM2_PER_SQUARE_FOOT = CM_PER_FOOT ** 2;
export const M2_PER_SQUARE_FOOT = CM2_PER_SQUARE_FOOT / 10_000;
export const L_PER_US_GALLON = 3.785411784;
/** US liquid quart: for water. */
export const L_PER_US_LIQUID_QUART = L_PER_US_GALLON / 4;
/** US dry quart, 67.200625 cubic inches: for soil, bark, pebbles. */
export const L_PER_US_DRY_QUART = 1.101220942715;
export const L_PER_US_CUP = L_PER_US_GALLON / 16;
export const L_PER_US_PINT = L_PER_US_GALLON / 8;
export const L_PER_US_FLUID_OUNCE = L_PER_US_GALLON / 128;
export const L_PER_CUBIC_FOOT = 28.316846592;
export const L_PER_CUBIC_INCH = 0.016387064;
export const L_PER_CUBIC_YARD = 27 * L_PER_CUBIC_FOOT;
export const KG_PER_POUND = 0.45359237;
export const KG_PER_OUNCE = KG_PER_POUND / 16;
/** A pound a cubic foot, in kg a litre. */
export const KG_PER_L_PER_POUND_PER_CUBIC_FOOT = KG_PER_POUND / L_PER_CUBIC_FOOT;

/** @example celsiusToFahrenheit(25) // 77 */
export const celsiusToFahrenheit = (celsius: number): number => celsius * 1.8 + 32;

/** @example fahrenheitToCelsius(77) // 25 */
export const fahrenheitToCelsius = (fahrenheit: number): number => (fahrenheit - 32) / 1.8;
