@if ($solo->surface !== '')<p>{{ __('solos.surface') }} {{ $solo->surface }}</p>@endif
@if ($solo->points !== [])<ol>@foreach ($solo->points as $point)<li>{{ $point }}</li>@endforeach</ol>@endif
@if ($page->missing !== [])
    <div class="flash flash-error" role="status">{{ __('solos.missing', ['titles' => implode(', ', $page->missing)]) }}</div>
@endif
@if ($page->beats !== [])
    <section x-data="counting" aria-label="{{ __('solos.beats') }}">
        <ol class="home-beats">
            @foreach ($page->beats as $beat)
                <li data-seconds="{{ $beat['seconds'] }}" data-cue="{{ $beat['cue'] }}">{{ $beat['text'] }}
                    <em>{{ $beat['note'] }}</em></li>
            @endforeach
        </ol>
        <div class="home-acts">
            <x-field name="pace" :id="'pace-solo-'.$solo->id" :label="__('home.pace')"><select class="form-select"
                id="pace-solo-{{ $solo->id }}" x-ref="pace">
                @foreach ($page->rungs() as $rung)<option value="{{ $rung->pace }}">{{ $rung->name }}</option>@endforeach
            </select></x-field>
            <button type="button" class="btn btn-plain" x-on:click="toggle" x-text="word"
                data-count="{{ __('home.count') }}" data-stop="{{ __('home.stop') }}">{{ __('home.count') }}</button>
        </div>
    </section>
@endif
@if ($solo->mistakes !== [])
    <h3>{{ __('solos.mistakes') }}</h3>
    <ul>@foreach ($solo->mistakes as $mistake)<li>{{ $mistake }}</li>@endforeach</ul>
@endif
