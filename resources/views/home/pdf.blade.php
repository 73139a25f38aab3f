<x-paper :title="__('home.title', ['name' => $student->name])">
<p>{{ $week->title() }}. {{ __('home.lead') }}</p>
@foreach ($week->items as $item)
    <section>
        <h2>☐☐☐☐☐ {{ $item->answer->title }} <small>{{ sided($item->attack->title, $item->side) }}</small></h2>
        <ol>@foreach ($week->beats($item) as $beat)<li>{{ $beat['text'] }} <em>{{ $beat['note'] }}</em></li>@endforeach</ol>
        <p>@if ($week->targets($item) !== ''){{ __('home.targets') }} {{ $week->targets($item) }}. @endif
            @if ($week->mistakes($item) !== []){{ __('home.mistakes') }} {{ implode(' · ', $week->mistakes($item)) }}@endif</p>
    </section>
@endforeach
@foreach ($week->solos as $page)@include('solos.page')@endforeach
</x-paper>
