<script lang="ts">
  import { sentence } from '$features/accounts/events';
  import FactorRule from '$features/accounts/FactorRule.svelte';
  import Invite from '$features/accounts/Invite.svelte';
  import PersonRow from '$features/accounts/PersonRow.svelte';
  import { people, peopleLog, shownAt } from '$features/accounts/queries';
  import Told from '$ui/Told.svelte';

  const all = people();
  const log = peopleLog();
</script>

<svelte:head><title>People · Lowfield</title></svelte:head>

<main class="mx-auto max-w-4xl px-4 py-4 sm:px-6">
  <h1 class="border-b border-ink pb-2 text-[17px]">People of this desk</h1>
  {#if all.isError}<Told sentence={(all.error as Error).message} />{/if}
  <ul>
    {#each all.data ?? [] as person (person.id)}<PersonRow {person} />{/each}
  </ul>
  <Invite />
  <FactorRule />
  <section class="mt-8" aria-labelledby="log">
    <h2 id="log" class="border-b border-hairline pb-1">What happened</h2>
    <p class="small my-2 text-soft">
      Sign-ins, failures and changes of people. Failures from one network carry the same mark for a day; then it is
      dropped.
    </p>
    {#if log.isError}<Told sentence={(log.error as Error).message} />{/if}
    <ul>
      {#each log.data ?? [] as line, i (i)}
        <li class="flex flex-wrap gap-x-4 border-b border-hairline py-1">
          <time class="w-44 shrink-0 text-soft" datetime={line.at}>{shownAt(line.at)}</time>
          <span class="grow">{sentence(line)}</span>
          {#if line.place}<span class="small text-soft">from {line.place}</span>{/if}
        </li>
      {/each}
    </ul>
  </section>
</main>
