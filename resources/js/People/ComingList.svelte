<script lang="ts">
    import type { ComingDay } from '@/lib/props'

    interface Props {
        coming: ComingDay[]
        chosen: number | null
        onchoose: (day: number) => void
    }

    /** The coming days, each with its card and when the card must go. One of them is chosen. */
    let { coming, chosen, onchoose }: Props = $props()

    const format = (on: string, how: Intl.DateTimeFormatOptions): string =>
        new Intl.DateTimeFormat(navigator.language, { ...how, timeZone: 'UTC' }).format(new Date(on))
    const inDays = (days: number): string => (days === 0 ? 'today' : days === 1 ? 'tomorrow' : `in ${days} days`)
</script>

<ol>
    {#each coming as day (day.id)}
        <li>
            <button type="button" aria-pressed={day.id === chosen} onclick={() => onchoose(day.id)}>
                <span class="date"
                    ><b>{format(day.on, { day: 'numeric' })}</b>
                    <small>{format(day.on, { month: 'short' })}, {format(day.on, { weekday: 'short' })}</small></span
                >
                <span class="who"
                    ><b>{day.who}</b>, {day.occasion}
                    <small>{inDays(day.days)}; <span class:late={day.isLate}>{day.send}</span></small></span
                >
                <span class="card" class:has={day.card !== null}>
                    <svg viewBox="0 0 16 20" width="16" height="20" aria-hidden="true">
                        <path d="M1 1h11l3 3v15H1z" />
                        {#if day.isGiven}<path d="M4 11l3 3 5-7" />{/if}
                    </svg>
                    <small>{day.isGiven ? 'given' : (day.card ?? 'no card yet')}</small>
                </span>
            </button>
        </li>
    {/each}
</ol>

<style>
    ol {
        margin: 0;
        padding: 0;
        list-style: none;
    }

    button {
        display: grid;
        grid-template-columns: 4.5rem minmax(0, 1fr) 6.5rem;
        align-items: center;
        gap: 0.75rem;
        width: 100%;
        min-height: var(--target);
        padding: 0.375rem 0.5rem;
        border: 0;
        border-bottom: 1px solid var(--line);
        border-left: 4px solid transparent;
        background: transparent;
        color: var(--ink);
        font: inherit;
        text-align: left;
        cursor: pointer;
    }

    button[aria-pressed='true'] {
        border-left-color: var(--here);
        background: var(--here-soft);
    }

    small {
        display: block;
        color: var(--ink-soft);
        font-size: var(--small);
    }

    .date b {
        font-size: var(--title);
        line-height: 1;
    }

    .late {
        color: var(--ink);
        font-weight: 700;
    }

    .card {
        display: grid;
        grid-template-columns: auto 1fr;
        align-items: center;
        gap: 0.375rem;
    }

    path {
        fill: none;
        stroke: var(--ink-soft);
        stroke-dasharray: 2 2;
    }

    .has path {
        fill: var(--kraft-soft);
        stroke: var(--kraft-ink);
        stroke-dasharray: none;
    }

    .has path + path {
        fill: none;
        stroke-width: 1.8;
    }
</style>
