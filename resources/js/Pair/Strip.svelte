<script lang="ts">
    import { surfaceFill } from '@/lib/surfaces'
    import type { Goods } from '@/lib/props'
    import { faceName, laidOf } from './faces'

    /** Papers side by side. */
    let { surfaces, goods }: { surfaces: string[]; goods: Goods } = $props()
</script>

<span>
    {#each surfaces as one (one)}
        {@const laid = laidOf(one)}
        <svg viewBox="0 0 22 34" width="26" height="40" role="img" aria-label={faceName(laid, goods)}>
            <rect width="22" height="34" fill={surfaceFill(laid.component, laid.face)} />
        </svg>
    {/each}
</span>

<style>
    span {
        display: flex;
        flex-wrap: wrap;
        margin: 0.25rem 0;
    }

    svg {
        box-shadow: 0 0 0 1px var(--paper-edge);
    }
</style>
