<script lang="ts">
  import { createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { api, taken } from '$lib/api/client';
  import Choose from '$ui/Choose.svelte';
  import TextField from '$ui/TextField.svelte';
  import Told from '$ui/Told.svelte';

  const queries = useQueryClient();
  const people = createQuery(() => ({ queryKey: ['people'], queryFn: () => taken(api.GET('/api/accounts', {})) }));
  const empty = () => ({ name: '', email: '', password: '', role: 'EDITOR' as 'EDITOR' | 'OWNER' });
  let typed = $state(empty());
  let sentence = $state('');

  async function add(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    try {
      await taken(api.POST('/api/accounts', { body: typed }));
      await queries.invalidateQueries({ queryKey: ['people'] });
      typed = empty();
      sentence = '';
    } catch (problem) {
      sentence = (problem as Error).message;
    }
  }
</script>

<svelte:head><title>People · Lowfield</title></svelte:head>

<main class="mx-auto max-w-3xl px-6 py-4">
  <h1 class="border-b border-ink pb-2 text-[17px]">People of this desk</h1>
  {#if people.isError}<Told sentence={(people.error as Error).message} />{/if}
  {#each people.data ?? [] as person (person.id)}<p class="flex justify-between border-b border-hairline py-2">
      <span class="font-medium">{person.name}</span><span class="text-soft"
        >{person.email}, {person.role.toLowerCase()}</span
      >
    </p>{/each}
  <form class="mt-6 grid grid-cols-2 gap-4" onsubmit={add}>
    <h2 class="col-span-2">Add someone</h2>
    <TextField label="Name" bind:value={typed.name} required maxlength={100} />
    <TextField label="E-mail address" type="email" bind:value={typed.email} required />
    <TextField
      label="Password"
      type="password"
      bind:value={typed.password}
      required
      hint="10 to 72 letters; tell them in person"
      autocomplete="new-password"
    />
    <Choose
      label="May"
      bind:value={typed.role}
      options={[
        { value: 'EDITOR', label: 'edit and publish' },
        { value: 'OWNER', label: 'that, and add people' },
      ]}
    />
    <div class="col-span-2 space-y-3"><Told {sentence} /><button class="btn btn-main">Add</button></div>
  </form>
</main>
