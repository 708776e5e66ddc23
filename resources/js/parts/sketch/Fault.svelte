<script lang="ts">
    import type { SketchDesk } from '@/lib/sketchDesk.svelte'

    /** What is wrong at a place of the sketch. */
    let { desk, place }: { desk: SketchDesk; place: string } = $props()
</script>

{#if desk.faultAt(place)}<span class="fault" role="alert">{desk.faultAt(place)}</span>{/if}

<style>
    span {
        flex-basis: 100%;
    }
</style>
