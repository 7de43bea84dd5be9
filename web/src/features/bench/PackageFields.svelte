<script lang="ts">
  import { useShops } from '$features/shops/queries';
  import type { Schemas } from '$lib/api/client';
  import TextField from '$ui/TextField.svelte';
  import { choosable, type ExtrasDraft, type TypedPackage } from './extras.svelte';

  /** One package price while it is typed: its seller and price, the parts in it, and what swaps cost. */
  let {
    pack,
    draft,
    lines,
    currency,
    ended,
  }: {
    pack: TypedPackage;
    draft: ExtrasDraft;
    lines: Schemas['LineView'][];
    currency: string;
    /** Why it does not count any more; empty when it does. */
    ended: string;
  } = $props();
  const shops = useShops();
  const own = $derived((shops.data ?? []).filter((s) => s.currency === currency));
  const member = (line: string) => pack.members.find((m) => m.line === line);
  const isBound = $derived(pack.members.every((m) => m.key != null));
</script>

<fieldset class="space-y-2 border-l-2 border-hairline pl-3">
  <legend class="sr-only">{pack.name || 'A package price'}</legend>
  {#if ended && isBound}<p class="text-straw">
      Does not count: {ended}.
      <button type="button" class="btn-quiet small" onclick={() => draft.takeAgain(pack)}
        >Take it for the parts as they are</button
      >
    </p>{/if}
  <div class="grid gap-2 sm:grid-cols-[minmax(0,1fr)_110px_110px]">
    <TextField label="Package" bind:value={pack.name} maxlength={80} placeholder="Harbour machine" />
    {#if pack.bundleOf}<p class="small self-end text-soft sm:col-span-2">The price is what the shop asks now.</p>
    {:else}
      <TextField label="Price, {currency}" bind:value={pack.price} inputmode="decimal" placeholder="649" />
      <TextField label="Shipping" bind:value={pack.shipping} inputmode="decimal" placeholder="none" />
    {/if}
  </div>
  {#if !pack.bundleOf}<div class="grid gap-2 sm:grid-cols-2">
      <label class="block"
        ><span class="label mb-1 block">Sold by</span><select class="field" bind:value={pack.shop}
          ><option value="">no shop set up here</option>{#each own as shop (shop.id)}<option value={shop.id}
              >{shop.name}</option
            >{/each}</select
        ></label
      >
      <TextField label="Link, if there is one" bind:value={pack.link} placeholder="https://" />
    </div>{/if}
  <ul class="space-y-1">
    {#each choosable(lines, draft, pack) as line (line.id)}
      <li class="flex items-center gap-2">
        <label class="flex min-w-0 flex-1 items-center gap-2"
          ><input
            type="checkbox"
            checked={!!member(line.id)}
            disabled={!!pack.bundleOf}
            onchange={() => draft.toggle(pack, line.id)}
          /><span class="truncate">{line.slotLabel}: {line.label}</span></label
        >
        {#if member(line.id) && !pack.bundleOf}
          {@const at = member(line.id)!}
          <input
            class="field w-28 text-right"
            aria-label="Surcharge or credit for {line.label}, {currency}"
            placeholder="included"
            inputmode="decimal"
            bind:value={at.swap}
          />{/if}
      </li>
    {/each}
  </ul>
  <button type="button" class="btn-quiet small" onclick={() => draft.remove(pack.id)}
    >Remove {pack.name || 'this package price'}</button
  >
</fieldset>
