<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { api, taken, type Schemas } from '$lib/api/client';
  import { session } from '$lib/session.svelte';
  import TextField from '$ui/TextField.svelte';
  import Told from '$ui/Told.svelte';
  import { Acting } from './acting.svelte';
  import { secondFactor } from './queries';
  import RecoveryCodes from './RecoveryCodes.svelte';

  /** One's own second factor: set up by drawing and code, turned off, new recovery codes. */
  const acting = new Acting(useQueryClient(), 'second-factor');
  const own = secondFactor();
  let setup = $state<Schemas['Setup'] | null>(null);
  let code = $state('');
  let codes = $state<string[]>([]);

  const begin = () =>
    acting.act(async () => {
      codes = [];
      setup = await taken(api.POST('/api/account/second-factor', {}));
    });
  const confirm = (event: SubmitEvent) => {
    event.preventDefault();
    return acting.act(async () => {
      codes = (await taken(api.PUT('/api/account/second-factor', { body: { code } }))).codes;
      setup = null;
      code = '';
      await session.load();
    }, 'Your second factor is on. Your other sessions have ended.');
  };
  const renew = () =>
    acting.act(async () => {
      codes = (await taken(api.POST('/api/account/second-factor/recovery-codes', {}))).codes;
    }, 'New recovery codes made. The old ones no longer count.');
  const end = () =>
    acting.act(async () => {
      await taken(api.DELETE('/api/account/second-factor', {}));
      codes = [];
    }, 'Your second factor is off.');
</script>

<section class="mt-8 space-y-3" aria-labelledby="second-factor">
  <h2 id="second-factor" class="border-b border-hairline pb-1">Second factor</h2>
  {#if session.needsFactor}<p class="text-clay">
      Everybody at this desk has a second factor. Set yours up to go on.
    </p>{/if}
  <Told sentence={acting.sentence} /><Told sentence={acting.done} tone="moss" />
  {#if own.data?.isOn}
    <p>On. Signing in asks for a code from your app. Recovery codes left: {own.data.codesLeft}.</p>
    <div class="flex flex-wrap gap-2">
      <button class="btn" onclick={() => void renew()}>New recovery codes</button>
      {#if !own.data.isRequired}<button class="btn" onclick={() => void end()}>Turn off</button>{/if}
    </div>
  {:else if setup}
    <form class="flex flex-wrap gap-6" onsubmit={(event) => void confirm(event)}>
      <svg
        viewBox="-2 -2 {setup.size + 4} {setup.size + 4}"
        class="size-48 bg-white"
        role="img"
        aria-label="QR code of the secret"><path d={setup.drawing} fill="#000" shape-rendering="crispEdges" /></svg
      >
      <div class="max-w-sm space-y-3">
        <p>Scan this code with an authenticator app, or type the secret into it. Then enter the six digits it shows.</p>
        <p class="font-mono break-all">{setup.secret.match(/.{1,4}/g)?.join(' ')}</p>
        <TextField
          label="Code"
          bind:value={code}
          required
          inputmode="numeric"
          maxlength={10}
          autocomplete="one-time-code"
        />
        <button class="btn btn-main">Turn on</button>
      </div>
    </form>
  {:else if own.data}
    <p class="text-soft">
      Off. With it, signing in also takes a code from an app: a stolen password alone is not enough.
    </p>
    <button class="btn" onclick={() => void begin()}>Set up</button>
  {/if}
  {#if codes.length}<RecoveryCodes {codes} />{/if}
</section>
