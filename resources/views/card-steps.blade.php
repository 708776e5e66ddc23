@extends('print')

@section('title')
Card {{ $card->number }} of {{ $kit->name }}
@endsection

@section('style')
@include('steps-style')
@endsection

@section('body')
<h1>Card {{ $card->number }}, {{ $card->occasion->label() }}</h1>
<p>{{ $kit->name }} · {{ $card->toSketch()->name }} · {{ count($steps) }} steps, {{ $time }} of work</p>
@include('steps')
@endsection
