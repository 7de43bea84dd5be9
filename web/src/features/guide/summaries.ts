import type { Schemas } from '$lib/api/client';
import { smallest } from '$lib/money';

/** What a folded part of a guide's settings says, in one sentence. */

const CONDITIONS = { NEW: 'new', OPENED: 'open-box', REFURBISHED: 'refurbished', USED: 'used' } as const;

const list = (words: string[]) =>
  words.length > 1 ? `${words.slice(0, -1).join(', ')} and ${words[words.length - 1]}` : (words[0] ?? '');

export function policySentence({ policy, oldAfterDays }: Schemas['GuideForm']): string {
  const conditions = list(policy.conditions.map((c) => CONDITIONS[c]));
  const sellers = list(policy.sellers.map((s) => (s === 'SHOP' ? 'shops' : 'marketplace sellers')));
  const stock = policy.stock.every((s) => s === 'IN_STOCK' || s === 'LIMITED') ? ' in stock' : '';
  const members = policy.membersOnly ? ', members’ prices too' : '';
  return `${conditions || 'No'} goods${stock} from ${sellers || 'nobody'}${members}, seen in the last ${policy.greatestAgeDays} days (${oldAfterDays} for publishing).`.replace(
    /^./,
    (first) => first.toUpperCase(),
  );
}

export function energySentence({ energy, currency }: Schemas['GuideForm']): string {
  return energy
    ? `${energy.gamingHours} hours of play and ${energy.idleHours} of idling a day, at ${energy.tariffHundredths / 100} ${smallest(currency)} a kilowatt-hour.`
    : 'Not told.';
}

export function regionsSentence({ readerRegions, salesTaxPermille }: Schemas['GuideForm']): string {
  const tax = salesTaxPermille
    ? `Shop prices come without sales tax; ${salesTaxPermille / 10}% is added.`
    : 'Shop prices include tax.';
  const elsewhere = (readerRegions ?? []).map((r) => r.name).filter(Boolean);
  return elsewhere.length ? `${tax} Also told to readers of ${list(elsewhere)}.` : tax;
}

export function roundsSentence({ rounds }: Schemas['GuideForm']): string {
  if (!rounds || rounds.often === 'BY_HAND') return 'When you ask for it.';
  return `${rounds.often === 'DAILY' ? 'Every day' : 'Every Thursday'} at ${String(rounds.at).slice(0, 5)}.`;
}
