import { onceForWord } from '../once';

/** Figures behind the point of a currency (ISO 4217, as the runtime knows it); two for what is no currency code. */
export const digitsOf = onceForWord((currency: string): number => {
  try {
    return new Intl.NumberFormat('en', { style: 'currency', currency }).resolvedOptions().maximumFractionDigits ?? 2;
  } catch {
    return 2;
  }
});
/** The code of a currency in what was typed (ISO 4217, as the runtime knows it); null for none. */
export function currencyIn(text: string): string | null {
  const code = text.trim().toUpperCase();
  return Intl.supportedValuesOf('currency').includes(code) ? code : null;
}
/** What is said where there is none. */
export const NO_CURRENCY = 'Write the three letters of a currency, such as EUR.';
/**
 * "12.40 EUR", "1240 JPY" without a fraction; nothing is written as −0.
 * @param shown what stands behind it: empty where a heading names the currency.
 */
export function moneyText(amount: number, currency: string, shown: string = currency): string {
  const digits = digitsOf(currency);
  const rounded = Number(amount.toFixed(digits)) + 0;
  return `${rounded.toFixed(digits).replace('-', '−')} ${shown}`.trim();
}
