<script lang="ts"></script>

<svelte:head><title>Not here · Lowfield</title></svelte:head>

<main class="p-6">
  <h1 class="text-lg">There is nothing at this address</h1>
  <p><a class="underline" href="/">To the guides</a></p>
</main>
