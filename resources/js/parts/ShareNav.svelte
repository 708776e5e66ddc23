<script lang="ts">
    import SubNav from './SubNav.svelte'

    const views = [
        { path: 'share-out', label: 'Cards' },
        { path: 'sketches', label: 'Sketches' },
        { path: 'measures', label: 'Measures' },
    ]
</script>

<SubNav name="Share out" {views} />
