<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import type { Format } from '$lib/format';
  import { inSentence } from '$lib/format';
  import type { Entry } from './sheet.svelte';

  /** One price: what and where it is needed, what counts or counted last, and the field for what it is now. */
  let {
    entry,
    format,
    hrefOf,
    onenter,
    onconfirm,
    onconfirmall,
    onpaste,
    onmove,
    onother,
    onunpin,
  }: {
    entry: Entry;
    format: Format;
    hrefOf: (use: Schemas['PriceUse']) => string;
    onenter: () => void;
    onconfirm: () => void;
    onconfirmall: () => void;
    onpaste: (text: string) => boolean;
    onmove: (by: number) => void;
    onother: () => void;
    onunpin: () => void;
  } = $props();
  const id = $props.id();
  const price = $derived(entry.price);
  const kinds: Record<Schemas['PriceToType']['state'], string> = {
    MISSING: '',
    LAPSED: '',
    DUE: '',
    TYPED: 'typed by hand',
    PINNED: 'pinned offer',
    PACKAGE: 'package price',
    UNLISTED: 'unlisted part',
    ESTIMATED: 'estimate',
  };
  /** A package is in one build, whose place is told once. */
  const uses = $derived(price.state === 'PACKAGE' ? price.uses.slice(0, 1) : price.uses);
  const from = $derived(
    [
      price.last?.seller,
      price.last?.condition === 'new' ? '' : price.last?.condition,
      price.last?.seenAt ? format.date(price.last.seenAt) : price.last ? 'no date' : '',
    ]
      .filter(Boolean)
      .join(', '),
  );

  function pressed(event: KeyboardEvent): void {
    const act: Record<string, (() => void) | undefined> = {
      Enter: entry.isTyped ? onenter : onconfirm,
      ArrowDown: () => onmove(1),
      ArrowUp: () => onmove(-1),
      '=': entry.isConfirmable ? onconfirm : undefined,
      '+': entry.text ? undefined : onconfirmall,
    };
    const does = act[event.key];
    if (!does || event.ctrlKey || event.metaKey || event.altKey) return;
    event.preventDefault();
    event.stopPropagation();
    does();
  }

  function pasted(event: ClipboardEvent): void {
    if (onpaste(event.clipboardData?.getData('text') ?? '')) event.preventDefault();
  }
</script>

<tr class="border-b border-hairline align-top">
  <th scope="row" class="min-w-40 py-1.5 pr-4 text-left font-normal">
    <span id="{id}-name" class="font-semibold">{price.name}</span>
    <span class="small block text-soft">
      {kinds[price.state]}{kinds[price.state] ? ': ' : ''}{#each uses.slice(0, 3) as use, i (i)}{i ? ', ' : ''}<a
          class="no-underline hover:underline"
          href={hrefOf(use)}
          >{price.state === 'PACKAGE'
            ? `${price.uses.length} parts in ${use.where}`
            : i && use.slot === uses[0]!.slot
              ? use.where
              : `${inSentence(use.slot)} in ${use.where}`}</a
        >{/each}{uses.length > 3 ? ` and ${uses.length - 3} more` : ''}
    </span>
  </th>
  <td class="py-1.5 pr-4 text-right">
    {#if price.last}
      <span class="whitespace-nowrap">{format.money(price.last.minor)}</span>
      <span class="small block text-soft">{from}</span>
    {:else}<span class="text-soft">none yet</span>{/if}
  </td>
  <td class="py-1.5 pr-4">
    {#if entry.isTyped}<input
        data-entry
        class="field w-28 text-right"
        inputmode="decimal"
        autocomplete="off"
        aria-labelledby="{id}-name"
        aria-describedby="{id}-said"
        aria-invalid={entry.state === 'refused' || entry.state === 'asked'}
        bind:value={entry.text}
        oninput={() => entry.edited()}
        onkeydown={pressed}
        onpaste={pasted}
      />{:else}<a data-entry class="btn-quiet small" href={hrefOf(price.uses[0]!)} onkeydown={pressed}>Change it</a
      >{/if}
  </td>
  <td class="py-1.5 pr-2 whitespace-nowrap">
    {#if entry.isConfirmable}<button class="btn-quiet small" aria-describedby="{id}-name" onclick={onconfirm}
        >Confirm price</button
      >{/if}
    {#if price.part && price.state !== 'ESTIMATED'}<button
        class="btn-quiet small"
        aria-describedby="{id}-name"
        onclick={onother}>Other seller</button
      >{/if}
    {#if price.state === 'PINNED'}<button class="btn-quiet small" aria-describedby="{id}-name" onclick={onunpin}
        >Unpin</button
      >{/if}
  </td>
  <td id="{id}-said" class="small py-1.5" aria-live="polite">
    {#if entry.state === 'saved' || entry.state === 'confirmed'}<span class="text-moss"
        >{entry.state === 'saved' ? 'Saved.' : 'Confirmed.'}</span
      >
      {#if entry.canUndo}<button class="btn-quiet small" onclick={() => void entry.undo()}>Undo</button>{/if}
      <span class="text-clay">{entry.sentence}</span>
    {:else if entry.state === 'asked'}<span class="text-straw">{entry.sentence} Press it again if it is right.</span>
    {:else if entry.state === 'refused'}<span class="text-clay">{entry.sentence}</span>
    {:else if entry.state === 'saving'}<span class="text-soft">Saving…</span>
    {:else}<span class="text-soft">{price.why}</span>{/if}
  </td>
</tr>
