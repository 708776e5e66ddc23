<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <style>
        body { font-family: 'DejaVu Sans', sans-serif; font-size: 9pt; color: #1d2b33; }
        h1 { margin: 0 0 1mm; font-size: 16pt; }
        h2 { margin: 4mm 0 1mm; font-size: 11pt; }
        table { width: 100%; border-collapse: collapse; }
        td { padding: 0.8mm 2mm 0.8mm 0; border-bottom: 0.2mm solid #a9b1aa; vertical-align: top; }
        .box { width: 4mm; height: 4mm; border: 0.3mm solid #1d2b33; }
        .card { width: 16mm; font-weight: bold; white-space: nowrap; }
        p { margin: 0 0 2mm; }
    </style>
</head>
<body>
    <h1>{{ $kit->name }}: the runs</h1>
    <p>{{ $setUps }} set-ups, about {{ $time }} with what has to dry.</p>
    @foreach ($runs as $n => $run)
        <h2>{{ $n + 1 }} · {{ $run['tool']->name }}</h2>
        <table>
            @foreach ($run['steps'] as $step)
                <tr>
                    <td style="width: 7mm"><div class="box"></div></td>
                    <td class="card">card {{ $step->card }}</td>
                    <td>{{ $step->says }}@if ($step->wait > 0) <b>Then leave it {{ \App\Wording\Minutes::of($step->wait) }}.</b>@endif</td>
                </tr>
            @endforeach
        </table>
    @endforeach
    <p>The makers' own instructions of each tool come first.</p>
</body>
</html>
