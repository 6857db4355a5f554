import psychrolib from "psychrolib";
import { describe, expect, it } from "vitest";
import { humidityAfter, saturationKPa, vapourToAddGPerM3 } from "./index";

describe("saturation vapour pressure", () => {
  it.each([
    [1, 0.657],
    [10, 1.228],
    [15, 1.705],
    [20, 2.338],
    [25, 3.168],
    [30, 4.243],
  ])(
    "at %d °C is %d kPa (FAO Irrigation and Drainage Paper 56, annex 2, table 2.3; table values from memory)",
    (celsius, kPa) => {
      expect(saturationKPa(celsius)).toBeCloseTo(kPa, 3);
    },
  );
  it("agrees within 0.5 % with the ASHRAE equations of the psychrolib package from 5 to 45 °C", () => {
    psychrolib.SetUnitSystem(psychrolib.SI);
    for (let celsius = 5; celsius <= 45; celsius += 5) {
      expect(Math.abs(saturationKPa(celsius) / (psychrolib.GetSatVapPres(celsius) / 1000) - 1)).toBeLessThan(0.005);
    }
  });
});

describe("warming the room's air", () => {
  it("dries it as psychrolib says: same humidity ratio, higher temperature", () => {
    const ratio = psychrolib.GetHumRatioFromRelHum(21, 0.45, 101325);
    expect(humidityAfter(21, 45, 27)).toBeCloseTo(100 * psychrolib.GetRelHumFromHumRatio(27, ratio, 101325), 0);
  });
  it("asks for the vapour that is missing, and for none when the room is moister", () => {
    // Absolute humidity from psychrolib's humidity ratio and the density of dry air in moist air.
    const gramsPerM3 = (celsius: number, share: number) => {
      const ratio = psychrolib.GetHumRatioFromRelHum(celsius, share, 101325);
      return (1000 * ratio) / psychrolib.GetMoistAirVolume(celsius, ratio, 101325);
    };
    // The room's vapour as it expands to box temperature.
    const room = gramsPerM3(21, 0.45) * ((21 + 273.15) / (25 + 273.15));
    expect(vapourToAddGPerM3({ temperatureC: 21, humidityRh: 45 }, 25, 80)).toBeCloseTo(gramsPerM3(25, 0.8) - room, 0);
    expect(vapourToAddGPerM3({ temperatureC: 28, humidityRh: 90 }, 28, 40)).toBe(0);
  });
});
