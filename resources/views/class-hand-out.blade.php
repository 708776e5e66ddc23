@extends('print')

@section('title')
{{ $class->name }}
@endsection

@section('style')
@include('steps-style')
@endsection

@section('body')
@foreach ($cards as $one)
    <div class="page">
        <h1>{{ $class->name }}: card {{ $one['card']->number }}</h1>
        <p>{{ $one['card']->sketch->name }} · {{ count($one['steps']) }} steps, about {{ $one['time'] }}. All in your bag is cut and ready unless a step says so.</p>
        @include('steps', $one)
    </div>
@endforeach
@endsection
