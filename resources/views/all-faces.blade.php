@extends('print')

@section('title')
{{ $kit->name }}
@endsection

@section('style')
    body { }
    h1 { margin: 0 0 3mm; font-size: 14pt; }
@endsection

@section('body')
<h1>{{ $kit->name }}</h1>
{!! $picture !!}
@endsection
