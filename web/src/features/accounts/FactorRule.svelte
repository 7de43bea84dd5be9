<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { api, taken } from '$lib/api/client';
  import Told from '$ui/Told.svelte';
  import { Acting } from './acting.svelte';
  import { secondFactor } from './queries';

  /** Whether everybody must have a second factor. */
  const acting = new Acting(useQueryClient(), 'second-factor');
  const own = secondFactor();

  const set = (required: boolean) =>
    acting.act(() => taken(api.PUT('/api/people/second-factor', { body: { required } })));
</script>

<section class="mt-8 space-y-2" aria-labelledby="factor-rule">
  <h2 id="factor-rule" class="border-b border-hairline pb-1">Second factor for everybody</h2>
  <Told sentence={acting.sentence} />
  <label class="flex items-start gap-2"
    ><input
      type="checkbox"
      class="mt-1"
      checked={own.data?.isRequired ?? false}
      onchange={(event) => void set(event.currentTarget.checked)}
    /><span
      >Required
      <span class="small block text-soft">Whoever has none sets one up at the next sign-in, before anything else.</span
      ></span
    ></label
  >
</section>
