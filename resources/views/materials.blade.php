@extends('print')

@section('title')
{{ $materials->title() }}
@endsection

@section('style')
    body { font-size: 9pt; }
    h1 { margin: 0 0 1mm; font-size: 15pt; }
    h2 { margin: 6mm 0 1mm; padding-bottom: 1mm; border-bottom: 0.4mm solid #1d2b33; font-size: 12pt; break-after: avoid; }
    h3 { margin: 2mm 0 0.5mm; font-size: 9pt; break-after: avoid; }
    p { margin: 0 0 1mm; }
    ul, ol { margin: 0; padding-left: 5mm; }
    li { margin-bottom: 0.4mm; break-inside: avoid; }
@endsection

@section('body')
<h1>{{ $materials->title() }}</h1>
@foreach ($materials->about as $line)
    <p>{{ $line }}</p>
@endforeach
@foreach ($materials->cards as $card)
    <h2>{{ $card->title }}</h2>
    @foreach ($card->under as $heading => $lines)
        <h3>{{ $heading }}</h3>
        @if ($heading === 'Steps')
            <ol>@foreach ($lines as $line)<li>{{ $line }}</li>@endforeach</ol>
        @else
            <ul>@foreach ($lines as $line)<li>{{ $line }}</li>@endforeach</ul>
        @endif
    @endforeach
@endforeach
@endsection
