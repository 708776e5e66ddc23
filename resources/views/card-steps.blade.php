<!DOCTYPE html>
<html lang="en">
<head>
    @include('steps-style')
</head>
<body>
    <h1>Card {{ $card->number }}, {{ $card->occasion->label() }}</h1>
    <p>{{ $kit->name }} · {{ $card->toSketch()->name }} · {{ count($steps) }} steps, {{ $time }} in hand</p>
    @include('steps')
</body>
</html>
