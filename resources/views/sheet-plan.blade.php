@extends('print')

@section('title')
{{ $sheet['name'] }}, {{ $sheet['which'] }}
@endsection

@section('style')
    body { font-size: 9pt; }
    td { padding: 0.4mm 4mm 0.4mm 0; }
    .at { font-size: 12pt; font-weight: bold; white-space: nowrap; }
@endsection

@section('body')
<h1>{{ $sheet['name'] }}, {{ $sheet['which'] }}</h1>
<p>{{ $kit->name }} · {{ $sheet['measure'] }}, print side up. {{ $printed->says() }}</p>
@include('printed-key')
<table>
    @foreach ($sheet['cuts'] as $cut)
        <tr>
            <td>{{ $cut['number'] }}</td>
            <td class="at">{{ $cut['at'] }} {{ $cut['unit'] }}</td>
            <td>{{ $cut['turn'] ? 'Turn a quarter, then from' : 'From' }} the {{ $cut['from'] }} edge of the part {{ $cut['inHand'] }}. {{ implode(' ', $cut['frees']) }}</td>
        </tr>
    @endforeach
</table>
<p>Keep your fingers behind the guard, and cut away from yourself. Close or cap the blade between sheets. Your trimmer's own instructions come first.</p>
@include('printed-sheet')
@endsection
