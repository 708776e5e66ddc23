<script lang="ts">
    import { kit } from '@/lib/kit'
    import type { DraftFields } from '@/lib/draft.svelte'

    /** What the new kit is by its list, in one line. What is typed here counts instead. */
    let { said, about }: { said: Record<string, string>; about: DraftFields<Record<string, string>> } = $props()

    const fields = [
        { key: 'name', label: 'Name', size: 24 },
        { key: 'cards', label: 'Cards', size: 4 },
        { key: 'front', label: 'Front', size: 12 },
        { key: 'price', label: 'Price', size: 10 },
    ]
</script>

<div class="about">
    {#each fields as { key, label, size } (key)}
        <div class:wide={key === 'name'}>
            <label for="about-{key}">{label}</label>
            <input
                id="about-{key}"
                {size}
                autocomplete="off"
                value={about.written[key] ?? said[key] ?? ''}
                placeholder={key === 'price' ? '28.00' : undefined}
                aria-invalid={!!kit.errors[key]}
                aria-describedby={kit.errors[key] ? `about-${key}-fault` : undefined}
                oninput={(event) => about.write({ [key]: event.currentTarget.value })}
            />
            {#if kit.errors[key]}<p id="about-{key}-fault" class="fault" role="alert">{kit.errors[key]}</p>{/if}
        </div>
    {/each}
</div>

<style>
    .about {
        display: flex;
        flex-wrap: wrap;
        gap: 0.5rem 0.75rem;
    }

    .about div {
        display: grid;
        gap: 0.125rem;
        min-width: 0;
    }

    .wide {
        flex: 1 1 12rem;
    }

    label {
        color: var(--ink-soft);
        font-size: var(--small);
        font-weight: 600;
    }

    input {
        min-width: 0;
        max-width: 100%;
    }

    .fault {
        max-width: 14rem;
        color: var(--madder);
        font-size: var(--small);
    }
</style>
