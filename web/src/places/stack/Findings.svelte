<script lang="ts">
  import type { Board } from '../../api/client';
  import Findings from '../../parts/Findings.svelte';
  import AddHere from '../../shelving/AddHere.svelte';
  import { editing } from '../../state/editing.svelte';
  import { kit } from '../../state/kit.svelte';
  import { routes } from '../../state/routes.svelte';
  import { vocabulary } from '../../state/vocabulary.svelte';

  /** Boards that the route cannot do without and that nobody owns yet: a mend could not name one. */
  const lacking = $derived(
    (routes.of(editing.draft?.route)?.boards ?? []).filter(
      (kind) => !kit.inUse('boards').some((board: Board) => board.kind === kind),
    ),
  );
</script>

<div class="flex flex-col gap-2" role="group" aria-live="polite" aria-label="Findings">
  {#if editing.failed}
    <p class="border-ochre-line bg-ochre-wash border-l-4 px-4 py-2">{editing.failed}</p>
  {/if}
  <Findings
    findings={editing.answer?.findings ?? []}
    most={2}
    onmend={(mend) => editing.change(mend.draft)}
  />
  {#each lacking as kind, at (at)}
    <AddHere
      says="Not on your shelves yet: {vocabulary.kind('boards', kind)}."
      fits={({ things }) => things.boards.some((b) => b.kind === kind)}
      shelf="boards"
    />
  {/each}
</div>
