<script lang="ts">
  import { createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { api, taken, type Schemas } from '$lib/api/client';
  import { send } from '$lib/api/send';
  import Told from '$ui/Told.svelte';
  import TextField from '$ui/TextField.svelte';
  import { refusal, type Subject, subjectPath } from './pictures';

  /** The author's own pictures: of a part or a build, of which lists and pages show the first, or for the texts of a guide. */
  let { of: subject, onput }: { of: Subject; onput?: (picture: Schemas['Picture']) => void } = $props();
  const queries = useQueryClient();
  const path = $derived(subjectPath(subject));
  let file = $state<File>();
  let alternative = $state('');
  let sentence = $state('');
  let share = $state<number>();
  let out = $state<Schemas['Picture']>();
  let picker = $state<HTMLInputElement>();
  let sending: AbortController | undefined;

  const list = createQuery(() => ({
    queryKey: ['pictures', path],
    queryFn: () =>
      subject.part !== undefined
        ? taken(api.GET('/api/parts/{id}/pictures', { params: { path: { id: subject.part } } }))
        : subject.guide !== undefined
          ? taken(api.GET('/api/guides/{guide}/pictures', { params: { path: { guide: subject.guide } } }))
          : taken(
              api.GET('/api/editions/{edition}/builds/{build}/pictures', {
                params: { path: { edition: subject.edition, build: subject.build } },
              }),
            ),
  }));

  async function done(work: Promise<unknown>): Promise<boolean> {
    try {
      await work;
      sentence = '';
      return true;
    } catch (problem) {
      sentence = (problem as Error).message;
      return false;
    } finally {
      await queries.invalidateQueries({ queryKey: ['pictures', path] });
      await queries.invalidateQueries({ queryKey: ['candidates'] });
    }
  }

  function choose(chosen: File | undefined): void {
    sentence = chosen ? refusal(chosen) : '';
    file = sentence ? undefined : chosen;
  }

  async function add(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    if (!file) return;
    sending = new AbortController();
    share = 0;
    const to = `${path}?alternative=${encodeURIComponent(alternative)}`;
    const isAdded = await done(send(to, file, (part) => (share = part), sending.signal));
    share = undefined;
    if (!isAdded) return;
    file = undefined;
    alternative = '';
    if (picker) picker.value = '';
  }

  async function takeOut(picture: Schemas['Picture']): Promise<void> {
    if (await done(taken(api.DELETE('/api/pictures/{picture}', { params: { path: { picture: picture.id } } }))))
      out = picture;
  }

  async function putBack(picture: Schemas['Picture']): Promise<void> {
    if (await done(taken(api.POST('/api/pictures/{picture}/return', { params: { path: { picture: picture.id } } }))))
      out = undefined;
  }

  const describe = (picture: Schemas['Picture'], words: string) =>
    done(
      taken(
        api.PATCH('/api/pictures/{picture}', {
          params: { path: { picture: picture.id } },
          body: { alternative: words },
        }),
      ),
    );
</script>

<section aria-label="Pictures">
  <p class="label">Pictures</p>
  {#each list.data ?? [] as picture, i (picture.id)}
    <div class="flex items-start gap-2 border-b border-hairline py-1.5">
      <a href="/pictures/{picture.id}/large" target="_blank" rel="noreferrer" class="shrink-0"
        ><img src="/pictures/{picture.id}/small" alt={picture.alternative} class="h-14 w-20 object-contain" /></a
      >
      <div class="min-w-0 grow">
        <input
          class="field small py-0.5"
          maxlength="300"
          aria-label="What picture {i + 1} shows"
          value={picture.alternative}
          onchange={(e) => void describe(picture, e.currentTarget.value)}
        />
        <p class="small flex justify-between text-soft">
          {#if onput}<button
              type="button"
              class="btn-quiet small shrink-0 whitespace-nowrap"
              aria-label="Put into the text: {picture.alternative}"
              onclick={() => onput(picture)}>Put into the text</button
            >{:else}<span>{i ? '' : 'Shown in lists, on pages'}</span>{/if}<button
            type="button"
            class="btn-quiet small shrink-0 whitespace-nowrap"
            aria-label="Take out: {picture.alternative}"
            onclick={() => void takeOut(picture)}>Take out</button
          >
        </p>
      </div>
    </div>
  {:else}{#if list.isSuccess && !file}<p class="small text-soft">None yet.</p>{/if}{/each}
  {#if out}<p class="small mt-1" role="status">
      Taken out: {out.alternative}.
      <button type="button" class="btn-quiet small" onclick={() => void putBack(out!)}>Put it back</button>
    </p>{/if}
  <form class="mt-2 space-y-2" onsubmit={add}>
    <label class="block"
      ><span class="small block text-soft">PNG, JPEG or WebP, at most 10 MB</span><input
        bind:this={picker}
        class="file small mt-1 w-full"
        type="file"
        aria-label="Picture file"
        accept="image/png,image/jpeg,image/webp"
        onchange={(e) => choose(e.currentTarget.files?.[0])}
      /></label
    >
    {#if file}
      <TextField label="What it shows" bind:value={alternative} required maxlength={300} />
      <div class="flex items-center gap-2">
        <button class="btn btn-main" disabled={share !== undefined}>Add the picture</button>
        {#if share !== undefined}<span class="small" role="status">{Math.round(share * 100)}% sent</span><button
            type="button"
            class="btn-quiet small"
            onclick={() => sending?.abort()}>Stop</button
          >{/if}
      </div>
    {/if}
    <Told {sentence} />
  </form>
</section>
