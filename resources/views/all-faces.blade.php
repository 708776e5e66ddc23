<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <style>
        body { font-family: 'DejaVu Sans', sans-serif; color: #1d2b33; }
        h1 { margin: 0 0 3mm; font-size: 14pt; }
    </style>
</head>
<body>
    <h1>{{ $kit->name }}</h1>
    <img src="{{ $picture }}" style="width: {{ $width }}mm">
</body>
</html>
