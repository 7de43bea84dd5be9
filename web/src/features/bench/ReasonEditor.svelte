<script lang="ts">
  import { autocompletion } from '@codemirror/autocomplete';
  import { defaultKeymap, history, historyKeymap } from '@codemirror/commands';
  import { markdown } from '@codemirror/lang-markdown';
  import { defaultHighlightStyle, HighlightStyle, syntaxHighlighting } from '@codemirror/language';
  import { Annotation, EditorState } from '@codemirror/state';
  import { EditorView, keymap, placeholder } from '@codemirror/view';
  import { onMount } from 'svelte';
  import type { Schemas } from '$lib/api/client';
  import { factMenu } from './reasonFacts';
  import { marking, slipKeys, slipMarks } from './slipMarks';

  /**
   * A reason in Markdown, saved by itself a moment after the last key. It lives in a shadow root, where the editor may use
   * constructed style sheets under the strict content policy.
   */
  let {
    value,
    label,
    readonly = false,
    facts,
    slips = [],
    onsave,
    onmeant,
    onnext,
    ontyping,
  }: {
    value: string;
    label: string;
    readonly?: boolean;
    /** What can be told about the line, for the menu behind two braces. */
    facts: () => Promise<Schemas['ReasonFact'][]>;
    /** What the saved text says otherwise than the data. */
    slips?: Schemas['SlipView'][];
    onsave: (text: string) => void;
    onmeant?: (slip: Schemas['SlipView']) => void;
    /** Goes on to the next slot. */
    onnext?: () => void;
    /** Whether there are words that were not saved yet. */
    ontyping?: (isTyping: boolean) => void;
  } = $props();

  const PAUSE_MS = 600;
  const incomingText = Annotation.define<boolean>();
  let host: HTMLDivElement;
  let view: EditorView | undefined;
  let timer: ReturnType<typeof setTimeout> | undefined;
  // What was last heard of or sent; typed text is never overwritten by what comes in.
  let known = '';

  /** Only what is between the common beginning and end, so that the cursor stays where it is. */
  function difference(from: string, to: string): { from: number; to: number; insert: string } {
    let start = 0;
    while (start < Math.min(from.length, to.length) && from[start] === to[start]) start++;
    let end = 0;
    while (end < Math.min(from.length, to.length) - start && from.at(-1 - end) === to.at(-1 - end)) end++;
    return { from: start, to: from.length - end, insert: to.slice(start, to.length - end) };
  }

  function flush(): void {
    clearTimeout(timer);
    const text = view?.state.doc.toString() ?? known;
    if (!readonly && text !== known) {
      known = text;
      onsave(text);
    }
    ontyping?.(false);
  }

  /** Typed away and back again: what was read of these words still stands. */
  function pause(): void {
    flush();
    if (view?.state.doc.toString() === known) view.dispatch({ effects: marking(slips) });
  }

  /** Out of the text, so that the bench's keys are heard again. */
  function leave(): boolean {
    view?.contentDOM.blur();
    return true;
  }

  /** Into the text, behind its last word. */
  export function write(): void {
    view?.dispatch({ selection: { anchor: view.state.doc.length } });
    view?.focus();
  }

  /** At the cursor, on a line of its own. */
  export function put(words: string): void {
    if (!view) return;
    const at = view.state.selection.main.head;
    const insert = `${at > 0 && view.state.sliceDoc(at - 1, at) !== '\n' ? '\n\n' : ''}${words}\n`;
    view.dispatch({ changes: { from: at, insert }, selection: { anchor: at + insert.length }, userEvent: 'input' });
    view.focus();
  }

  onMount(() => {
    known = value;
    const root = host.attachShadow({ mode: 'open' });
    const theme = EditorView.theme({
      '&': { fontSize: '19px', color: 'inherit' },
      '&.cm-focused': { outline: '2px solid var(--moss)', outlineOffset: '1px' },
      '.cm-content': {
        fontFamily: 'Newsreader, serif',
        lineHeight: '27px',
        padding: '12px 16px',
        caretColor: 'var(--ink)',
        minHeight: '150px',
      },
      '.cm-line': { padding: '0' },
      '.slip': { textDecoration: 'underline wavy var(--clay) 1px', textUnderlineOffset: '4px' },
      '.slip.maybe': { textDecoration: 'underline dotted var(--soft) 2px' },
      '.cm-placeholder': { color: 'var(--soft)' },
      '.cm-cursor': { borderLeftColor: 'var(--ink)' },
      '.cm-tooltip': { background: 'var(--sheet)', border: '1px solid var(--ink)', borderRadius: '2px' },
      '.cm-tooltip-autocomplete ul li': { font: '400 14px/24px Hanken Grotesk, sans-serif', padding: '0 12px' },
      '.cm-tooltip-autocomplete ul li[aria-selected]': { background: 'var(--tint)', color: 'var(--ink)' },
      '.cm-completionDetail': { color: 'var(--soft)', fontStyle: 'normal', marginLeft: '16px' },
      '.cm-completionInfo': { font: '400 13px/18px Hanken Grotesk, sans-serif', padding: '4px 8px' },
    });
    const plain = HighlightStyle.define(
      defaultHighlightStyle.specs
        .filter((s) => s.fontStyle || s.fontWeight)
        .map((s) => ({ tag: s.tag, fontStyle: s.fontStyle, fontWeight: s.fontWeight })),
    );
    view = new EditorView({
      root,
      parent: root,
      state: EditorState.create({
        doc: value,
        extensions: [
          history(),
          keymap.of([
            { key: 'Escape', run: leave },
            { key: 'Mod-Enter', run: () => (leave(), onnext?.(), true) },
            ...slipKeys((slip) => onmeant?.(slip)),
            ...defaultKeymap,
            ...historyKeymap,
          ]),
          markdown(),
          autocompletion({ override: [factMenu(() => facts())], icons: false, interactionDelay: 0 }),
          syntaxHighlighting(plain),
          slipMarks,
          EditorView.lineWrapping,
          EditorState.readOnly.of(readonly),
          EditorView.editable.of(!readonly),
          placeholder('What it is for, why this one and not the next, what it gives up, who should take another.'),
          EditorView.contentAttributes.of({ 'aria-label': label, spellcheck: 'true' }),
          theme,
          EditorView.updateListener.of((update) => {
            if (!update.docChanged) return;
            if (update.transactions.some((t) => t.annotation(incomingText))) return;
            ontyping?.(true);
            clearTimeout(timer);
            timer = setTimeout(pause, PAUSE_MS);
          }),
        ],
      }),
    });
    return () => {
      flush();
      view?.destroy();
    };
  });

  $effect(() => {
    const incoming = value;
    const typed = view?.state.doc.toString();
    if (view && incoming !== known && typed === known) {
      known = incoming;
      view.dispatch({ changes: difference(typed!, incoming), annotations: incomingText.of(true) });
    } else if (incoming === typed) {
      known = incoming;
    }
  });
  $effect(() => {
    const effects = marking(slips);
    view?.dispatch({ effects });
  });
</script>

<div bind:this={host} onfocusout={flush} class="rounded-sm border border-hairline bg-sheet"></div>
