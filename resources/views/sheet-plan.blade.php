<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <style>
        body { font-family: 'DejaVu Sans', sans-serif; font-size: 9pt; color: #1d2b33; }
        h1 { margin: 0 0 1mm; font-size: 16pt; }
        p { margin: 0 0 2mm; }
        td { padding: 0.4mm 4mm 0.4mm 0; }
        .at { font-size: 12pt; font-weight: bold; white-space: nowrap; }
    </style>
</head>
<body>
    <h1>{{ $sheet['name'] }}, {{ $sheet['which'] }}</h1>
    <p>{{ $kit->name }} · {{ $sheet['measure'] }}, print side up. {{ $scale }}</p>
    <img src="{{ $picture }}" alt="" style="width: {{ $width }}mm; height: {{ $height }}mm">
    <table>
        @foreach ($sheet['cuts'] as $cut)
            <tr>
                <td>{{ $cut['number'] }}</td>
                <td class="at">{{ $cut['at'] }} {{ $cut['unit'] }}</td>
                <td>{{ $cut['turn'] ? 'Turn a quarter, then from' : 'From' }} the {{ $cut['from'] }} edge of the part {{ $cut['inHand'] }}. {{ implode(' ', $cut['frees']) }}</td>
            </tr>
        @endforeach
    </table>
    <p>Blade: fingers behind the guard, cut away from yourself, close and cap the blade between sheets. Your trimmer's own instructions come first.</p>
</body>
</html>
