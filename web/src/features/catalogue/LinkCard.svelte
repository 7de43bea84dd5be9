<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import { Format } from '$lib/format';
  import Choose from '$ui/Choose.svelte';
  import TextField from '$ui/TextField.svelte';
  import Told from '$ui/Told.svelte';
  import type { Link } from './links.svelte';
  import { offerWords } from './offerWords';

  /** One page that was read: what the part is called, and every figure with where it was read, to be confirmed. */
  let { link, kinds, onsaved }: { link: Link; kinds: Schemas['KindView'][]; onsaved: () => void } = $props();
  const id = $props.id();
  const part = $derived(link.part);
  const format = $derived(new Format(link.page?.currency ?? 'EUR', 'en'));
  let main = $state<HTMLButtonElement>();

  // What was read is confirmed with one key; of many, the first takes it, and nobody is taken out of a field.
  $effect(() => {
    const isFree = [document.body, null].includes(document.activeElement as HTMLElement | null);
    if (link.state === 'read' && part && (isFree || document.activeElement?.tagName === 'TEXTAREA')) main?.focus();
  });

  async function save(): Promise<void> {
    await link.save();
    if (link.state === 'saved') onsaved();
  }
</script>

<section class="border-t border-hairline py-3" aria-label={link.address}>
  <p class="small truncate text-soft">{link.address}</p>
  {#if link.state === 'reading'}<p class="text-soft" role="status">Reading the page…</p>
  {:else if link.state === 'saved'}<p class="text-moss" role="status">
      {part?.known ? `${part.known.name} has the new figures.` : `${link.maker} ${link.name} is in the catalogue.`}
      {link.kept?.price}
    </p>
  {:else}
    <Told sentence={link.sentence} />
    {#if link.state === 'failed'}<button class="btn mt-1" onclick={() => void link.read()}>Read again</button>{/if}
    {#if link.page && link.page.products.length > 1}
      <label class="label mt-2 block" for="{id}-which"
        >The page shows {link.page.products.length} products; which one?</label
      >
      <select
        id="{id}-which"
        class="field"
        value={link.product ?? ''}
        onchange={(e) => e.currentTarget.value !== '' && link.choose(Number(e.currentTarget.value))}
      >
        <option value="">choose one</option>
        {#each link.page.products as product, i (i)}<option value={i}>{product.maker} {product.name}</option>{/each}
      </select>
    {/if}
    {#if part}
      {#if part.known}<p class="mt-1">
          <strong>{part.known.name}</strong> is in the catalogue already; {link.news.length
            ? `${link.news.length} figures are new or differ.`
            : 'nothing read here is new.'}
        </p>
      {:else}
        <fieldset class="mt-1 grid gap-3 sm:grid-cols-4">
          <legend class="sr-only">What it is called</legend>
          <Choose
            label="Kind"
            bind:value={() => link.kind, (kind) => void (kind && link.read(kind))}
            options={[
              { value: '' as const, label: 'choose' },
              ...kinds.map((k) => ({ value: k.kind, label: k.label })),
            ]}
          />
          <TextField label="Maker" bind:value={link.maker} required maxlength={80} />
          <TextField label="Product" bind:value={link.name} required maxlength={160} />
          <TextField label="Version" bind:value={link.variant} maxlength={80} placeholder="black, short, …" />
        </fieldset>
        <p class="small mt-1 text-soft">
          {[part.gtin ? `EAN/UPC ${part.gtin}` : '', part.makerNumber ? `maker's number ${part.makerNumber}` : '']
            .filter(Boolean)
            .join(', ') || 'no numbers were read'}{part.makerProposed
            ? '; the page states no maker, the name begins with this one'
            : ''}
        </p>
      {/if}
      {#if link.news.length}
        <fieldset>
          <legend class="label mt-2">Figures that were read; untick what is wrong</legend>
          <table class="small w-full">
            <tbody>
              {#each link.news as taken (taken.figure.field)}<tr class="border-t border-hairline align-top">
                  <th scope="row" class="w-56 py-1 pr-3 text-left font-normal text-soft">{taken.figure.label}</th>
                  <td class="py-1 pr-3">
                    {#each taken.values as value, i (i)}<label class="flex items-baseline gap-2"
                        ><input
                          type={taken.values.length > 1 ? 'radio' : 'checkbox'}
                          name="{id}-{taken.figure.field}"
                          checked={taken.chosen === i}
                          onchange={(e) => (taken.chosen = e.currentTarget.checked ? i : null)}
                        /><span class="font-medium">{value.shown}</span><span class="text-soft"
                          >{value.where}: “{value.words}”</span
                        ></label
                      >{/each}
                    {#if taken.values.length > 1 && taken.chosen == null}<span class="text-straw"
                        >The page says both; choose one, or leave it not known.</span
                      >{/if}
                  </td>
                </tr>{/each}
            </tbody>
          </table>
        </fieldset>
      {/if}
      <div class="mt-2 flex flex-wrap items-center gap-3">
        <button class="btn btn-main" bind:this={main} disabled={link.state === 'saving'} onclick={() => void save()}
          >{part.known ? (link.news.length ? 'Take the new figures' : 'Name its page') : 'Add the part'}</button
        >
        {#if part.offer}<label class="inline-flex items-center gap-2"
            ><input type="checkbox" bind:checked={link.takesPrice} />and its price at {link.page?.shopName}:
            {format.money(part.offer.priceMinor)}
            {link.page?.currency}{offerWords(part.offer)}</label
          >{/if}
      </div>
    {/if}
  {/if}
</section>
