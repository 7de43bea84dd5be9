import { describe, expect, it } from 'vitest';
import { emptyGuide } from './forms';
import { read, written } from './schedule';
import { energySentence, policySentence, regionsSentence, roundsSentence } from './summaries';

describe('when a guide appears', () => {
  it.each(['monthly', 'monthly, first Thursday', 'every quarter, last Friday'])('%s is read and written', (words) => {
    expect(written(read(words))).toBe(words);
  });

  it.each(['whenever the market moves', 'monthly, thirteenth Thursday', 'monthly, first Someday', ''])(
    '"%s" stays in the author’s own words',
    (words) => expect(read(words).period).toBe(''),
  );

  it('has a day as soon as it has a week', () => {
    expect(written({ period: 'monthly', week: 'second', day: '' })).toBe('monthly, second Thursday');
  });
});

describe('what folded settings say', () => {
  it('tells the defaults', () => {
    const form = emptyGuide();
    expect(policySentence(form)).toBe(
      'New goods in stock from shops and marketplace sellers, seen in the last 7 days (3 for publishing).',
    );
    expect(energySentence(form)).toBe('Not told.');
    expect(regionsSentence(form)).toBe('Shop prices include tax.');
    expect(roundsSentence(form)).toBe('When you ask for it.');
  });

  it('tells what was changed', () => {
    const form = emptyGuide();
    form.policy.conditions = ['NEW', 'REFURBISHED', 'USED'];
    form.policy.stock = ['IN_STOCK', 'BACK_ORDER'];
    form.salesTaxPermille = 85;
    form.readerRegions = [{ name: 'The Skerries', currency: 'SEK', taxPermille: 250 }];
    form.energy = { gamingHours: 3, idleHours: 2, tariffHundredths: 2870 };
    form.rounds = { often: 'DAILY', at: '05:30:00', scope: 'ALL' } as never;
    expect(policySentence(form)).toContain('New, refurbished and used goods from');
    expect(regionsSentence(form)).toBe(
      'Shop prices come without sales tax; 8.5% is added. Also told to readers of The Skerries.',
    );
    expect(energySentence(form)).toBe('3 hours of play and 2 of idling a day, at 28.7 cents a kilowatt-hour.');
    expect(roundsSentence(form)).toBe('Every day at 05:30.');
  });
});
