<script lang="ts">
    import Button from '@/parts/Button.svelte'
    import Empty from '@/parts/Empty.svelte'
    import Frame from '@/parts/Frame.svelte'
    import { useKeys } from '@/lib/keys.svelte'
    import { router } from '@inertiajs/svelte'
    import type { GonePage } from '@/lib/props'

    /** What was asked for is not there. The way on is one key away. */
    let { title, says, way, label, shelf }: GonePage = $props()

    useKeys(() => [{ key: 'Enter', shown: 'Enter', says: `Go to ${label}`, run: () => router.visit(way) }])
</script>

<Frame {title} {shelf}>
    <Empty {title}>
        <p>{says}</p>
        <Button main key="Enter" href={way}>Go to {label}</Button>
    </Empty>
</Frame>
