<script lang="ts">
    import { kit } from '@/lib/kit'
    import { sender } from '@/lib/send.svelte'

    interface Props {
        component: string
        says: string
        price: string
        currency: string | null
    }

    /** The price of one pack, if the maker knows it. What was refused stays typed. */
    let { component, says, price, currency }: Props = $props()

    const id = $derived(component.slice(1))
    const fault = $derived(kit.errors[`price.${id}`])
    let typed = $state<string | null>(null)
    const uid = $props.id()

    function keep(text: string): void {
        typed = text
        if (text.trim() === price) return
        sender.send(`keep/price/${id}`, { price: text }, { done: () => (typed = null) })
    }
</script>

<label>
    <span>each{currency ? `, ${currency}` : ''}</span>
    <input
        value={typed ?? price}
        inputmode="decimal"
        autocomplete="off"
        aria-label="Price of one: {says}"
        aria-invalid={fault ? true : undefined}
        aria-describedby={fault ? `${uid}-fault` : undefined}
        oninput={(event) => (typed = event.currentTarget.value)}
        onchange={(event) => keep(event.currentTarget.value)}
    />
    {#if fault && typed !== null}<small class="fault" id="{uid}-fault" role="alert">{fault}</small>{/if}
</label>

<style>
    label {
        display: grid;
        justify-items: end;
        color: var(--ink-soft);
        font-size: var(--small);
    }

    input {
        width: 6rem;
        min-height: var(--target);
        text-align: right;
    }

    .fault {
        max-width: 14rem;
        color: var(--madder);
        text-align: right;
    }
</style>
