<script lang="ts">
    /** The wishes that a share-out does not meet, each with its reason. */
    let { shortfalls }: { shortfalls: string[] } = $props()
</script>

{#if shortfalls.length}
    <ul aria-label="Not as asked">
        {#each shortfalls as one (one)}<li>{one}</li>{/each}
    </ul>
{/if}

<style>
    ul {
        margin: 0;
        padding: 0 0 0 1.25rem;
    }
</style>
