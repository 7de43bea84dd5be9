<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { Acting } from './acting.svelte';
  import { api, taken, type Schemas } from '$lib/api/client';
  import { session } from '$lib/session.svelte';
  import Dialog from '$ui/Dialog.svelte';
  import Told from '$ui/Told.svelte';
  import LinkToHand from './LinkToHand.svelte';

  let { person }: { person: Schemas['Listed'] } = $props();
  const acting = new Acting(useQueryClient(), 'people');
  const params = $derived({ path: { person: person.id } });
  const isSelf = $derived(session.person?.id === person.id);
  let link = $state<Schemas['Link'] | null>(null);
  let isRemoving = $state(false);
  const id = $props.id();

  const setRole = (role: 'OWNER' | 'EDITOR') =>
    acting.act(async () => {
      await taken(api.PUT('/api/people/{person}/role', { params, body: { role } }));
      if (isSelf) await session.load();
    });
  const makeLink = () =>
    acting.act(async () => (link = await taken(api.POST('/api/people/{person}/links', { params, body: undefined }))));
  const endSessions = () =>
    acting.act(() => taken(api.DELETE('/api/people/{person}/sessions', { params })), 'Signed out everywhere.');
  const endFactor = () =>
    acting.act(
      () => taken(api.DELETE('/api/people/{person}/second-factor', { params })),
      'Second factor turned off. The password alone signs in now.',
    );
  const remove = () =>
    acting.act(async () => {
      await taken(api.DELETE('/api/people/{person}', { params }));
      if (isSelf) await session.load();
      isRemoving = false;
    });
</script>

<li class="space-y-2 border-b border-hairline py-3">
  <div class="grid items-center gap-x-4 gap-y-2 lg:grid-cols-[1fr_248px_344px]">
    <p>
      <span class="font-medium">{person.name}</span>
      {#if isSelf}<span class="text-soft">(you)</span>{/if}
      <span class="block text-soft"
        >{person.email}{person.isInvited ? ' · invited, has not come yet' : ''}{person.hasSecondFactor
          ? ' · second factor on'
          : ''}</span
      >
    </p>
    <div>
      <label for={id} class="sr-only">What {person.name} may do</label>
      <select
        {id}
        class="field"
        value={person.role}
        onchange={(event) => void setRole(event.currentTarget.value as 'OWNER' | 'EDITOR')}
      >
        <option value="EDITOR">Editor: edits, publishes</option>
        <option value="OWNER">Owner: also looks after people</option>
      </select>
    </div>
    <div class="flex flex-wrap gap-2 lg:justify-end">
      <button class="btn" onclick={() => void makeLink()}
        >{person.isInvited ? 'New invitation' : 'Recovery link'}</button
      >
      {#if !person.isInvited && !isSelf}<button class="btn" onclick={() => void endSessions()}>End sessions</button
        >{/if}
      {#if person.hasSecondFactor && !isSelf}<button class="btn" onclick={() => void endFactor()}
          >Second factor off</button
        >{/if}
      <button class="btn" onclick={() => (isRemoving = true)}>Remove</button>
    </div>
  </div>
  <Told sentence={acting.sentence} /><Told sentence={acting.done} tone="moss" />
  {#if link}<LinkToHand {link} name={person.name} />{/if}
</li>

<Dialog bind:open={isRemoving} title="Remove {person.name}?">
  <div class="space-y-4 px-6 py-4">
    <p>
      {isSelf ? 'You are' : `${person.name} is`} signed out everywhere at once. What {isSelf ? 'you' : 'they'} did stays under
      {isSelf ? 'your' : 'their'} name. To come back, {isSelf ? 'you need' : 'they need'} a new invitation.
    </p>
    <Told sentence={acting.sentence} />
    <div class="flex gap-2">
      <button class="btn btn-main" onclick={() => void remove()}>Remove</button>
      <button class="btn" onclick={() => (isRemoving = false)}>Keep</button>
    </div>
  </div>
</Dialog>
