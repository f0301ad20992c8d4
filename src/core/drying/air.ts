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

/** Wet-bulb temperature, °C, by bisection on the psychrometric equation e = e_s(T_w) − γ(T − T_w), ventilated, γ = 0.000662·P. FAO-56 eq. 15–16. */
export function wetBulbC(airC: number, rhPercent: number): number {
  const vapour = (rhPercent / 100) * saturationKPa(airC);
  let low = airC - 40;
  let high = airC;
  for (let i = 0; i < 40; i++) {
    const mid = (low + high) / 2;
    const e = saturationKPa(mid) - 0.000662 * PRESSURE_KPA * (airC - mid);
    if (e > vapour) high = mid;
    else low = mid;
  }
  return (low + high) / 2;
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
