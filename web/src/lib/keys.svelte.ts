import { untrack } from 'svelte';

export interface Command {
  key: string;
  label: string;
  run: () => void;
}

/** All commands that can be given now, each with its key; single letters only while no text field has the focus. */
class Keys {
  private sets = $state.raw<Command[][]>([]);
  paletteOpen = $state(false);

  get commands(): Command[] {
    return this.sets.flat();
  }

  /** Adds commands until the returned function is called. */
  add(commands: Command[]): () => void {
    this.sets = [...untrack(() => this.sets), commands];
    return () => {
      this.sets = untrack(() => this.sets).filter((s) => s !== commands);
    };
  }

  handle(event: KeyboardEvent): void {
    if (event.defaultPrevented || event.ctrlKey || event.metaKey || event.altKey || isTyping(event)) return;
    const command = this.commands.findLast((c) => c.key === event.key);
    if (command && !document.querySelector('[role=dialog]')) {
      event.preventDefault();
      command.run();
    }
  }
}

function isTyping(event: KeyboardEvent): boolean {
  return isTextField(event.composedPath()[0] ?? null);
}

const PRESSED = ['checkbox', 'radio', 'button', 'submit', 'file', 'range'];

/** Whether letters go into it; a box that is ticked takes none. */
export function isTextField(target: EventTarget | null): boolean {
  if (!(target instanceof HTMLElement)) return false;
  if (target instanceof HTMLInputElement) return !PRESSED.includes(target.type);
  return target.isContentEditable || ['TEXTAREA', 'SELECT'].includes(target.tagName);
}

export const keys = new Keys();
