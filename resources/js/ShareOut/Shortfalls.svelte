<script lang="ts">
    /** What was asked of a share-out and is not met, each with its reason. */
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
