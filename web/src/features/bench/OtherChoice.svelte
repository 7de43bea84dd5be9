<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import { like, typedMinor } from '$lib/money';
  import Choose from '$ui/Choose.svelte';
  import Dialog from '$ui/Dialog.svelte';
  import TextField from '$ui/TextField.svelte';
  import PickPart from '$features/catalogue/PickPart.svelte';
  import Told from '$ui/Told.svelte';

  /** A choice that is not a part of the catalogue. */
  let {
    open = $bindable(),
    slotLabel,
    kind,
    currency,
    onchoose,
  }: {
    open: boolean;
    slotLabel: string;
    kind: Schemas['PartView']['kind'];
    currency: string;
    onchoose: (choice: Schemas['ChoiceState']) => void;
  } = $props();
  let type = $state<Schemas['ChoiceState']['type']>('FREE_HAND');
  let name = $state('');
  let price = $state('');
  let isAvailable = $state(false);
  let figuresOf = $state<string>();
  const hasFigures = $derived(type === 'FREE_HAND' || type === 'OWNED');
  let sentence = $state('');
  const kinds: { value: Schemas['ChoiceState']['type']; label: string }[] = [
    { value: 'FREE_HAND', label: 'unlisted part, with a typed price' },
    { value: 'IN_THE_BOX', label: 'in the box of another part' },
    { value: 'ON_THE_BOARD', label: 'on the motherboard' },
    { value: 'OWNED', label: 'already owned' },
    { value: 'NONE', label: 'deliberately none' },
    { value: 'EMPTY', label: 'nothing chosen yet' },
  ];

  function choose(event: SubmitEvent): void {
    event.preventDefault();
    const minor = typedMinor(price, currency);
    if (type === 'FREE_HAND' && minor == null) {
      sentence = `"${price.slice(0, 20)}" is not a price in ${currency}; write it like ${like(45, currency)}.`;
      return;
    }
    const free = type === 'FREE_HAND';
    onchoose({
      type,
      ...(free
        ? { name, priceMinor: minor!, currency, available: isAvailable }
        : name && type !== 'NONE' && type !== 'EMPTY'
          ? { what: name }
          : {}),
      ...(hasFigures && figuresOf ? { part: figuresOf } : {}),
    });
    sentence = '';
    open = false;
  }
</script>

<Dialog bind:open title="{slotLabel}: something else">
  <form class="space-y-4 px-6 py-4" onsubmit={choose}>
    <Choose label="It is" bind:value={type} options={kinds} />
    {#if type !== 'NONE' && type !== 'EMPTY'}<TextField
        label={type === 'FREE_HAND' ? 'Name' : 'What it is, in words'}
        bind:value={name}
        maxlength={160}
        required={type === 'FREE_HAND'}
      />{/if}
    {#if type === 'FREE_HAND'}<TextField
        label="Price of one, {currency}"
        bind:value={price}
        inputmode="decimal"
        required
      /><label class="flex items-center gap-2"
        ><input type="checkbox" bind:checked={isAvailable} />Anyone can buy it today</label
      >{/if}
    {#if hasFigures}<PickPart
        label="Has the figures of (so that checks can decide)"
        {kind}
        bind:part={figuresOf}
      />{/if}
    <Told {sentence} />
    <button class="btn btn-main">Choose</button>
  </form>
</Dialog>
