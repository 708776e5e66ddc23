<script lang="ts">
    import Button from './Button.svelte'
    import { kit } from '@/lib/kit'
    import type { FileLink } from '@/lib/props'

    interface Props {
        at: FileLink['at']
        /** The address of the thing they are about. */
        of: string
        inText?: boolean
    }

    /** The files about a kit, a card or a sheet. */
    let { at, of, inText = false }: Props = $props()
</script>

{#each kit.filesAt(at) as file (file.path)}
    {#if inText}
        <span><a href="{of}/{file.path}" download={file.isShown ? undefined : ''}>{file.label}</a></span>
    {:else}
        <Button href="{of}/{file.path}" download={!file.isShown}>{file.label}</Button>
    {/if}
{/each}

<style>
    span {
        margin-left: 0.25em;
    }

    span::before {
        content: '· ';
    }
</style>
