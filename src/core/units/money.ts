/** Figures behind the point of a currency (ISO 4217, as the runtime knows it); two for what is no currency code. */
export function digitsOf(currency: string): number {
  try {
    return new Intl.NumberFormat('en', { style: 'currency', currency }).resolvedOptions().maximumFractionDigits ?? 2;
  } catch {
    return 2;
  }
}
/**
 * "12.40 EUR", "1240 JPY" without a fraction; nothing is written as −0.
 * @param shown what stands behind it: empty where a heading names the currency.
 */
export function moneyText(amount: number, currency: string, shown: string = currency): string {
  const digits = digitsOf(currency);
  const rounded = Number(amount.toFixed(digits)) + 0;
  return `${rounded.toFixed(digits).replace('-', '−')} ${shown}`.trim();
}
