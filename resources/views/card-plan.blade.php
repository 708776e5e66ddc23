@extends('print')

@section('title')
Card {{ $page->front['number'] }} of {{ $kit->name }}
@endsection

@section('style')
    body { font-size: {{ $points }}pt; }
    h1 { margin: 0 0 2mm; font-size: 2em; }
    h2 { margin: 3mm 0 1.5mm; font-size: 1.3em; }
    table { width: 100%; border-collapse: collapse; }
    td, th { padding: 0.8mm 3mm 0.8mm 0; border-bottom: 0.2mm solid #a9b1aa; text-align: left; }
    .size { font-size: 1.45em; font-weight: bold; white-space: nowrap; }
    .top td { border: 0; vertical-align: top; }
@endsection

@section('body')
<table class="top">
    <tr>
        <td>
            <h1>Card {{ $page->front['number'] }}, {{ $page->front['occasion'] }}</h1>
            <p>{{ $kit->name }} · {{ $page->front['sketch'] }}<br>{{ $page->size }} · about {{ $page->thickness }} thick</p>
            <h2>Cut</h2>
            @foreach ($page->cuts as $cut)
                <p><span class="size">{{ $cut['size'] }} {{ $kit->unit->value }}</span><br>{{ $cut['part'] }}, {{ $cut['from'] }}{{ $cut['score'] ? ', score at '.$cut['score'] : '' }}</p>
            @endforeach
        </td>
        @if ($placing->isOwnPage())
            <td>
                <h2>The front</h2>
                <p>{{ $placing->says() }} @include('on-it')</p>
            </td>
        @else
            <td style="width: {{ $width }}mm">
                {!! $picture !!}
                <p>The front. {{ $placing->says() }} @include('on-it')</p>
            </td>
        @endif
    </tr>
</table>
<h2>Glue, from the base up</h2>
<table>
    @foreach ($page->stack as $n => $layer)
        <tr><td>{{ $n + 1 }}</td><td>{{ $layer['name'] }}{{ $layer['foam'] > 0 ? ', on foam' : '' }}</td><td>{{ $layer['good'] }}</td><td>showing: {{ $layer['reveal'] }}</td></tr>
    @endforeach
    @foreach ($page->stuck as $stuck)
        <tr><td></td><td>{{ $stuck['name'] }}</td><td>{{ $stuck['good'] ?? 'still open' }}</td><td>{{ $stuck['amount'] }}</td></tr>
    @endforeach
</table>
<p>{{ implode(' ', $page->build['steps']) }} <b>Do not glue:</b> {{ $page->build['open'] }}</p>
@if ($page->design['notes'] !== '')
    <p>{{ \Illuminate\Support\Str::limit($page->design['notes'], 400) }}</p>
@endif
<p>Dry-fit everything before you use glue. Cut away from your fingers, and close or cap the blade. Keep small pieces away from small children and pets. The instructions of the tools' makers come first.</p>
@if ($placing->isOwnPage())
    <div class="real">
        {!! $picture !!}
        <p>Card {{ $page->front['number'] }} of {{ $kit->name }}</p>
    </div>
@endif
@endsection
