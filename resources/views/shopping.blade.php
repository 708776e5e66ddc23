@extends('print')

@section('title')
{{ $shopping->kit->name }}: what to buy
@endsection

@section('style')
    body { font-size: 10pt; }
    h1 { margin: 0 0 2mm; font-size: 16pt; }
    h2 { margin: 5mm 0 1mm; font-size: 12pt; }
    table { width: 100%; border-collapse: collapse; }
    td { padding: 1.2mm 2mm 1.2mm 0; border-bottom: 0.2mm solid #a9b1aa; vertical-align: top; }
    .sum { width: 32mm; text-align: right; white-space: nowrap; }
    small { color: #55626a; }
@endsection

@section('body')
<h1>{{ $shopping->kit->name }}: what to buy</h1>
@foreach ($shopping->lists as $list)
    <h2>{{ $list->title }}</h2>
    <table>
        @forelse ($list->lines as $line)
            <tr>
                <td style="width: 7mm"><span class="box"></span></td>
                <td>{{ $line->says() }}<br><small>{{ $line->lacks }}@if ($line->or); or {{ $line->or }}@endif</small></td>
                <td class="sum">@if ($cost = $shopping->cost($line)){{ $cost->amount() }} {{ $cost->currency }}@endif</td>
            </tr>
        @empty
            <tr><td>Nothing: it is all there.</td></tr>
        @endforelse
        @if ($sum = $shopping->sum($list))
            <tr><td></td><td>Together</td><td class="sum">{{ $sum->amount() }} {{ $sum->currency }}</td></tr>
        @endif
    </table>
@endforeach
@endsection
