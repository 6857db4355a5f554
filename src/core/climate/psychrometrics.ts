/**
 * Moist air at ordinary pressure, by the equations of Allen et al. 1998, FAO Irrigation and Drainage Paper 56, chapter
 * 3.
 */

/**
 * Saturation vapour pressure over water (FAO-56 equation 11).
 *
 * @param temperatureC air temperature, °C
 * @returns kPa
 * @example saturationKPa(20) // 2.338
 */
export const saturationKPa = (temperatureC: number): number =>
  0.6108 * Math.exp((17.27 * temperatureC) / (temperatureC + 237.3));

/**
 * Relative humidity that air has after it is warmed or cooled with no water added or taken.
 *
 * @returns % RH; above 100 means water condenses
 * @example humidityAfter(21, 45, 27) // 31.4…
 */
export const humidityAfter = (fromC: number, humidityRh: number, toC: number): number =>
  (humidityRh * saturationKPa(fromC)) / saturationKPa(toC);

/**
 * Vapour that must be added to room air for it to stand at a humidity once warmed, per cubic metre of box air.
 * From the ideal gas law with the molar mass of water (18.015 g/mol) and the molar gas constant (8.314 J/mol K).
 *
 * @returns grams a cubic metre, never below nothing
 */
export function vapourToAddGPerM3(
  room: { temperatureC: number; humidityRh: number },
  boxC: number,
  boxRh: number,
): number {
  const gap = (boxRh * saturationKPa(boxC) - room.humidityRh * saturationKPa(room.temperatureC)) / 100;
  return Math.max(0, (gap * GRAM_KELVIN_PER_KPA_M3) / (boxC + ZERO_C_IN_K));
}

const ZERO_C_IN_K = 273.15;
const MOLAR_MASS_WATER_G = 18.015;
const GAS_CONSTANT_J = 8.314;
const GRAM_KELVIN_PER_KPA_M3 = (1000 * MOLAR_MASS_WATER_G) / GAS_CONSTANT_J;
