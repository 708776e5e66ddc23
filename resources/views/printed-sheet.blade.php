{{-- A sheet in its real size on a page of its own. --}}
@if ($printed->isOwnPage())
    <div class="real">
        {!! $printed->picture($shows) !!}
        <p>{{ $shows }}</p>
    </div>
@endif
