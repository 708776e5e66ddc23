@extends('print')

@section('title')
{{ $kit->name }}
@endsection

@section('style')
    body { font-size: 7.5pt; }
    h1 { margin: 0 0 3mm; font-size: 14pt; }
    h2 { margin: 5mm 0 1mm; font-size: 10pt; }
    table { width: 100%; border-collapse: collapse; }
    th, td { padding: 0.8mm 1.5mm; border-bottom: 0.2mm solid #c8cdd0; text-align: left; vertical-align: top; }
@endsection

@section('body')
<h1>{{ $kit->name }}: {{ count($cards) }} {{ count($cards) === 1 ? 'card' : 'cards' }}</h1>
<table>
    <tr><th>Card</th><th>Part</th><th>From</th><th>How much</th></tr>
    @foreach ($lines as $n => [$number, $occasion, $sketch, $part, $component, $face, $amount])
        <tr>
            <td>@if ($n === 0 || $lines[$n - 1][0] !== $number)<b>{{ $number }}</b> {{ $occasion }}, {{ $sketch }}@endif</td>
            <td>{{ $part }}</td>
            <td>{{ $component }}{{ $face === '' ? '' : ", $face" }}</td>
            <td>{{ $amount === '0' ? '' : $amount }}{{ $face === '' ? '' : ' '.$file['unit'] }}</td>
        </tr>
    @endforeach
</table>
<h2>What is left</h2>
<table>
    <tr><th>Component</th><th>There</th><th>Taken</th><th>Left</th></tr>
    @foreach ($file['balance'] as $line)
        <tr>
            <td>{{ $line['name'] }}</td>
            <td>{{ $line['have'] ?? $line['sheets'].' sheets' }}</td>
            <td>{{ $line['taken'] ?? $line['pieces'].' pieces from '.$line['opened'] }}</td>
            <td>{{ $line['kept'] }}</td>
        </tr>
    @endforeach
</table>
@endsection
