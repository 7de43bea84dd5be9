<script lang="ts">
  import { api, taken } from '$lib/api/client';
  import { passwordAgain } from '$lib/passwordAgain.svelte';
  import { session } from '$lib/session.svelte';
  import Dialog from '$ui/Dialog.svelte';
  import TextField from '$ui/TextField.svelte';
  import Told from '$ui/Told.svelte';

  let password = $state('');
  let sentence = $state('');

  async function enter(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    try {
      await taken(api.POST('/api/session/password', { body: { password } }));
      close(true);
    } catch (problem) {
      sentence = (problem as Error).message;
    }
  }

  function close(entered: boolean): void {
    password = sentence = '';
    passwordAgain.done(entered);
  }
</script>

<Dialog
  bind:open={
    () => passwordAgain.isAsking,
    (open) => {
      if (!open) close(false);
    }
  }
  title="Your password, please"
>
  <form class="space-y-4 px-6 py-4" onsubmit={enter}>
    <p>This changes who may do what here. Enter your password again; it counts for ten minutes.</p>
    <input
      class="hidden"
      type="text"
      autocomplete="username"
      value={session.person?.email}
      readonly
      tabindex="-1"
      aria-hidden="true"
    />
    <TextField label="Password" type="password" bind:value={password} required autocomplete="current-password" />
    <Told {sentence} />
    <div class="flex gap-2">
      <button class="btn btn-main">Continue</button>
      <button type="button" class="btn" onclick={() => close(false)}>Cancel</button>
    </div>
  </form>
</Dialog>
