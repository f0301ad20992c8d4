declare module 'psychrolib' {
  export const SI: number;
  export function SetUnitSystem(system: number): void;
  /** Pa. */
  export function GetSatVapPres(dryBulbC: number): number;
  /** Relative humidity as a share; pressure in Pa. */
  export function GetTWetBulbFromRelHum(dryBulbC: number, relHum: number, pressurePa: number): number;
  export function GetHumRatioFromRelHum(dryBulbC: number, relHum: number, pressurePa: number): number;
}
