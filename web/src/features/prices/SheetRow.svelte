<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import type { Format } from '$lib/format';
  import { inSentence } from '$lib/format';
  import type { Entry } from './sheet.svelte';

  /** One price to type: what and where it is needed, what it was last, and the field for what it is now. */
  let {
    entry,
    format,
    shops,
    hrefOf,
    onenter,
    onkeep,
    onpaste,
    onmove,
  }: {
    entry: Entry;
    format: Format;
    shops: Schemas['Shop'][];
    hrefOf: (use: Schemas['PriceUse']) => string;
    onenter: () => void;
    onkeep: () => void;
    onpaste: (text: string) => boolean;
    onmove: (by: number) => void;
  } = $props();
  const id = $props.id();
  let isOpen = $state(false);
  const price = $derived(entry.price);
  const host = $derived(shops.find((s) => s.id === entry.shop)?.host);

  function pressed(event: KeyboardEvent): void {
    const act: Record<string, (() => void) | undefined> = {
      Enter: onenter,
      ArrowDown: () => onmove(1),
      ArrowUp: () => onmove(-1),
      '=': entry.lastText && !entry.text ? onkeep : undefined,
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
  <th scope="row" class="py-1.5 pr-4 text-left font-normal">
    <label for="{id}-price" class="font-semibold">{price.name}</label>
    <span class="small block text-soft">
      {#each price.uses.slice(0, 3) as use, i (i)}{i ? ', ' : ''}<a
          class="no-underline hover:underline"
          href={hrefOf(use)}
          >{i && use.slot === price.uses[0]!.slot ? use.where : `${inSentence(use.slot)} in ${use.where}`}</a
        >{/each}{price.uses.length > 3 ? ` and ${price.uses.length - 3} more` : ''}
    </span>
  </th>
  <td class="py-1.5 pr-4 text-right whitespace-nowrap">
    {#if price.last}
      {format.money(price.last.minor)}
      <span class="small block text-soft"
        >{price.last.seller}{price.last.seller && price.last.seenAt ? ', ' : ''}{price.last.seenAt
          ? format.date(price.last.seenAt)
          : ''}</span
      >
    {:else}<span class="text-soft">none yet</span>{/if}
  </td>
  <td class="py-1.5 pr-4">
    <input
      id="{id}-price"
      class="field w-32 text-right"
      inputmode="decimal"
      autocomplete="off"
      aria-describedby="{id}-said"
      aria-invalid={entry.state === 'refused' || entry.state === 'asked'}
      bind:value={entry.text}
      oninput={() => entry.edited()}
      onkeydown={pressed}
      onpaste={pasted}
    />
  </td>
  <td class="py-1.5 pr-2">
    {#if price.state === 'UNLISTED'}<span class="small text-soft">unlisted part</span>
    {:else}<button class="btn-quiet small" aria-expanded={isOpen} onclick={() => (isOpen = !isOpen)}
        >{shops.find((s) => s.id === entry.shop)?.name ?? 'no shop'}</button
      >{/if}
  </td>
  <td id="{id}-said" class="small py-1.5" aria-live="polite">
    {#if entry.state === 'saved'}<span class="text-moss">Saved.</span>
      {#if entry.number != null}<button class="btn-quiet small" onclick={() => void entry.undo()}>Undo</button>{/if}
    {:else if entry.state === 'asked'}<span class="text-straw">{entry.sentence} Press Enter again if it is.</span>
    {:else if entry.state === 'refused'}<span class="text-clay">{entry.sentence}</span>
    {:else if entry.state === 'saving'}<span class="text-soft">Saving…</span>
    {:else}<span class="text-soft">{price.state === 'TYPED' ? 'typed by hand' : price.why}</span>{/if}
  </td>
</tr>
{#if isOpen}<tr class="border-b border-hairline bg-tint">
    <td colspan="5" class="py-2">
      <div class="flex items-end gap-3">
        <div>
          <label class="label mb-1 block" for="{id}-shop">Seen at</label>
          <select id="{id}-shop" class="field" bind:value={entry.shop}>
            <option value="">no shop, my own word</option>
            {#each shops as shop (shop.id)}<option value={shop.id}>{shop.name}</option>{/each}
          </select>
        </div>
        {#if host}<div class="grow">
            <label class="label mb-1 block" for="{id}-link">Link, if there is one</label>
            <input id="{id}-link" class="field" type="url" placeholder="https://{host}/…" bind:value={entry.link} />
          </div>{/if}
      </div>
    </td>
  </tr>{/if}
