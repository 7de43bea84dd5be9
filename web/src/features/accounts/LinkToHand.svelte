<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import { shownAt } from './queries';

  /** A one-time link to hand to somebody: shown this once, since only its hash is kept. */
  let { link, name }: { link: Schemas['Link']; name: string } = $props();
  const address = $derived(`${window.location.origin}/link#${link.token}`);
  let isCopied = $state(false);
  const id = $props.id();

  async function copy(): Promise<void> {
    await navigator.clipboard.writeText(address);
    isCopied = true;
  }
</script>

<div class="border-l-2 border-moss py-1 pl-3" role="status">
  <label for={id} class="label mb-1 block">One-time link for {name}, until {shownAt(link.endsAt)}</label>
  <div class="flex gap-2">
    <input {id} class="field" readonly value={address} onfocus={(event) => event.currentTarget.select()} />
    <button type="button" class="btn" onclick={copy}>{isCopied ? 'Copied' : 'Copy'}</button>
  </div>
  <p class="small mt-1 text-soft">Hand it over yourself. It works once, and is not shown again.</p>
</div>
