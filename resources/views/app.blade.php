<!DOCTYPE html>
<html lang="en" data-theme="{{ request()->cookie('theme') === 'evening' ? 'evening' : 'light' }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>Keep Share</title>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    @vite(['resources/js/app.ts', "resources/js/{$page['component']}.svelte"])
    @inertiaHead
</head>
<body>
    @inertia
</body>
</html>
