<script lang="ts">
  import { createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { api, taken, type Schemas } from '$lib/api/client';
  import Dialog from '$ui/Dialog.svelte';
  import Told from '$ui/Told.svelte';

  /** The chips of graphics cards and CPUs: named for all their parts; the name of another one makes the two one. */
  let { open = $bindable() }: { open: boolean } = $props();
  const queries = useQueryClient();
  const chips = createQuery(() => ({
    queryKey: ['chips'],
    queryFn: () => taken(api.GET('/api/chips')),
    enabled: open,
  }));
  let sentence = $state('');

  async function save(chip: Schemas['Chip'], change: { name?: string; maker?: string }): Promise<void> {
    const body = { name: chip.name, maker: chip.maker, ...change };
    if (body.name === chip.name && body.maker === chip.maker) return;
    try {
      await taken(
        api.PUT('/api/chips/{id}', {
          params: { path: { id: chip.id }, header: { 'If-Match': `"${chip.version}"` } },
          body,
        }),
      );
      sentence = '';
    } catch (problem) {
      sentence = (problem as Error).message;
    }
    await queries.invalidateQueries();
  }
</script>

<Dialog bind:open title="Chips">
  <div class="px-6 py-4">
    <p class="small mb-3 text-soft">
      A new name goes to every part with the chip. Give a chip the name of another one, and the two become one.
    </p>
    <Told {sentence} />
    {#each ['GRAPHICS_CARD', 'PROCESSOR'] as const as kind (kind)}
      {@const rows = (chips.data ?? []).filter((c) => c.kind === kind)}
      <h3 class="mt-3 mb-1 font-semibold">{kind === 'PROCESSOR' ? 'CPUs' : 'Graphics cards'}</h3>
      {#if rows.length}
        <table class="w-full">
          <thead
            ><tr class="small text-left text-soft"
              ><th class="font-normal">Chip</th><th class="font-normal">Maker</th><th class="text-right font-normal"
                >Parts</th
              ></tr
            ></thead
          >
          <tbody>
            {#each rows as chip (chip.id + chip.version)}<tr>
                <td class="py-0.5 pr-2"
                  ><input
                    class="field py-0.5"
                    aria-label="Name of {chip.name}"
                    maxlength="120"
                    value={chip.name}
                    onchange={(e) => void save(chip, { name: e.currentTarget.value })}
                  /></td
                >
                <td class="py-0.5 pr-2"
                  ><input
                    class="field py-0.5"
                    aria-label="Maker of {chip.name}"
                    maxlength="80"
                    value={chip.maker}
                    onchange={(e) => void save(chip, { maker: e.currentTarget.value })}
                  /></td
                >
                <td class="text-right">{chip.parts}</td>
              </tr>{/each}
          </tbody>
        </table>
      {:else}<p class="small text-soft">No part says which chip it has.</p>{/if}
    {/each}
  </div>
</Dialog>
