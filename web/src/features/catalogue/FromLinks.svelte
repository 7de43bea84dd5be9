<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import type { Schemas } from '$lib/api/client';
  import Dialog from '$ui/Dialog.svelte';
  import Told from '$ui/Told.svelte';
  import FromList from './FromList.svelte';
  import LinkCard from './LinkCard.svelte';
  import { addresses, Links } from './links.svelte';

  /** Parts from the addresses of product pages: pasted, read, confirmed. */
  let { open = $bindable(), kinds }: { open: boolean; kinds: Schemas['KindView'][] } = $props();
  const queries = useQueryClient();
  const id = $props.id();
  let text = $state('');
  let sentence = $state('');
  let links = $state(new Links());
  const reading = $derived(links.links.filter((l) => l.state === 'reading').length);
  const failed = $derived(links.links.filter((l) => l.state === 'failed').length);

  async function read(pasted: string): Promise<void> {
    sentence = addresses(pasted).length ? '' : 'Paste addresses that begin with https://, one to a line.';
    text = '';
    await links.paste(pasted);
  }

  const saved = () => void queries.invalidateQueries({ queryKey: ['parts'] });

  async function all(): Promise<void> {
    await links.saveAll();
    saved();
  }
</script>

<Dialog
  bind:open={() => open, (is) => ((open = is), is || (links = new Links()), (sentence = ''))}
  title="Parts from links and lists"
  wide
>
  <div class="overflow-y-auto px-6 py-4">
    <label class="label mb-1 block" for="{id}-links">Addresses of product pages at your shops, one or many</label>
    <form
      class="flex gap-2"
      onsubmit={(e) => {
        e.preventDefault();
        void read(text);
      }}
    >
      <textarea
        id="{id}-links"
        class="field grow"
        rows="2"
        placeholder="https://"
        bind:value={text}
        onpaste={(e) => {
          const pasted = e.clipboardData?.getData('text') ?? '';
          if (!addresses(pasted).length) return;
          e.preventDefault();
          void read(pasted);
        }}></textarea>
      <button class="btn self-end">Read</button>
    </form>
    <Told {sentence} />
    {#if open}<FromList {kinds} onread={(all) => void read(all.join('\n'))} />{/if}
    {#if links.links.length > 1}<p class="mt-2 flex items-center gap-3" role="status">
        {reading ? `${reading} to read` : `${links.links.length} pages read`}{failed ? `, ${failed} failed` : ''}
        {#if links.ready.length > 1}<button class="btn" onclick={() => void all()}>Add all {links.ready.length}</button
          >{/if}
      </p>{/if}
    {#each links.links as link (link.address)}<LinkCard {link} {kinds} onsaved={saved} />{/each}
  </div>
</Dialog>
