<script lang="ts">
    import Button from '@/parts/Button.svelte'
    import Empty from '@/parts/Empty.svelte'
    import { kit } from '@/lib/kit'
</script>

<!-- A photograph that was saved or discarded. Undo knows which. -->
<Empty title="Done with">
    <p>Its pieces are in the kit, with their pictures. Undo brings the photograph back.</p>
    <Button main href="{kit.frame.url}/unpack">Look at the kit</Button>
    <Button href="{kit.frame.url}/photographs">More photographs</Button>
</Empty>
