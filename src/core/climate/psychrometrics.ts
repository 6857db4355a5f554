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
 * The warmth at which air begins to drop its water: FAO-56 equation 11 the other way round.
 *
 * @param humidityRh over nothing
 * @example dewPointC(25, 60) // 16.7
 */
export function dewPointC(temperatureC: number, humidityRh: number): number {
  const log = Math.log((saturationKPa(temperatureC) * humidityRh) / 100 / 0.6108);
  return (237.3 * log) / (17.27 - log);
}

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

const AIR_PRESSURE_KPA = 101.325;
/** Molar mass of water over that of dry air. */
const WATER_TO_AIR = 0.622;

/** Kilograms of water to each of dry air at a vapour pressure. */
const ratioAt = (vapourKPa: number): number => (WATER_TO_AIR * vapourKPa) / (AIR_PRESSURE_KPA - vapourKPa);

/** Humidity ratio of air, kg water a kg dry air. @example humidityRatio(21, 37.5) // 0.00578 */
export const humidityRatio = (temperatureC: number, humidityRh: number): number =>
  ratioAt((saturationKPa(temperatureC) * humidityRh) / 100);

/**
 * Full air: what it holds, kg/kg, and how much more with each degree, kg/kg K; FAO-56 equations 11 and 13 as a ratio of
 * water to air.
 */
export function fullAir(temperatureC: number): { ratio: number; perK: number } {
  const fullKPa = saturationKPa(temperatureC);
  const kPaPerK = (4098 * fullKPa) / (temperatureC + 237.3) ** 2;
  const dryKPa = AIR_PRESSURE_KPA - fullKPa;
  return {
    ratio: (WATER_TO_AIR * fullKPa) / dryKPa,
    perK: (WATER_TO_AIR * AIR_PRESSURE_KPA * kPaPerK) / dryKPa ** 2,
  };
}

/** Relative humidity of air that holds so much water, %, never over 100. @example relativeHumidity(21, 0.00578) // 37.5 */
export function relativeHumidity(temperatureC: number, ratio: number): number {
  const vapourKPa = (ratio * AIR_PRESSURE_KPA) / (WATER_TO_AIR + ratio);
  return Math.min(100, (100 * vapourKPa) / saturationKPa(temperatureC));
}

/** Virtual temperature: what dry air would have to have to be as light, °C. @example virtualC(25, 0.01) // 26.8 */
export const virtualC = (temperatureC: number, ratio: number): number =>
  ((temperatureC + ZERO_C_IN_K) * (1 + ratio / WATER_TO_AIR)) / (1 + ratio) - ZERO_C_IN_K;
