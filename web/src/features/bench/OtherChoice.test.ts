import { fireEvent, screen, within } from '@testing-library/svelte';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { serve, show } from '../../testing/server';
import OtherChoice from './OtherChoice.svelte';

function dialog(choose: (choice: unknown) => void) {
  const asked = serve(() => ({ parts: [{ id: 'p1', fullName: 'Merrowby Vane Four' }], all: 1 }));
  show(OtherChoice as never, {
    open: true,
    slotLabel: 'Graphics card',
    kind: 'GRAPHICS_CARD',
    currency: 'EUR',
    onchoose: choose,
  });
  return asked;
}

const submit = () => fireEvent.click(within(screen.getByRole('dialog')).getByRole('button', { name: 'Choose' }));

afterEach(() => vi.unstubAllGlobals());

describe('a choice that is no part of the catalogue', () => {
  it('has a name and a price', async () => {
    const choose = vi.fn();
    dialog(choose);
    await fireEvent.input(screen.getByLabelText('Name'), { target: { value: 'An old card' } });
    await fireEvent.input(screen.getByLabelText('Price of one, EUR'), { target: { value: '45' } });
    await submit();
    expect(choose).toHaveBeenCalledExactlyOnceWith({
      type: 'FREE_HAND',
      name: 'An old card',
      priceMinor: 4500,
      currency: 'EUR',
      available: false,
    });
  });

  it('is refused with a price that is none, and stays open', async () => {
    const choose = vi.fn();
    dialog(choose);
    await fireEvent.input(screen.getByLabelText('Name'), { target: { value: 'An old card' } });
    await fireEvent.input(screen.getByLabelText('Price of one, EUR'), { target: { value: 'cheap' } });
    await submit();
    expect(choose).not.toHaveBeenCalled();
    expect(screen.getByText(/^"cheap" is not a price in EUR/)).toBeTruthy();
  });

  it('can have the figures of a part, which is looked for among its kind', async () => {
    const choose = vi.fn();
    const asked = dialog(choose);
    await fireEvent.input(screen.getByLabelText('Name'), { target: { value: 'My own' } });
    await fireEvent.input(screen.getByLabelText('Price of one, EUR'), { target: { value: '0' } });
    await fireEvent.input(screen.getByLabelText(/^Has the figures of/), { target: { value: 'vane' } });
    await fireEvent.click(await screen.findByRole('button', { name: 'Merrowby Vane Four' }));
    expect(asked.at(-1)?.query.get('kind')).toBe('GRAPHICS_CARD');
    await submit();
    expect(choose).toHaveBeenCalledExactlyOnceWith(expect.objectContaining({ part: 'p1', priceMinor: 0 }));
  });
});
