<script lang="ts">
  import FirstSteps from '$features/guide/FirstSteps.svelte';
  import { useGuides } from '$features/guide/queries';

  const guides = useGuides();
</script>

<svelte:head><title>Guides · Lowfield</title></svelte:head>

<main class="mx-auto max-w-3xl p-6">
  <div class="flex items-baseline justify-between border-b border-ink pb-2">
    <h1 class="text-xl">Guides</h1>
    <a href="/new-guide" class="btn no-underline">New guide</a>
  </div>
  {#each guides.data ?? [] as guide (guide.id)}
    <a
      href="/guides/{guide.slug}"
      class="flex items-baseline justify-between border-b border-hairline py-4 no-underline hover:bg-tint"
    >
      <span class="text-[17px] font-semibold">{guide.name}</span><span class="text-soft"
        >{guide.schedule}, {guide.region}, {guide.currency}</span
      >
    </a>
  {:else}
    {#if guides.isSuccess}<FirstSteps />{/if}
  {/each}
</main>
