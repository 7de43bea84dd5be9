<script lang="ts">
  import { QueryClient, QueryClientProvider } from '@tanstack/svelte-query';

  import { Router } from 'sv-router';
  import { Problem } from '$lib/api/client';
  import Tips from '$ui/Tips.svelte';
  import './routes/router';

  const queries = new QueryClient({
    defaultOptions: {
      queries: {
        retry: (count, error) => (error instanceof Problem ? error.isPassing && count < 5 : count < 2),
        staleTime: 5_000,
      },
    },
  });
</script>

<QueryClientProvider client={queries}>
  <Tips><Router /></Tips>
</QueryClientProvider>
