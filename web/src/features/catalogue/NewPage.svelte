<script lang="ts">
  import { api, taken, type Schemas } from '$lib/api/client';
  import Dialog from '$ui/Dialog.svelte';
  import TextField from '$ui/TextField.svelte';
  import Told from '$ui/Told.svelte';

  /** Says at which address a shop sells a part, so that rounds fetch its price. */
  let { part = $bindable() }: { part: Schemas['PartView'] | null } = $props();
  let address = $state('');
  let sentence = $state('');
  let done = $state('');

  async function add(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    try {
      await taken(api.POST('/api/product-pages', { body: { part: part!.id, address } }));
      sentence = '';
      done = 'Kept. The next round fetches it.';
      address = '';
    } catch (problem) {
      sentence = (problem as Error).message;
      done = '';
    }
  }
</script>

<Dialog
  bind:open={
    () => part !== null,
    (open) => {
      if (!open) {
        part = null;
        done = '';
        sentence = '';
      }
    }
  }
  title="Where {part?.fullName ?? ''} is sold"
>
  <form class="space-y-4 px-6 py-4" onsubmit={add}>
    <TextField
      label="Address of the shop's page"
      type="url"
      bind:value={address}
      required
      placeholder="https://shop.example/p/…"
    />
    <Told {sentence} /><Told sentence={done} tone="moss" />
    <button class="btn btn-main">Keep the address</button>
  </form>
</Dialog>
