{{-- The steps of a card as a table, each with its drawing, and the cautions below. --}}
<table>
    @foreach ($steps as $n => $step)
        <tr>
            <td class="number">{{ $n + 1 }}</td>
            <td style="width: {{ $wide }}mm">@if ($pictures[$n] !== null){!! $pictures[$n] !!}@endif</td>
            <td>{{ $step->says }}<br><span class="soft">{{ $step->tool->name }}@if ($step->wait > 0); then let it dry {{ \App\Wording\Minutes::of($step->wait) }}@endif</span></td>
        </tr>
    @endforeach
</table>
@foreach ($cautions as $caution)
    <p class="caution">{{ $caution }}</p>
@endforeach
