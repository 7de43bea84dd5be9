import { afterEach, describe, expect, it, vi } from 'vitest';
import { keys } from './keys.svelte';

describe('keys', () => {
  const run = vi.fn();
  let done: (() => void) | undefined;
  const press = (key: string, target: HTMLElement = document.body, init: KeyboardEventInit = {}) => {
    const event = new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true, ...init });
    document.body.addEventListener('keydown', (e) => keys.handle(e), { once: true });
    target.dispatchEvent(event);
    return event;
  };

  afterEach(() => {
    done?.();
    run.mockClear();
    document.body.replaceChildren();
  });

  it('runs the command of a key until it is taken away', () => {
    done = keys.add([{ key: 'u', label: 'Undo', run }]);
    expect(press('u').defaultPrevented).toBe(true);
    done();
    press('u');
    expect(run).toHaveBeenCalledOnce();
  });

  it('leaves keys alone while somebody types', () => {
    done = keys.add([{ key: 'u', label: 'Undo', run }]);
    for (const tag of ['input', 'textarea', 'select'])
      press('u', document.body.appendChild(document.createElement(tag)));
    expect(run).not.toHaveBeenCalled();
  });

  it('hears keys on a box that is ticked', () => {
    done = keys.add([{ key: 'u', label: 'Undo', run }]);
    const box = document.body.appendChild(document.createElement('input'));
    box.type = 'checkbox';
    press('u', box);
    expect(run).toHaveBeenCalledOnce();
  });

  it("leaves the browser's own keys and open dialogs alone", () => {
    done = keys.add([{ key: 'u', label: 'Undo', run }]);
    press('u', document.body, { ctrlKey: true });
    document.body.appendChild(document.createElement('div')).setAttribute('role', 'dialog');
    press('u');
    expect(run).not.toHaveBeenCalled();
  });

  it('gives the latest view the key', () => {
    const earlier = keys.add([{ key: 'a', label: 'Earlier', run: vi.fn() }]);
    done = keys.add([{ key: 'a', label: 'Later', run }]);
    press('a');
    expect(run).toHaveBeenCalledOnce();
    earlier();
  });
});
