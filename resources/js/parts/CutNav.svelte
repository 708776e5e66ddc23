<script lang="ts">
    import SubNav from './SubNav.svelte'

    const views = [
        { path: 'cut', label: 'Table' },
        { path: 'class', label: 'For a class' },
    ]
</script>

<SubNav name="Cut" {views} />
