<script lang="ts">
  import { keys } from '$lib/keys.svelte';
  import Dialog from '$ui/Dialog.svelte';

  let query = $state('');
  const found = $derived(
    keys.commands.filter(
      (c) => c.label.toLowerCase().includes(query.trim().toLowerCase()) && c.key !== '.' && c.key !== '?',
    ),
  );
  let at = $state(0);

  function run(index: number): void {
    const command = found[index];
    keys.paletteOpen = false;
    query = '';
    at = 0;
    if (command) setTimeout(command.run);
  }

  function move(event: KeyboardEvent): void {
    if (event.key === 'Enter') run(at);
    else if (event.key === 'ArrowDown') at = Math.min(at + 1, found.length - 1);
    else if (event.key === 'ArrowUp') at = Math.max(at - 1, 0);
    else return;
    event.preventDefault();
  }
</script>

<Dialog bind:open={keys.paletteOpen} title="Commands">
  <div class="px-6 py-4">
    <input
      class="field"
      aria-label="Find a command"
      role="combobox"
      aria-expanded="true"
      aria-controls="commands"
      aria-activedescendant="command-{at}"
      bind:value={query}
      oninput={() => (at = 0)}
      onkeydown={move}
    />
  </div>
  <ul id="commands" role="listbox" aria-label="Commands" class="overflow-y-auto border-t border-hairline py-2">
    {#each found as command, i (command.key + command.label)}
      <!-- The input above has the focus and the keys; a row only takes the mouse. -->
      <!-- svelte-ignore a11y_click_events_have_key_events -->
      <li
        id="command-{i}"
        role="option"
        aria-selected={i === at}
        class="flex cursor-pointer items-center justify-between px-6 py-1.5 {i === at ? 'bg-tint' : ''}"
        onclick={() => run(i)}
        onmouseenter={() => (at = i)}
      >
        {command.label}<span class="key">{command.key}</span>
      </li>
    {:else}<li class="px-6 py-2 text-soft" role="option" aria-selected="false">No command has these words.</li>{/each}
  </ul>
</Dialog>
