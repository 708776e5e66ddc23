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
        p { margin: 0 0 2mm; }
        .soft { color: #55626a; }
    </style>
</head>
<body>
    <h1>Card {{ $card->number }}, {{ $card->occasion->label() }}</h1>
    <p>{{ $kit->name }} · {{ $card->toSketch()->name }} · {{ count($steps) }} steps, {{ $time }} in hand</p>
    <table>
        @foreach ($steps as $n => $step)
            <tr>
                <td class="number">{{ $n + 1 }}</td>
                <td style="width: {{ $wide }}mm">@if ($pictures[$n] !== null)<img src="{{ $pictures[$n] }}" alt="" style="width: {{ $wide }}mm">@endif</td>
                <td>{{ $step->says }}<br><span class="soft">{{ $step->tool->name }}@if ($step->wait > 0); then leave it {{ \App\Wording\Minutes::of($step->wait) }}@endif</span></td>
            </tr>
        @endforeach
    </table>
    @foreach ($cautions as $caution)
        <p>△ {{ $caution }}</p>
    @endforeach
</body>
</html>
