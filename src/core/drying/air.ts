/**
 * Moist air and evaporation in closed form. Source of the psychrometric relations: FAO Irrigation and Drainage Paper 56, equations 11
 * (saturation pressure), 8 (psychrometric constant), 3-1 (latent heat); of the evaporation form: ASHRAE Handbook, HVAC Applications.
 */
const PRESSURE_KPA = 101.3;

/** Saturation vapour pressure over water, kPa, for −20 to 60 °C. FAO-56 eq. 11. */
export function saturationKPa(airC: number): number {
  return 0.6108 * Math.exp((17.27 * airC) / (airC + 237.3));
}

/** Latent heat of vaporisation, kJ/kg, 0 to 60 °C. FAO-56 annex 3, eq. 3-1. */
export function latentKJPerKg(airC: number): number {
  return 2501 - 2.361 * airC;
}

/**
 * Wet-bulb temperature, °C, from the psychrometric equation e = e_s(T_w) − A(T_w)·p·(T − T_w), A = 6.53·10⁻⁴·(1 + 0.000944·T_w)/K.
 * Source: WMO Guide to Instruments and Methods of Observation (WMO-No. 8), annex 4.B.
 */
export function wetBulbC(airC: number, rhPercent: number): number {
  const vapour = (rhPercent / 100) * saturationKPa(airC);
  // Newton from the dry bulb: the curve is convex and rising, so it comes down to the root from above.
  let wet = airC;
  for (let i = 0; i < 12; i++) {
    const at = saturationKPa(wet);
    const gamma = 0.000653 * (1 + 0.000944 * wet) * PRESSURE_KPA;
    const slope = (4098.17 * at) / (wet + 237.3) ** 2 + gamma;
    const next = wet - (at - gamma * (airC - wet) - vapour) / slope;
    if (Math.abs(next - wet) < 1e-9) return next;
    wet = next;
  }
  return wet;
}

/**
 * Evaporation from a wet surface, kg/s: w = A(p_w − p_a)(0.089 + 0.0782 v)/Y, p in kPa, v in m/s, Y in kJ/kg; for hanging cloth p_w is the
 * saturation pressure at the wet-bulb temperature. ASHRAE Handbook, HVAC Applications.
 */
export function evaporationKgPerS(areaM2: number, airC: number, rhPercent: number, airMPerS: number): number {
  const wet = wetBulbC(airC, rhPercent);
  const vapour = (rhPercent / 100) * saturationKPa(airC);
  return Math.max(0, (areaM2 * (saturationKPa(wet) - vapour) * (0.089 + 0.0782 * airMPerS)) / latentKJPerKg(wet));
}

/** Water in air, kg per kg of dry air, at sea level. ASHRAE Handbook, Fundamentals: W = 0.621945·p_w/(p − p_w). */
export function humidityRatio(airC: number, rhPercent: number): number {
  const vapour = (rhPercent / 100) * saturationKPa(airC);
  return (0.621945 * vapour) / (PRESSURE_KPA - vapour);
}
/** Relative humidity, %, of air that holds this much water; the reverse of `humidityRatio`. */
export function relativeHumidity(airC: number, ratio: number): number {
  const vapour = (PRESSURE_KPA * ratio) / (0.621945 + ratio);
  return Math.min(100, (100 * vapour) / saturationKPa(airC));
}
