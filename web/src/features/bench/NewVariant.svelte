<script lang="ts">
  import { api, taken } from '$lib/api/client';
  import Dialog from '$ui/Dialog.svelte';
  import TextField from '$ui/TextField.svelte';
  import Told from '$ui/Told.svelte';

  /** A variant of a build: it follows it in every line until it differs. */
  let {
    open = $bindable(),
    edition,
    of,
    ofName,
    onmade,
  }: { open: boolean; edition: string; of: string; ofName: string; onmade: (build: string) => void } = $props();
  let name = $state('');
  let sentence = $state('');

  async function make(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    try {
      const made = await taken(
        api.POST('/api/editions/{edition}/builds', { params: { path: { edition } }, body: { of, name } }),
      );
      open = false;
      name = '';
      onmade(made.build);
    } catch (problem) {
      sentence = (problem as Error).message;
    }
  }
</script>

<Dialog bind:open title="A variant of {ofName}">
  <form class="space-y-3 px-6 py-4" onsubmit={make}>
    <p class="text-soft">It takes every choice from {ofName}, and goes on doing so wherever you choose nothing else.</p>
    <TextField label="Name" bind:value={name} required maxlength={80} hint="What is different: the other platform" />
    <Told {sentence} />
    <button class="btn btn-main">Make the variant</button>
  </form>
</Dialog>
