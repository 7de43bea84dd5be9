<script lang="ts">
  import { session } from '$lib/session.svelte';
  import TextField from '$ui/TextField.svelte';
  import Told from '$ui/Told.svelte';

  let email = $state('');
  let password = $state('');
  let name = $state('');
  let token = $state('');
  let code = $state('');
  let needsCode = $state(false);
  let sentence = $state('');
  let isBusy = $state(false);

  const first = (node: HTMLElement) => node.querySelector('input')?.focus();

  async function submit(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    isBusy = true;
    sentence = '';
    try {
      if (session.isEmpty) await session.first(token, email, name, password);
      else needsCode = await session.signIn(email, password, needsCode ? code : undefined);
    } catch (problem) {
      sentence = problem instanceof Error ? problem.message : String(problem);
    }
    isBusy = false;
  }
</script>

<main class="mx-auto mt-24 w-[360px]">
  <p class="mb-6 flex items-center gap-2 text-lg font-semibold">
    <img src="/icon.svg" alt="" class="size-6" />Lowfield
  </p>
  <h1 class="mb-4 text-xl">{session.isEmpty ? 'The first account' : 'Sign in'}</h1>
  <form class="space-y-4" onsubmit={submit}>
    {#if session.isEmpty}
      <p class="text-soft">
        Nobody can sign in yet. <code>./lowfield start</code> printed a one-time token on the console.
      </p>
      <TextField label="One-time token" bind:value={token} required autocomplete="off" />
      <TextField label="Your name" bind:value={name} required maxlength={100} autocomplete="name" />
    {/if}
    <TextField label="E-mail address" type="email" bind:value={email} required autocomplete="username" />
    <TextField
      label="Password"
      type="password"
      bind:value={password}
      required
      autocomplete={session.isEmpty ? 'new-password' : 'current-password'}
      hint={session.isEmpty ? '12 to 72 letters; three or four words that do not belong together' : ''}
    />
    {#if needsCode}<div use:first>
        <TextField
          label="Code"
          bind:value={code}
          required
          maxlength={40}
          autocomplete="one-time-code"
          hint="From your app, or a recovery code"
        />
      </div>{/if}
    <Told {sentence} />
    <button class="btn btn-main" disabled={isBusy}>{session.isEmpty ? 'Make the account' : 'Sign in'}</button>
    {#if !session.isEmpty}<p class="small text-soft">
        Forgot your password? An owner of this desk can make you a recovery link, under People.
      </p>{/if}
  </form>
</main>
