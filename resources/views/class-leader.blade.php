@extends('print')

@section('title')
{{ $page->name }}
@endsection

@section('style')
    body { font-size: 10pt; }
    h2 { margin: 4mm 0 1mm; font-size: 12pt; }
    table { width: 100%; border-collapse: collapse; }
    td { padding: 0.8mm 3mm 0.8mm 0; border-bottom: 0.2mm solid #a9b1aa; vertical-align: top; }
    .at { width: 30mm; font-weight: bold; white-space: nowrap; }
@endsection

@section('body')
<h1>{{ $page->name }}</h1>
<p>{{ $page->people }} people, {{ $page->cards }} cards each, {{ $page->about }}. Begins {{ $page->begins }}, done about {{ $page->ends }}.</p>
<h2>Beforehand, {{ $page->beforeTime }}</h2>
<table>
    @foreach ($page->before as $one)
        <tr><td><span class="box"></span></td><td class="at">{{ $one['time'] }}</td><td>{{ $one['label'] }}</td></tr>
    @endforeach
</table>
<h2>Cuts by the setting of the guide</h2>
<p>@foreach ($page->settings as $one)<b>{{ $one['at'] }}</b>: {{ $one['cuts'] }} {{ $one['cuts'] === 1 ? 'time' : 'times' }}@if (! $loop->last), @endif @endforeach</p>
<h2>Into each of the {{ $page->people }} bags</h2>
<table>
    @foreach ($bag->lines as $line)
        <tr><td><span class="box"></span></td><td class="at">{{ $line['amount'] }}</td><td>card {{ $line['card'] }}, {{ $line['part'] }}: {{ $line['what'] }}@if ($line['done'] !== ''), {{ $line['done'] }}@endif</td></tr>
    @endforeach
</table>
<h2>At the table</h2>
<table>
    @foreach ($page->clock as $one)
        <tr><td class="at">{{ $one['at'] }}</td><td>card {{ $one['card'] }}: {{ $one['says'] }}</td><td>{{ $one['tool'] }}</td></tr>
    @endforeach
</table>
<h2>To have and to buy</h2>
<table>
    @foreach ($page->groups as $group)
        @foreach ($group['lines'] as $line)
            <tr><td>{{ $line['name'] }}</td><td class="at">{{ $line['needs'] }}</td><td>{{ $line['add'] === null ? 'here' : 'buy '.$line['add'] }}</td></tr>
        @endforeach
    @endforeach
</table>
@endsection
