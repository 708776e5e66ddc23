<script lang="ts">
    import Button from '@/parts/Button.svelte'

    /** What differs from the list, to be sent to the maker of the kit. */
    let { report }: { report: string } = $props()

    let copied = $state(false)

    async function copy(): Promise<void> {
        await navigator.clipboard.writeText(report)
        copied = true
    }
</script>

<section aria-labelledby="report-title">
    <h2 id="report-title">To send to the maker of the kit</h2>
    <pre>{report}</pre>
    <Button onclick={copy}>{copied ? 'Copied' : 'Copy as text'}</Button>
</section>

<style>
    section {
        margin-top: 2rem;
        padding: 1.25rem 1.5rem;
        background: var(--rail);
        border-radius: var(--radius);
    }

    pre {
        margin: 0.75rem 0;
        font: inherit;
        white-space: pre-wrap;
    }
</style>
