<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import SecondFactor from '$features/accounts/SecondFactor.svelte';
  import { Acting } from '$features/accounts/acting.svelte';
  import { sessions, shownAt } from '$features/accounts/queries';
  import { api, taken } from '$lib/api/client';
  import { session } from '$lib/session.svelte';
  import TextField from '$ui/TextField.svelte';
  import Told from '$ui/Told.svelte';

  const acting = new Acting(useQueryClient(), 'sessions');
  const open = sessions();
  const empty = () => ({ old: '', fresh: '', again: '' });
  let typed = $state(empty());

  function change(event: SubmitEvent): void {
    event.preventDefault();
    if (typed.fresh !== typed.again) {
      acting.sentence = 'The new password is not the same twice; nothing was changed.';
      return;
    }
    const body = { old: typed.old, fresh: typed.fresh };
    void acting.act(async () => {
      await taken(api.PUT('/api/account/password', { body }));
      typed = empty();
    }, 'Password changed. You stay signed in here; all your other sessions have ended.');
  }

  const end = (key: string) =>
    acting.act(
      () => taken(api.DELETE('/api/account/sessions/{key}', { params: { path: { key } } })),
      'The session has ended.',
    );
  const endOthers = () =>
    acting.act(() => taken(api.DELETE('/api/account/sessions', {})), 'All your other sessions have ended.');
</script>

<svelte:head><title>Your account · Lowfield</title></svelte:head>

<main class="mx-auto max-w-4xl px-6 py-4">
  <h1 class="border-b border-ink pb-2 text-[17px]">Your account</h1>
  <p class="py-2">{session.person?.name} <span class="text-soft">{session.person?.email}</span></p>
  <div class="my-2 space-y-2"><Told sentence={acting.sentence} /><Told sentence={acting.done} tone="moss" /></div>
  <form class="mt-4 max-w-sm space-y-4" onsubmit={change}>
    <h2>Change the password</h2>
    <input
      class="hidden"
      type="text"
      autocomplete="username"
      value={session.person?.email}
      readonly
      tabindex="-1"
      aria-hidden="true"
    />
    <TextField label="Old password" type="password" bind:value={typed.old} required autocomplete="current-password" />
    <TextField
      label="New password"
      type="password"
      bind:value={typed.fresh}
      required
      autocomplete="new-password"
      hint="12 to 72 letters; three or four words that do not belong together"
    />
    <TextField
      label="New password again"
      type="password"
      bind:value={typed.again}
      required
      autocomplete="new-password"
    />
    <button class="btn btn-main">Change the password</button>
  </form>
  <SecondFactor />
  <section class="mt-8" aria-labelledby="sessions">
    <div class="flex items-end justify-between border-b border-hairline pb-1">
      <h2 id="sessions">Where you are signed in</h2>
      {#if (open.data ?? []).length > 1}<button class="btn" onclick={() => void endOthers()}>End all others</button
        >{/if}
    </div>
    {#if open.isError}<Told sentence={(open.error as Error).message} />{/if}
    <ul>
      {#each open.data ?? [] as one (one.key)}
        <li class="flex items-center gap-4 border-b border-hairline py-2">
          <p class="min-w-0 grow">
            <span class="font-medium">{one.isThis ? 'Here' : `From ${one.network}`}</span>
            <span class="text-soft"> since {shownAt(one.since)}, last used {shownAt(one.lastUsed)}</span>
            <span class="small block truncate text-soft" title={one.browser}>{one.browser}</span>
          </p>
          {#if !one.isThis}<button class="btn" onclick={() => void end(one.key)}>End</button>{/if}
        </li>
      {/each}
    </ul>
  </section>
</main>
