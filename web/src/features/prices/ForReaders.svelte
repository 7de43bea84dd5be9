<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { api, taken, type Schemas } from '$lib/api/client';
  import Told from '$ui/Told.svelte';

  /** Puts a chart on the reader page of the edition in work, or takes it off. */
  let { edition, chart }: { edition: Schemas['EditionInfo']; chart: Schemas['ChartChoice'] } = $props();
  const queries = useQueryClient();
  let sentence = $state('');
  const isSame = (c: Schemas['ChartChoice']) => c.of === chart.of && c.id === chart.id;
  const shown = $derived(edition.charts.some(isSame));

  async function toggle(): Promise<void> {
    try {
      await taken(
        api.PUT('/api/editions/{edition}/charts', {
          params: { path: { edition: edition.id }, header: { 'If-Match': `"${edition.version}"` } },
          body: shown ? edition.charts.filter((c) => !isSame(c)) : [...edition.charts, chart],
        }),
      );
      sentence = '';
    } catch (problem) {
      sentence = (problem as Error).message;
    }
    await queries.invalidateQueries({ queryKey: ['desk'] });
  }
</script>

{#if edition.state === 'IN_WORK'}
  <label class="small inline-flex items-center gap-2"
    ><input type="checkbox" checked={shown} onchange={toggle} />on the reader page of edition {edition.number}</label
  >
  <Told {sentence} />
{/if}
