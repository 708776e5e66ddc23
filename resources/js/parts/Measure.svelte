<script lang="ts">
    /**
     * A text with measures, whose fractions are set as fractions: "3 × 4 1/4". A sentence may wrap. A measure wraps only if its
     * line is too short.
     */
    let { text, wraps = false }: { text: string; wraps?: boolean } = $props()

    const pieces = $derived(text.split(/(\d+\/\d+)/))
</script>

<span class:whole={!wraps}
    >{#each pieces as piece, i (i)}{#if i % 2}<span class="fraction">{piece}</span>{:else}{piece}{/if}{/each}</span
>

<style>
    .whole {
        display: inline-block;
        max-width: 100%;
    }

    .fraction {
        font-feature-settings: 'frac' 1;
    }
</style>
