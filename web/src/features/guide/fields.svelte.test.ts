import { fireEvent, render, screen } from '@testing-library/svelte';
import { describe, expect, it } from 'vitest';
import type { Schemas } from '$lib/api/client';
import EnergyFields from './EnergyFields.svelte';
import { emptyGuide, emptyTier, emptyWishes, tierForm } from './forms';
import PolicyFields from './PolicyFields.svelte';
import RoundPlanFields from './RoundPlanFields.svelte';
import TierFields from './TierFields.svelte';

function guide(change: Partial<Schemas['GuideForm']> = {}): Schemas['GuideForm'] {
  const form = $state({ ...emptyGuide(), ...change });
  return form;
}

const box = (name: string) => screen.getByRole<HTMLInputElement>('checkbox', { name });

describe('which offers count', () => {
  it('is ticked and unticked, one condition at a time', async () => {
    const form = guide();
    render(PolicyFields, { form, shops: [] });
    expect([box('new').checked, box('used').checked]).toEqual([true, false]);
    await fireEvent.click(box('used'));
    await fireEvent.click(box('new'));
    expect(form.policy.conditions).toEqual(['USED']);
  });

  it('can be bound to the regions that shops sell from, and keeps one that no shop has any more', async () => {
    const form = guide();
    form.policy.regions = ['Far Isles'];
    render(PolicyFields, { form, shops: [{ region: 'Skerries' }, { region: '' }, { region: 'Skerries' }] });
    await fireEvent.click(box('sold from Skerries'));
    expect(form.policy.regions).toEqual(['Far Isles', 'Skerries']);
    await fireEvent.click(box('sold from Far Isles'));
    expect(form.policy.regions).toEqual(['Skerries']);
  });

  it('has numbers with their bounds', async () => {
    const form = guide();
    render(PolicyFields, { form, shops: [] });
    const age = screen.getByLabelText<HTMLInputElement>('Seen at most so many days ago');
    expect([age.min, age.max]).toEqual(['1', '90']);
    await fireEvent.input(age, { target: { value: '3' } });
    expect(form.policy.greatestAgeDays).toBe(3);
  });
});

describe('what a year costs in energy', () => {
  it('is typed in hours, and per kilowatt-hour in the smallest unit of the currency', async () => {
    const form = guide({ energy: undefined });
    render(EnergyFields, { form });
    await fireEvent.change(screen.getByLabelText(/^A kilowatt-hour/), { target: { value: '28.7' } });
    expect(form.energy).toEqual({ gamingHours: 3, idleHours: 3, tariffHundredths: 2870 });
    await fireEvent.change(screen.getByLabelText('Hours of play a day'), { target: { value: '1.5' } });
    expect(form.energy?.gamingHours).toBe(1.5);
  });
});

describe('when prices are refreshed', () => {
  it('asks for time and scope only when it is not by hand', async () => {
    const form = guide({ rounds: undefined });
    render(RoundPlanFields, { form });
    expect(screen.queryByLabelText('What is read')).toBeNull();
    await fireEvent.change(screen.getByLabelText('How often prices are refreshed'), { target: { value: 'DAILY' } });
    await fireEvent.change(screen.getByLabelText('What is read'), { target: { value: 'FEEDS' } });
    expect(form.rounds).toEqual({ often: 'DAILY', at: '05:30', scope: 'FEEDS' });
  });

  it('shows what is planned', () => {
    render(RoundPlanFields, { form: guide({ rounds: { often: 'WEEKLY', at: '06:45:00', scope: 'ALL' } as never }) });
    expect(screen.getByLabelText<HTMLInputElement>('at').value).toBe('06:45');
  });
});

describe('a tier', () => {
  function shown(change: Partial<ReturnType<typeof emptyTier>>) {
    const tier = $state({ ...emptyTier(), ...change });
    render(TierFields, { tier, number: 1 });
    return tier;
  }

  it('has two ends for a band from – to, as they are typed', async () => {
    const tier = shown({ name: 'Mate' });
    await fireEvent.input(screen.getByLabelText('From'), { target: { value: '840' } });
    await fireEvent.input(screen.getByLabelText('To'), { target: { value: '920.50' } });
    expect(tierForm(tier, 'EUR').band).toEqual({ type: 'FROM_TO', fromMinor: 84000, toMinor: 92050 });
    expect(screen.queryByLabelText('Price point')).toBeNull();
  });

  it('has a price and a tolerance for a point, and nothing to type without a band', () => {
    shown({ type: 'POINT' });
    expect(screen.getByLabelText('Price point')).toBeTruthy();
    expect(screen.getByLabelText<HTMLInputElement>('Tolerance, %').value).toBe('2');
    expect(screen.queryByLabelText('From')).toBeNull();
  });

  it('opens what it asks of its builds when it asks something', () => {
    shown({ wishes: { ...emptyWishes(), colours: 'white' } });
    expect(screen.getByText('What it asks of its builds').closest('details')?.open).toBe(true);
  });

  it('keeps closed what it asks of its builds when that is nothing', () => {
    shown({});
    expect(screen.getByText('What it asks of its builds').closest('details')?.open).toBe(false);
  });
});
