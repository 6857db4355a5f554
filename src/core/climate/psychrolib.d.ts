/**
 * The parts of the psychrolib reference package that the tests compare against; pressures in Pa, temperatures in °C.
 */
declare module "psychrolib" {
  const psychrolib: {
    SI: number;
    SetUnitSystem(system: number): void;
    GetSatVapPres(celsius: number): number;
    GetHumRatioFromRelHum(celsius: number, relHum: number, pressure: number): number;
    GetRelHumFromHumRatio(celsius: number, humRatio: number, pressure: number): number;
    GetTDewPointFromRelHum(celsius: number, relHum: number): number;
    GetMoistAirDensity(celsius: number, humRatio: number, pressure: number): number;
    GetMoistAirVolume(celsius: number, humRatio: number, pressure: number): number;
  };
  export default psychrolib;
}
