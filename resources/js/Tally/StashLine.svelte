<script lang="ts">
    import { kit } from '@/lib/kit'
    import { money } from '@/lib/format'
    import { sender } from '@/lib/send.svelte'
    import type { FromStash } from '@/lib/props'

    /** What came from the stash, and what it cost by the price of its unit. */
    let { line, currency }: { line: FromStash; currency: string | null } = $props()

    let typed = $state<string | null>(null)
    const fault = $derived(typed !== null && sender.at === 'tally/stash-price' ? kit.errors['price'] : undefined)
    const uid = $props.id()

    function keep(price: string): void {
        typed = price
        if (price.trim() === line.price) return
        sender.send('tally/stash-price', { component: line.id.slice(1), price }, { done: () => (typed = null) })
    }
</script>

<tr>
    <th scope="row">{line.name}</th>
    <td>{line.said}</td>
    <td>
        {#if line.pack && currency}
            <label>
                <input
                    value={typed ?? line.price}
                    size="6"
                    inputmode="decimal"
                    autocomplete="off"
                    aria-label="{line.name}: what {line.pack} cost, {currency}"
                    aria-invalid={fault ? true : undefined}
                    aria-describedby={fault ? uid : undefined}
                    onchange={(event) => keep(event.currentTarget.value)}
                />
                {line.pack}
            </label>
            {#if fault}<small class="fault" id={uid} role="alert">{fault}</small>{/if}
        {/if}
    </td>
    <td class="cost">{line.cost ? money(line.cost) : line.pack ? 'no price yet' : 'costs nothing more'}</td>
</tr>

<style>
    th,
    td {
        padding: 0.25rem 0.75rem 0.25rem 0;
        border-bottom: 1px solid var(--line);
        font-weight: 500;
        text-align: left;
    }

    label {
        color: var(--ink-soft);
        font-size: var(--small);
    }

    .cost {
        text-align: right;
        white-space: nowrap;
    }

    .fault {
        display: block;
        color: var(--madder);
    }
</style>
