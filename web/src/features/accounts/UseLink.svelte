<script lang="ts">
  import { onMount } from 'svelte';
  import { api, taken, type Schemas } from '$lib/api/client';
  import { session } from '$lib/session.svelte';
  import TextField from '$ui/TextField.svelte';
  import Told from '$ui/Told.svelte';

  /** Where a one-time link leads. Its token stands behind the #, which no server is sent. */
  let { onin }: { onin: () => void } = $props();
  const token = window.location.hash.slice(1);
  let person = $state<Schemas['LinkFor'] | null>(null);
  let password = $state('');
  let again = $state('');
  let sentence = $state('');
  let isBusy = $state(false);

  onMount(async () => {
    try {
      person = await taken(api.POST('/api/links/read', { body: { token } }));
    } catch (problem) {
      sentence = (problem as Error).message;
    }
  });

  async function use(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    if (password !== again) {
      sentence = 'The password is not the same twice.';
      return;
    }
    isBusy = true;
    try {
      await session.byLink(token, password);
      onin();
    } catch (problem) {
      sentence = (problem as Error).message;
    }
    isBusy = false;
  }
</script>

<svelte:head><title>Set a password · Lowfield</title></svelte:head>

<main class="mx-auto mt-24 w-[360px]">
  <p class="mb-6 flex items-center gap-2 text-lg font-semibold">
    <img src="/icon.svg" alt="" class="size-6" />Lowfield
  </p>
  <h1 class="mb-4 text-xl">{person?.isInvitation ? `Welcome, ${person.name}` : 'Set a new password'}</h1>
  {#if person}
    <form class="space-y-4" onsubmit={use}>
      <p class="text-soft">You will sign in as {person.email}.</p>
      <input
        class="hidden"
        type="text"
        autocomplete="username"
        value={person.email}
        readonly
        tabindex="-1"
        aria-hidden="true"
      />
      <TextField
        label="New password"
        type="password"
        bind:value={password}
        required
        autocomplete="new-password"
        hint="12 to 72 letters; three or four words that do not belong together"
      />
      <TextField label="New password again" type="password" bind:value={again} required autocomplete="new-password" />
      <Told {sentence} />
      <button class="btn btn-main" disabled={isBusy}>Set the password and sign in</button>
    </form>
  {:else}
    <Told {sentence} />
    {#if sentence}<p class="mt-4"><a href="/">To the desk</a></p>{:else}<p class="text-soft">Reading the link…</p>{/if}
  {/if}
</main>
