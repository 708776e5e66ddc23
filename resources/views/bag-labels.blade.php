@extends('print')

@section('title')
Labels for the bags
@endsection

@section('style')
    body { font-size: 7.5pt; }
    table { width: 100%; border-collapse: separate; border-spacing: 3mm; }
    td { width: 50%; padding: 3mm; border: 0.2mm dashed #55626a; vertical-align: top; break-inside: avoid; }
    b { font-size: 20pt; }
    p { margin: 0; }
    .box { width: 2.2mm; height: 2.2mm; margin-right: 1mm; border-width: 0.2mm; }
@endsection

@section('body')
<table>
    @foreach ($rows as $row)
        <tr>
            @foreach ($row as $label)
                <td>
                    <b>{{ $label['number'] }}</b> {{ $label['title'] }}
                    @foreach ($label['lines'] as $line)<p><span class="box"></span> {{ $line }}</p>@endforeach
                </td>
            @endforeach
        </tr>
    @endforeach
</table>
@endsection
