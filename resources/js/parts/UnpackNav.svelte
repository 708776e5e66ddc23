<script lang="ts">
    import SubNav from './SubNav.svelte'

    const views = [
        { path: 'unpack', label: 'Look' },
        { path: 'count', label: 'Count' },
        { path: 'add', label: 'Add lines' },
        { path: 'about', label: 'About the kit' },
    ]
</script>

<SubNav name="Unpack" {views} />
