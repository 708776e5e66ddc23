<script lang="ts">
    import SubNav from './SubNav.svelte'

    const views = [
        { path: 'share-out', label: 'Cards' },
        { path: 'share-out/next', label: 'Card by card' },
        { path: 'share-out/compare', label: 'Compare' },
        { path: 'sketches', label: 'Sketches' },
        { path: 'folds', label: 'Folds' },
        { path: 'measures', label: 'Measures' },
    ]
</script>

<SubNav name="Share out" {views} />
