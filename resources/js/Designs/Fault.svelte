<script lang="ts">
    import type { Desk } from './desk.svelte'

    /** The fault at a place of what is written. */
    let { desk, place }: { desk: Desk; place: string } = $props()
</script>

{#if desk.faultAt(place)}<span class="fault" role="alert">{desk.faultAt(place)}</span>{/if}

<style>
    span {
        flex-basis: 100%;
    }
</style>
