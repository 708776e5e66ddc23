<!DOCTYPE html>
<html lang="en" data-theme="{{ request()->cookie('theme') === 'evening' ? 'evening' : 'light' }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ $title }} · Keep Share</title>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    @vite(['resources/css/fault.css'])
</head>
<body>
    <header><a href="/">Keep Share</a></header>
    <main>
        <h1>{{ $title }}</h1>
        <p>{{ $says }}</p>
        <p><a class="way" href="/">Go to the shelf</a></p>
    </main>
</body>
</html>
