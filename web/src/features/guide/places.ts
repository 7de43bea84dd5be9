/** Time zones, currencies and languages to choose from, and what the browser proposes. */

interface Choice {
  value: string;
  label: string;
}

const names = (type: 'currency' | 'language') => new Intl.DisplayNames(['en'], { type });

/** Short zones that guides name; the browser lists the others. */
const SHORT_ZONES = ['UTC', 'CET', 'EET', 'WET'];

export function zones(): Choice[] {
  const listed = Intl.supportedValuesOf('timeZone');
  return [...new Set([...SHORT_ZONES, ...listed])].map((value) => ({ value, label: value.replaceAll('_', ' ') }));
}

export function currencies(): Choice[] {
  const told = names('currency');
  return Intl.supportedValuesOf('currency').map((value) => ({ value, label: `${value}, ${told.of(value) ?? value}` }));
}

const LANGUAGES =
  'en en-GB en-US en-AU en-CA en-IE cs da de de-AT de-CH el es es-MX et fi fr fr-BE fr-CA fr-CH hr hu is it ja ko lt lv nb nl nl-BE pl pt pt-BR ro sk sl sv tr uk zh'.split(
    ' ',
  );

export function languages(): Choice[] {
  const told = names('language');
  return LANGUAGES.map((value) => ({ value, label: `${told.of(value) ?? value} (${value})` }));
}

/** The zone of this browser, the language when it is in the list. */
export function here(browser: { zone: string; language: string } = ofBrowser()): { zone: string; locale: string } {
  const language = LANGUAGES.includes(browser.language) ? browser.language : browser.language.split('-')[0]!;
  return {
    zone: browser.zone || 'UTC',
    locale: LANGUAGES.includes(language) ? language : 'en',
  };
}

function ofBrowser(): { zone: string; language: string } {
  return { zone: Intl.DateTimeFormat().resolvedOptions().timeZone, language: navigator.language };
}

const CURRENCY_OF: Record<string, string> = {
  AU: 'AUD',
  BR: 'BRL',
  CA: 'CAD',
  CH: 'CHF',
  CN: 'CNY',
  CZ: 'CZK',
  DK: 'DKK',
  GB: 'GBP',
  HU: 'HUF',
  IS: 'ISK',
  JP: 'JPY',
  KR: 'KRW',
  MX: 'MXN',
  NO: 'NOK',
  PL: 'PLN',
  RO: 'RON',
  SE: 'SEK',
  TR: 'TRY',
  UA: 'UAH',
  US: 'USD',
};

/** In which currency a new guide most likely is: that of the shops, else of the browser's region. */
export function proposedCurrency(shops: { currency: string }[], language = navigator.language): string {
  const asked = [...new Set(shops.map((s) => s.currency))];
  if (asked.length) return asked[0]!;
  const region = new Intl.Locale(language).maximize().region ?? '';
  return CURRENCY_OF[region] ?? 'EUR';
}
