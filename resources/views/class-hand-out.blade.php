<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <style>
        body { font-family: 'DejaVu Sans', sans-serif; font-size: 10pt; color: #1d2b33; }
        h1 { margin: 0 0 1mm; font-size: 16pt; }
        table { width: 100%; border-collapse: collapse; }
        tr { page-break-inside: avoid; }
        td { padding: 1.5mm 3mm 1.5mm 0; border-bottom: 0.2mm solid #a9b1aa; vertical-align: top; }
        .number { width: 8mm; font-size: 14pt; font-weight: bold; }
        .page { page-break-after: always; }
        .page:last-child { page-break-after: auto; }
        p { margin: 0 0 2mm; }
        .soft { color: #55626a; }
    </style>
</head>
<body>
    @foreach ($cards as $one)
        <div class="page">
            <h1>{{ $class->name }}: card {{ $one['card']->number }}</h1>
            <p>{{ $one['card']->sketch->name }} · {{ count($one['steps']) }} steps, about {{ $one['time'] }}. All in your bag is cut and ready unless a step says so.</p>
            <table>
                @foreach ($one['steps'] as $n => $step)
                    <tr>
                        <td class="number">{{ $n + 1 }}</td>
                        <td style="width: {{ $wide }}mm">@if ($one['pictures'][$n] !== null)<img src="{{ $one['pictures'][$n] }}" alt="" style="width: {{ $wide }}mm">@endif</td>
                        <td>{{ $step->says }}<br><span class="soft">{{ $step->tool->name }}@if ($step->wait > 0); then leave it {{ \App\Wording\Minutes::of($step->wait) }}@endif</span></td>
                    </tr>
                @endforeach
            </table>
            @foreach ($one['cautions'] as $caution)
                <p>△ {{ $caution }}</p>
            @endforeach
        </div>
    @endforeach
</body>
</html>
