<script lang="ts">
  import { onMount, type Snippet } from 'svelte';
  import { Problem } from '$lib/api/client';
  import { keys } from '$lib/keys.svelte';
  import { session } from '$lib/session.svelte';
  import EnterPassword from '$features/accounts/EnterPassword.svelte';
  import SignIn from '$features/accounts/SignIn.svelte';
  import UseLink from '$features/accounts/UseLink.svelte';
  import Palette from '$features/commands/Palette.svelte';
  import Told from '$ui/Told.svelte';
  import { navigate, route } from './router';

  let { children }: { children: Snippet } = $props();
  let away = $state('');

  async function load(): Promise<void> {
    try {
      await session.load();
      away = '';
    } catch (problem) {
      away = problem instanceof Problem ? problem.message : 'The server cannot be reached.';
      setTimeout(load, 2000);
    }
  }
  onMount(() => void load());

  // The rooms that all guides share keep the way back to the guide that one came from.
  const SHARED = ['/catalogue', '/shops', '/people', '/account'];
  const KEPT = 'lowfield.guide';
  let last = $state(sessionStorage.getItem(KEPT) ?? '');
  const asked = $derived((route.params as Record<string, string>).guide);
  const guide = $derived(asked ?? (SHARED.some((path) => route.pathname.startsWith(path)) ? last : ''));
  $effect(() => {
    if (!asked) return;
    last = asked;
    sessionStorage.setItem(KEPT, asked);
  });
  const own = $derived(
    guide
      ? [
          { path: `/guides/${guide}`, label: 'Desk', exact: true },
          { path: `/guides/${guide}/round`, label: 'Round' },
          { path: `/guides/${guide}/prices`, label: 'Prices' },
          { path: `/guides/${guide}/press`, label: 'Press' },
        ]
      : [],
  );
  const rooms = $derived([
    { path: '/catalogue', label: 'Catalogue' },
    { path: '/shops', label: 'Shops' },
    ...(session.person?.role === 'OWNER' ? [{ path: '/people', label: 'People' }] : []),
  ]);
  const isHere = (path: string, exact = false) =>
    exact ? route.pathname === path || route.pathname.startsWith(`${path}/editions`) : route.pathname.startsWith(path);

  $effect(() => {
    const go = (path: string) => void navigate(path as '/');
    return keys.add([
      ...own.map((link, i) => ({
        key: String.fromCharCode('1'.charCodeAt(0) + i),
        label: `Go to ${link.label.toLowerCase()}`,
        run: () => go(link.path),
      })),
      { key: 'c', label: 'Go to catalogue', run: () => go('/catalogue') },
      { key: 's', label: 'Go to shops', run: () => go('/shops') },
      { key: '.', label: 'Commands', run: () => (keys.paletteOpen = true) },
      { key: '?', label: 'All keys', run: () => (keys.paletteOpen = true) },
    ]);
  });

  // Until a second factor is set up that everybody must have, the server answers nothing else.
  $effect(() => {
    if (session.needsFactor && route.pathname !== '/account') void navigate('/account');
  });

  /** Where a view takes the place of another, keys go on in it and not from the top of the page. */
  let content = $state<HTMLElement>();
  let before = route.pathname;
  $effect(() => {
    if (route.pathname !== before && document.activeElement === document.body) {
      content?.focus({ preventScroll: true });
    }
    before = route.pathname;
  });
</script>

<svelte:window onkeydown={(event) => keys.handle(event)} />

{#if !session.isKnown}
  <main class="p-6">
    {#if away}<Told sentence={away} />{:else}<p class="text-soft">Opening the desk…</p>{/if}
  </main>
{:else if route.pathname === '/link'}
  <UseLink onin={() => void navigate('/')} />
{:else if !session.person}
  <SignIn />
{:else}
  <a href="#main" class="sr-only focus:not-sr-only">To the content</a>
  <header class="flex min-h-12 flex-wrap items-center gap-x-1 border-b border-hairline bg-sheet px-4 sm:px-6">
    <a href="/" class="mr-6 flex h-12 items-center gap-2 font-semibold no-underline"
      ><img src="/icon.svg" alt="" class="size-5" />Lowfield</a
    >
    <nav aria-label="Rooms" class="flex h-12 items-stretch overflow-x-auto max-md:order-last max-md:h-10 max-md:w-full">
      {#each own as link (link.path)}
        <a
          href={link.path}
          aria-current={isHere(link.path, link.exact) ? 'page' : undefined}
          class="flex items-center border-b-2 px-3 font-medium no-underline {isHere(link.path, link.exact)
            ? 'border-moss text-ink'
            : 'border-transparent text-soft hover:text-ink'}">{link.label}</a
        >
      {/each}
      {#if own.length}<span class="w-6"></span>{/if}
      {#each rooms as link (link.path)}
        <a
          href={link.path}
          aria-current={isHere(link.path) ? 'page' : undefined}
          class="flex items-center border-b-2 px-3 font-medium no-underline {isHere(link.path)
            ? 'border-moss text-ink'
            : 'border-transparent text-soft hover:text-ink'}">{link.label}</a
        >
      {/each}
    </nav>
    <div class="ml-auto flex items-center gap-4">
      <button class="small flex items-center gap-1" onclick={() => (keys.paletteOpen = true)}
        ><span class="key">.</span> commands</button
      >
      <a
        href="/account"
        aria-current={isHere('/account') ? 'page' : undefined}
        class="hover:underline {isHere('/account') ? 'underline' : 'no-underline'}">{session.person.name}</a
      >
      <button class="btn-quiet small" onclick={() => void session.signOut()}>Sign out</button>
    </div>
  </header>
  <div id="main" tabindex="-1" class="outline-none" bind:this={content}>{@render children()}</div>
  <Palette />
  <EnterPassword />
{/if}
