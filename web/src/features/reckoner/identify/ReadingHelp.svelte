<script lang="ts">
  import { api } from './api'
  import { onMount } from 'svelte'
  import { ProblemError, type Schemas } from '$api/request'
  import { Field } from '$ui/field'

  let help = $state.raw<Schemas['ReadingHelpView'] | null>(null)
  let text = $state('')

  async function ask(): Promise<void> {
    try {
      help = await api.readingHelp(text.trim())
    } catch (error) {
      if (!(error instanceof ProblemError)) throw error
    }
  }

  onMount(() => void ask())
</script>

<section aria-labelledby="reading" class="flex flex-col gap-3">
  <h2 id="reading" class="type-h">Reading a ring</h2>
  <Field
    class="max-w-64"
    label="A number as it stands there"
    autocomplete="off"
    autocapitalize="characters"
    spellcheck="false"
    placeholder="LM67048"
    bind:value={text}
    oninput={() => void ask()}
  />
  {#if help}
    {#if help.pieces.length > 0}
      <dl class="border-t-2 border-ink">
        {#each help.pieces as piece, i (i)}
          <div class="grid grid-cols-[4.5rem_1fr] gap-x-3 border-b border-rule py-1.5">
            <dt class="type-num font-bold">{piece.part}</dt>
            <dd class="text-label">{piece.meaning}</dd>
          </div>
        {/each}
      </dl>
    {:else if text.trim() !== ''}
      <p class="text-label">
        No pattern known here. It may be the batch, the country or a maker’s own number.
      </p>
    {/if}
    <ol class="list-decimal pl-5 text-label">
      {#each help.whereToLook as line (line)}<li class="py-0.5">{line}</li>{/each}
    </ol>
  {/if}
</section>
