import type { Plugin } from 'vite';

/*
 * The first question to the browser's tables of languages has it read them all: 25 ms here, a tenth of a second on a phone, before anything is
 * drawn. Libraries ask when they are loaded, for answers that are settled here: everything is said in British English, from left to right, and
 * every browser that runs the app can leave out a sign (ECMA-402, 7th edition, 2020).
 */
const SETTLED: readonly { readonly file: string; readonly asks: RegExp; readonly answer: string }[] = [
  // Whether the name of a language is well formed: the syntax alone says so.
  {
    file: '/react-aria/dist/private/i18n/useDefaultLocale.mjs',
    asks: /Intl\.DateTimeFormat\.supportedLocalesOf\(\[\s*locale\s*\]\)/,
    answer: 'Intl.getCanonicalLocales(locale)',
  },
  // Which way it is written: from its first letters.
  { file: '/react-aria/dist/private/i18n/utils.mjs', asks: /if \(Intl\.Locale\)/, answer: 'if (false)' },
  {
    file: '/@internationalized/number/dist/private/NumberFormatter.mjs',
    asks: /(supportsSignDisplay = )new Intl\.NumberFormat\([^;]*;/,
    answer: '$1true;',
  },
];

/** Answers for the browser what is asked while libraries are loaded. Error: a library that no longer asks so, with its file. */
export const quickLocale = (): Plugin => ({
  name: 'quick-locale',
  apply: 'build',
  transform(code, id) {
    const here = SETTLED.filter(({ file }) => id.endsWith(file));
    if (here.length === 0) return undefined;
    let settled = code;
    for (const { file, asks, answer } of here) {
      if (!asks.test(settled)) throw new Error(`${file} no longer asks ${asks}: see scripts/quick-locale.ts.`);
      settled = settled.replace(asks, answer);
    }
    return { code: settled, map: null };
  },
});
