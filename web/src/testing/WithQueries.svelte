<script lang="ts">
  import { QueryClient, QueryClientProvider } from '@tanstack/svelte-query';
  import type { Component } from 'svelte';

  /** Puts a component under test where it finds a query client of its own, which never asks twice. */
  let { of: Under, props }: { of: Component<Record<string, unknown>>; props: Record<string, unknown> } = $props();
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
</script>

<QueryClientProvider {client}><Under {...props} /></QueryClientProvider>
