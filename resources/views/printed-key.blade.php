{{-- A sheet among the text, and what the letters on it stand for. --}}
@if (! $printed->isOwnPage())
    {!! $printed->picture($shows) !!}
@endif
<p>@include('on-it', ['said' => $printed->drawing->said()])</p>
