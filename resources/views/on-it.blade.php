{{-- What the letters on a drawing stand for. --}}
@if ($said !== [])
On it, {{ implode('; ', $said) }}.
@endif
