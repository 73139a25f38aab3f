<x-layout :title="$solo->name.', '.$student->name">
<x-heading :title="$student->name">
    <x-slot:beside><span class="tag">{{ $solo->name }}</span></x-slot>
    <x-button size="sm" :href="route('basics.show', $solo)">{{ __('words.back') }}</x-button>
</x-heading>
<x-invalid/>
<form method="post" action="{{ route('basics.mark', [$solo, $student]) }}" class="slab">
    @csrf
    @if ($page->beats !== [])
        <p class="form-text">{{ __('solos.beats-of', ['name' => $solo->name]) }}</p>
        <ol class="beat-marks">
            @foreach ($page->beats as $beat)
                <li><span>{{ $beat['text'] }} <em>{{ $beat['note'] }}</em></span>
                    <x-select name="beats[{{ $beat['number'] }}]" :id="'beat-'.$beat['number']" small
                        :aria-label="$beat['text'].': '.__('solos.mark')" :value="old('beats.'.$beat['number'], 'sound')"
                        :options="texts('solos.marks')"/></li>
            @endforeach
        </ol>
    @endif
    @if ($solo->mistakes !== [])
        <fieldset><legend class="form-label fs-6">{{ __('solos.mistakes-seen') }}</legend>
            @foreach ($solo->mistakes as $mistake)
                <label class="d-block"><input type="checkbox" name="mistakes[]" value="{{ $mistake }}"
                    @checked(in_array($mistake, ticked('mistakes'), true))> {{ $mistake }}</label>
            @endforeach
        </fieldset>
    @endif
    <div class="home-acts mt-3" role="group" aria-label="{{ __('solos.mark') }}">
        @foreach (texts('solos.marks') as $mark => $name)
            <x-button :kind="$mark === 'sound' ? 'rust' : 'plain'" name="mark" :value="$mark">{{ $name }}</x-button>
        @endforeach
    </div>
</form>
<h2>{{ __('solos.to-mark') }}</h2>
@if ($practised > 0)<p>{{ trans_choice('solos.practised', $practised, ['weeks' => $weeks]) }}</p>@endif
@if ($marks->isEmpty())<p>{{ __('solos.standings.unmarked') }}</p>@endif
<ul class="mark-history">
    @foreach ($marks as $mark)
        <li>{{ __($mark->markedBy ? 'solos.by' : 'solos.by-file', [
            'mark' => __('solos.marks.'.$mark->mark->value), 'day' => school_time($mark->at),
            'name' => $mark->markedBy?->name]) }}@if ($mark->mistakes !== []): {{
            implode(' · ', $mark->mistakes) }}@endif
            @foreach ($mark->beats as $number => $beat) <small>{{ $number }} {{ __('solos.marks.'.$beat) }}</small>@endforeach
            <form method="post" action="{{ route('basics.unmark', [$solo, $student, $mark]) }}" class="d-inline">@csrf @method('delete')
                <x-button size="sm">{{ __('solos.take-back') }}</x-button></form></li>
    @endforeach
</ul>
</x-layout>
