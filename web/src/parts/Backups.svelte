<script lang="ts">
  import { api, asked, type Schemas } from '../api/client';
  import { Question } from '../asking/question.svelte';
  import { tell } from '../state/messages.svelte';
  import Button from './Button.svelte';

  /** Copies of the workshop: how old, how large, and one press brings one back. */
  const all = new Question<Schemas['Backups']>();
  $effect(() => all.follow((signal) => asked(api.GET('/api/backups', { signal }))));

  const WHY: Record<Schemas['Backup']['kind'], string> = {
    DAILY: 'of the day',
    BEFORE: 'before an import',
    ASKED: 'by you',
  };
  let sure = $state('');
  let busy = $state(false);
  const SHOWN = 6;
  const size = (bytes: number) =>
    bytes < 1_000_000 ? `${Math.ceil(bytes / 1000)} kB` : `${Math.round(bytes / 100_000) / 10} MB`;
  const when = (at: string) => new Date(at).toLocaleString([], { dateStyle: 'medium', timeStyle: 'short' });

  async function busily(work: () => Promise<unknown>) {
    busy = true;
    try {
      await work();
    } catch (trouble) {
      tell(trouble);
    } finally {
      busy = false;
      all.retry();
    }
  }

  const make = () => busily(() => asked(api.POST('/api/backups')));
  const letBe = () => busily(() => asked(api.DELETE('/api/backups/set-aside')));
  const restore = (id: string) =>
    busily(async () => {
      await asked(api.POST('/api/backups/{id}/restore', { params: { path: { id } } }));
      // Nothing of the workshop that is gone may stay on the page.
      location.hash = '/bench';
      location.reload();
    });
</script>

<section class="border-rule mt-4 border-t pt-4">
  <h3 class="text-lead mb-2">Backups</h3>
  {#if all.answer?.setAside}
    <div class="border-ochre-line bg-ochre-wash mb-3 border-l-4 px-3 py-2" role="alert">
      <p>
        {all.answer.setAside}
        {all.answer.backups.length > 0
          ? 'Restore the newest backup below.'
          : 'There is no backup to restore.'}
      </p>
      <Button kind="quiet" disabled={busy} onclick={letBe}>I do not need it</Button>
    </div>
  {/if}
  <p class="text-soft">
    Glanzen makes a backup once a day and before each import, and checks it. Backups are kept in your data
    folder.
  </p>
  <ul class="mt-2">
    {#each all.answer?.backups.slice(0, SHOWN) ?? [] as backup (backup.id)}
      <li class="border-rule flex flex-wrap items-center justify-between gap-2 border-t py-1">
        <span>{when(backup.at)}, {WHY[backup.kind]}, {size(backup.bytes)}</span>
        {#if sure === backup.id}
          <span class="flex gap-2">
            <Button kind="strong" disabled={busy} onclick={() => restore(backup.id)}
              >{busy ? 'Restoring…' : 'Replace what is here'}</Button
            >
            <Button kind="quiet" disabled={busy} onclick={() => (sure = '')}>Cancel</Button>
          </span>
        {:else}
          <Button kind="quiet" disabled={busy} onclick={() => (sure = backup.id)}>Restore</Button>
        {/if}
      </li>
    {:else}
      <li class="text-soft border-rule border-t py-1">
        No backup yet. The first is made one minute after Glanzen starts.
      </li>
    {/each}
  </ul>
  <Button class="mt-2" disabled={busy} onclick={make}>{busy ? 'Saving…' : 'Back up now'}</Button>
</section>
