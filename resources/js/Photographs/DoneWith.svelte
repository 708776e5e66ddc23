<script lang="ts">
    import Button from '@/parts/Button.svelte'
    import Empty from '@/parts/Empty.svelte'
    import { kit } from '@/lib/kit'
</script>

<!-- A photograph that was kept or left: which of both, undo knows. -->
<Empty title="Done with">
    <p>What was kept of it is in the kit, with its picture. Undo brings the photograph back.</p>
    <Button main href="{kit.frame.url}/unpack">Look at the kit</Button>
    <Button href="{kit.frame.url}/photographs">More photographs</Button>
</Empty>
