<script lang="ts">
    /**
     * A measure that is typed, or changed by the arrow keys in marks of the ruler. What is typed stays until the server has read
     * it. The server counts the marks.
     */
    let {
        label,
        value,
        share = null,
        about,
        placeholder,
        fault = null,
        ontyped,
        onsteps,
    }: {
        label: string
        value: string
        share?: string | null
        about: string
        placeholder?: string
        fault?: string | null
        ontyped: (text: string) => void
        onsteps: (steps: number) => void
    } = $props()

    let typed = $state<string | null>(null)
    const id = $props.id()

    // Only another value counts as an answer, since a page with a refusal brings the same one.
    const shown = $derived(value)
    $effect(() => {
        void shown
        typed = null
    })

    function keep(): void {
        if (typed !== null && typed.trim() !== value) ontyped(typed)
    }

    function press(event: KeyboardEvent): void {
        const steps = { ArrowUp: 1, ArrowDown: -1 }[event.key] ?? 0
        if (steps === 0) {
            if (event.key === 'Enter') keep()
            return
        }
        event.preventDefault()
        typed = null
        onsteps(steps * (event.shiftKey ? 4 : 1))
    }
</script>

<span class="field">
    <label for={id}>{label}</label>
    <input
        {id}
        size="5"
        {placeholder}
        autocomplete="off"
        title={share ? `${share}; up and down change it by a mark` : 'up and down change it by a mark'}
        aria-label="{about}, {label}"
        aria-invalid={fault !== null}
        bind:value={() => typed ?? value, (text) => (typed = text)}
        onkeydown={press}
        onchange={keep}
    />
    {#if fault}<span class="fault" role="alert">{fault}</span>{/if}
</span>

<style>
    .field {
        display: inline-flex;
        flex-wrap: wrap;
        align-items: center;
        gap: 0.375rem;
        color: var(--ink-soft);
        font-size: var(--small);
    }

    input {
        width: 4rem;
        padding: 0.375rem 0.5rem;
        font-size: var(--body);
        font-weight: 600;
        color: var(--ink);
    }

    .fault {
        flex-basis: 100%;
    }
</style>
