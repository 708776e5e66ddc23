@extends('print')

@section('title')
{{ $recipe->name }}
@endsection

@section('style')
    body { font-size: 9pt; }
    h2 { margin: 3mm 0 1mm; font-size: 12pt; }
    td { padding: 0.4mm 4mm 0.4mm 0; vertical-align: top; }
    .at { font-size: 12pt; font-weight: bold; white-space: nowrap; }
    .cards td { width: 25%; padding: 0 3mm 4mm 0; }
@endsection

@section('body')
@foreach ($templates as $template)
    <div class="page">
        <h1>{{ $template['name'] }}</h1>
        <p>{{ $recipe->name }}. {{ $template['asks'] }} {{ $template['printed']->says() }} The arrow on a piece points to its upper edge.</p>
        @include('printed-key', $template)
        <table>
            @foreach (array_chunk($template['cuts'], 2) as $row)
                <tr>
                    @foreach ($row as $cut)
                        <td>{{ $cut['number'] }}</td>
                        <td class="at">{{ $cut['at'] }}</td>
                        <td>{{ $cut['turn'] ? 'turn, then ' : '' }}from the {{ $cut['from'] }} edge of {{ $cut['inHand'] }}</td>
                    @endforeach
                </tr>
            @endforeach
        </table>
        <p class="soft">Write the number of the card on the back of each piece. Keep your fingers behind the guard, and cut away from yourself. Close or cap the blade between sheets. Your trimmer's own instructions come first.</p>
    </div>
    @include('printed-sheet', $template)
@endforeach
<h1>{{ $recipe->name }}</h1>
<p>{{ $about }}</p>
<table class="cards" style="width: 100%">
    @foreach (array_chunk($cards, 4) as $row)
        <tr>
            @foreach ($row as $card)
                <td>
                    {!! $card['picture'] !!}<br>
                    <b>{{ $card['number'] }}</b> {{ $card['sketch'] }}, {{ $card['front'] }}<br>
                    <span class="soft">{{ $card['papers'] }}</span>
                </td>
            @endforeach
        </tr>
    @endforeach
</table>
<h2>What else is needed</h2>
<table>
    @foreach ($wants as $want)
        <tr><td><span class="box"></span></td><td class="at">{{ $want['many'] }}</td><td>{{ $want['what'] }}</td><td class="soft">cards {{ $want['cards'] }}</td></tr>
    @endforeach
</table>
@endsection
