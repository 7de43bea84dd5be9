<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { api, taken, type Schemas } from '$lib/api/client';
  import Choose from '$ui/Choose.svelte';
  import TextField from '$ui/TextField.svelte';
  import Told from '$ui/Told.svelte';
  import LinkToHand from './LinkToHand.svelte';

  const queries = useQueryClient();
  const empty = () => ({ name: '', email: '', role: 'EDITOR' as 'EDITOR' | 'OWNER' });
  let typed = $state(empty());
  let made = $state<{ link: Schemas['Link']; name: string } | null>(null);
  let sentence = $state('');

  async function invite(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    try {
      made = { link: await taken(api.POST('/api/people', { body: typed })), name: typed.name };
      typed = empty();
      sentence = '';
      await queries.invalidateQueries({ queryKey: ['people'] });
    } catch (problem) {
      sentence = (problem as Error).message;
    }
  }
</script>

<form class="mt-6 grid gap-4 sm:grid-cols-3" onsubmit={invite}>
  <h2 class="sm:col-span-3">Invite someone</h2>
  <TextField label="Name" bind:value={typed.name} required maxlength={100} />
  <TextField label="E-mail address" type="email" bind:value={typed.email} required />
  <Choose
    label="May"
    bind:value={typed.role}
    options={[
      { value: 'EDITOR', label: 'edit and publish' },
      { value: 'OWNER', label: 'that, and look after people' },
    ]}
  />
  <div class="sm:col-span-3 space-y-3">
    <Told {sentence} /><button class="btn btn-main">Make an invitation</button>
    {#if made}<LinkToHand link={made.link} name={made.name} />{/if}
  </div>
</form>
