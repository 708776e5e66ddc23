<script lang="ts">
    import UnderWay from '@/parts/UnderWay.svelte'
    import { poll } from '@/lib/poll.svelte'
    import { sender } from '@/lib/send.svelte'
    import type { Reading } from '@/lib/props'

    /** Photographs being read, with progress and a stop, or why it failed. */
    let { reading, path }: { reading: Reading; path: string } = $props()

    poll('reading', () => reading.isUnderWay)
</script>

<UnderWay
    isUnderWay={reading.isUnderWay}
    isFault={reading.isFault}
    done={reading.done}
    of={100}
    doing="Reading"
    counts="Read so far"
    onstop={() => sender.send(`${path}/stop`)}
>
    {reading.says}
</UnderWay>
