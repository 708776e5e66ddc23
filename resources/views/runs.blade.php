@extends('print')

@section('title')
{{ $kit->name }}: the runs
@endsection

@section('style')
    body { font-size: 9pt; }
    h2 { margin: 4mm 0 1mm; font-size: 11pt; }
    table { width: 100%; border-collapse: collapse; }
    td { padding: 0.8mm 2mm 0.8mm 0; border-bottom: 0.2mm solid #a9b1aa; vertical-align: top; }
    .card { width: 16mm; font-weight: bold; white-space: nowrap; }
@endsection

@section('body')
<h1>{{ $kit->name }}: the runs</h1>
<p>{{ $setUps }} tool changes, about {{ $time }} with drying.</p>
@foreach ($runs as $n => $run)
    <h2>{{ $n + 1 }} · {{ $run['tool']->name }}</h2>
    <table>
        @foreach ($run['steps'] as $step)
            <tr>
                <td style="width: 7mm"><span class="box"></span></td>
                <td class="card">card {{ $step->card }}</td>
                <td>{{ $step->says }}@if ($step->wait > 0) <b>Then let it dry {{ \App\Wording\Minutes::of($step->wait) }}.</b>@endif</td>
            </tr>
        @endforeach
    </table>
@endforeach
<p>The makers' own instructions of each tool come first.</p>
@endsection
